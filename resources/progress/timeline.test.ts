import { describe, expect, it } from 'vitest';
import { csv, linesOf, placed, rowsOf, scaleOf, spanOf } from './timeline';

describe('a line of time', () => {
    it('keeps the distances between days', () => {
        const times = ['2026-09-01T10:00:00Z', '2026-09-11T10:00:00Z', '2026-10-01T10:00:00Z'];
        expect(placed(times, spanOf(times), 300, 7)).toEqual([0, 100, 300]);
    });

    it('puts what happened at one moment side by side', () => {
        const day = '2026-09-01T10:00:00Z';
        const times = [day, day, day, '2026-09-21T10:00:00Z'];
        expect(placed(times, spanOf(times), 200, 7)).toEqual([0, 7, 14, 200]);
    });

    it('has room around a single day', () => {
        const times = ['2026-09-01T10:00:00Z'];
        expect(placed(times, spanOf(times), 200, 7)).toEqual([100]);
    });
});

describe('a scale', () => {
    it.each([[[0.3, 4.7]], [[-12, 3]], [[5]], [[0]], [[1000, 1001]], [[-0.02, 0.01]]])(
        'holds every value of %j between round ends',
        (values) => {
            const scale = scaleOf(values, 0.01);
            const lines = linesOf(scale);
            const [bottom = NaN, top = NaN] = scale.domain();
            expect(bottom).toBeLessThanOrEqual(Math.min(...values));
            expect(top).toBeGreaterThanOrEqual(Math.max(...values));
            expect(top).toBeGreaterThan(bottom);
            expect([lines[0], lines.at(-1)]).toEqual([bottom, top]);
            expect(lines.length).toBeLessThanOrEqual(5);
        },
    );
});

describe('a table taken along', () => {
    it('lets no name be a formula, and numbers be numbers', () => {
        expect(csv([['=1+1', '@x', -3, 'plain']])).toBe('"\'=1+1","\'@x","-3","plain"\r\n');
    });

    it('quotes what needs it and ends each row', () => {
        const table = csv(
            rowsOf('scatter, cm', [{ at: '2026-09-01T10:00:00Z', label: 'he said "now"', value: 2.4, low: null, high: 3, n: 7 }]),
        );
        expect(table).toBe('"date","of","scatter, cm","90 % from","90 % to","n"\r\n"2026-09-01","he said ""now""","2.4","","3","7"\r\n');
    });
});

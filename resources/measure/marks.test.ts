import { describe, expect, it } from 'vitest';
import { nextOf, questionOf, STEPS, traceOf } from './marks';
import { bestFit, expected } from './suggest';

describe('what is marked', () => {
    it('is asked for in order, but for what was marked or skipped', () => {
        expect(nextOf(STEPS, {}, [])).toBe('ball_a');
        expect(nextOf(STEPS, { ball_a: [1, 1] }, ['ball_b'])).toBe('grip');
        expect(
            nextOf(
                STEPS,
                {},
                STEPS.map(({ id }) => id),
            ),
        ).toBeUndefined();
    });

    it('goes out as points, with the ball between its edges for a scale, and without what is not known', () => {
        expect(questionOf({ ball_a: [100, 50], ball_b: [140, 52], grip: [90, 10] }, 'left', [800, 600])).toEqual({
            target: 'left',
            size: [800, 600],
            points: { grip: [90, 10], ball: [120, 51] },
            scale: { from: [100, 50], to: [140, 52], mm: 42.67 },
        });
        expect(questionOf({ ball_a: [100, 50], level_a: [0, 1], level_b: [9, 1] }, 'right', [8, 6])).toEqual({
            target: 'right',
            size: [8, 6],
            points: {},
            level: [
                [0, 1],
                [9, 1],
            ],
        });
    });
});

describe('what is marked over frames', () => {
    const marks = { ball_a: [100, 50], ball_b: [140, 52] } as const;

    it('goes out in the order of the frames, in whatever order it was marked', () => {
        const traced = [
            { n: 7, time: 0.03, head: [5, 6] as [number, number] },
            { n: 5, time: 0.02, head: [3, 4] as [number, number], grip: [1, 2] as [number, number] },
        ];
        expect(traceOf({ ball_a: [...marks.ball_a], ball_b: [...marks.ball_b] }, traced, 'right', [800, 600], 240, 4)).toEqual({
            target: 'right',
            size: [800, 600],
            fps: 240,
            ball: [120, 51],
            scale: { from: [100, 50], to: [140, 52], mm: 42.67 },
            address_lean_deg: 4,
            frames: [
                { n: 5, head: [3, 4], grip: [1, 2] },
                { n: 7, head: [5, 6] },
            ],
        });
    });

    it('is no question without a ball: there would be no scale', () => {
        expect(traceOf({}, [], 'right', [8, 6], 240, undefined)).toBeNull();
    });
});

describe('the next clubhead', () => {
    it('is expected on the course of the nearest three', () => {
        const marked = [0, 1, 2, 9].map((n) => ({ n, at: [10 * n, n * n] as [number, number] }));
        expect(expected(marked.slice(0, 3), 3)).toEqual([30, 9]);
        expect(expected(marked.slice(0, 2), 2)).toEqual([20, 2]);
        expect(expected(marked.slice(0, 1), 1)).toBeNull();
    });

    it('is found where what lay around the last one lies now', () => {
        const spot = (size: number, x: number, y: number) => {
            const data = new Uint8ClampedArray(size * size).fill(200);
            for (const [dx, dy] of [
                [0, 0],
                [1, 0],
                [0, 1],
            ] as const)
                data[(y + dy) * size + x + dx] = 10;
            return { width: size, height: size, data };
        };
        expect(bestFit(spot(9, 4, 4), spot(29, 14 + 6, 14 - 3))).toEqual([6, -3]);
        // Nothing to see: the expected place holds.
        expect(bestFit(spot(9, 4, 4), { width: 29, height: 29, data: new Uint8ClampedArray(29 * 29).fill(200) })).toEqual([0, 0]);
    });
});

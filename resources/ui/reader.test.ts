import { afterEach, describe, expect, it, vi } from 'vitest';

async function readBy(languages: string[]) {
    vi.resetModules();
    vi.stubGlobal('navigator', { languages });
    return import('./reader');
}

describe('dates and numbers', () => {
    afterEach(() => {
        vi.unstubAllGlobals();
        vi.useRealTimers();
    });

    it.each([
        [['en-GB'], '24 Nov', '24 Nov 2025', /^24 Nov,? (at )?10:32$/, 'Tue 24 Nov'],
        [['de', 'en-US'], 'Nov 24', 'Nov 24, 2025', /^Nov 24,? (at )?10:32.AM$/, 'Tue, Nov 24'],
        [['de'], '24 Nov', '24 Nov 2025', /^24 Nov,? (at )?10:32$/, 'Tue 24 Nov'],
    ])('follow a reader of %s, with the year only where it is another', async (languages, day, lastYear, moment, weekday) => {
        vi.useFakeTimers({ now: new Date(2026, 10, 25) });
        const reader = await readBy(languages);
        expect(reader.day(new Date(2026, 10, 24, 10, 32).toISOString())).toBe(day);
        expect(reader.day(new Date(2025, 10, 24).toISOString())).toBe(lastYear);
        expect(reader.moment(new Date(2026, 10, 24, 10, 32).toISOString())).toMatch(moment);
        expect(reader.weekday('2026-11-24').replace('Tue, 24', 'Tue 24')).toBe(weekday);
    });

    it('are those of the place that was named, and a date without a time is the same everywhere', async () => {
        vi.useFakeTimers({ now: new Date(2026, 10, 25, 12) });
        const reader = await readBy(['en-GB']);
        for (const [zone, evening] of [
            ['Pacific/Honolulu', '24 Nov'],
            ['Pacific/Auckland', '25 Nov'],
        ] as const) {
            reader.readAt(zone);
            expect(reader.day('2026-11-24T22:30:00Z')).toBe(evening);
            expect(reader.day('2026-11-24')).toBe('24 Nov');
            expect(reader.weekday('2026-11-24')).toMatch(/^Tue,? 24 Nov$/);
        }
    });

    it('have one decimal at most', async () => {
        const reader = await readBy(['en-GB']);
        expect([4, 4.12, 1234.5].map((one) => reader.decimal(one))).toEqual(['4', '4.1', '1234.5']);
    });
});

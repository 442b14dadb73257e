import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { learnTime, now, nowIso } from './clock';

const NOON = Date.parse('2026-11-25T12:00:00Z');
const header = (ms: number) => new Date(ms).toUTCString();

describe('the time of the server', () => {
    beforeEach(() => {
        vi.spyOn(Date, 'now').mockReturnValue(NOON);
    });

    afterEach(() => {
        learnTime(header(Date.now()));
        vi.restoreAllMocks();
    });

    it('is the own one while both agree to two minutes', () => {
        learnTime(header(NOON + 100_000));
        expect(now()).toBe(NOON);
        learnTime(header(NOON - 100_000));
        expect(now()).toBe(NOON);
    });

    it.each([
        ['a year ahead', 365 * 86_400_000],
        ['a day behind', -86_400_000],
    ])('is right on a device whose clock is %s', (_, off) => {
        vi.spyOn(Date, 'now').mockReturnValue(NOON + off);
        learnTime(header(NOON));
        expect(Math.abs(now() - NOON)).toBeLessThan(1000);
        expect(nowIso().slice(0, 10)).toBe('2026-11-25');
    });

    it('goes back to the own one when the clock was mended', () => {
        learnTime(header(NOON - 86_400_000));
        expect(now()).toBe(NOON - 86_400_000);
        learnTime(header(NOON));
        expect(now()).toBe(NOON);
    });

    it.each([null, 'yesterday'])('learns nothing from %s', (date) => {
        learnTime(date);
        expect(now()).toBe(NOON);
    });
});

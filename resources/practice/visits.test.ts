import { describe, expect, it } from 'vitest';
import type { Practice } from '../api/types.gen';
import { sessionAt } from './visits';

const session = (id: string, day: string, done: boolean) => ({ id, day, done, minutes: 20, items: [] });
const practice = (results: { session: string | null; done_at: string }[]) =>
    ({
        plan: { sessions: [session('later', '2026-12-08', false), session('next', '2026-12-04', results.length > 0)] },
        results,
    }) as unknown as Practice;

describe('the practice session that is shown', () => {
    it('is the next one, and stays there while its drills are counted before its day', () => {
        expect(sessionAt(practice([]), '2026-12-02')?.id).toBe('next');
        const counted = practice([{ session: 'next', done_at: '2026-12-02T12:00:00Z' }]);
        expect(sessionAt(counted, '2026-12-02')?.id).toBe('next');
        expect(sessionAt(counted, '2026-12-03')?.id).toBe('later');
    });

    it('is that of today before all others', () => {
        const counted = practice([{ session: 'next', done_at: '2026-12-08T12:00:00Z' }]);
        expect(sessionAt(counted, '2026-12-08')?.id).toBe('later');
    });
});

// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { DrillFeed as Fed, FeedDevice, PracticeDrill } from '../api/types.gen';
import { Runner } from '../practice/Runner';
import { chain, goal, practice, practiceDrill } from '../test/make';
import { Around, serve } from '../test/server';

const device = (over: Partial<FeedDevice> = {}): FeedDevice => ({
    id: 'D',
    name: 'Range box',
    lesson_id: null,
    student_id: 'S',
    heard_at: null,
    silent_seconds: null,
    revoked: false,
    ...over,
});

const later = '2999-01-01T00:00:00.000Z';
const ball = (id: string, figures: Record<string, number>, came_at = later) => ({ id, came_at, doubt: false, figures });

/** A server that forgets a ball once it was said to be counted. */
function run(drill: Partial<PracticeDrill>, waiting: Fed['waiting'], devices = [device()], studentId: string | null = 'S') {
    let left = waiting;
    const asked = serve({
        'GET students/S/feed': () => ({ devices, waiting: left }),
        'DELETE students/S/feed/*': ({ path }: { path: string }) => {
            left = left.filter((one) => !path.endsWith(one.id));
            return {};
        },
        'PUT feed-devices/D/student': device(),
    });
    const own = studentId === null ? {} : { studentId };
    render(<Runner path="students/S" practice={practice()} drill={practiceDrill(drill)} session={null} {...own} onDone={vi.fn()} />, {
        wrapper: Around,
    });
    return asked;
}

const numbers = { goal: goal({ kind: 'error', most: 3, counting: chain(3) }), numbers: [12, 18, 9] };
const kept = () =>
    (JSON.parse(localStorage.getItem(Object.keys(localStorage).find((key) => key.includes('run')) ?? '') ?? '{}') as { attempts?: unknown })
        .attempts;

afterEach(() => {
    cleanup();
    localStorage.clear();
});

describe('balls of a device in a running drill', () => {
    it('are attempts by themselves, each against the number that was asked for, and each once', async () => {
        const asked = run(numbers, [ball('X', { carry_m: 11 }), ball('Y', { carry_m: 20 })]);
        await waitFor(() => {
            expect(kept()).toEqual([
                [12, 11],
                [18, 20],
            ]);
        });
        await waitFor(() => {
            expect(asked.filter((one) => one.method === 'DELETE').map((one) => one.path)).toEqual([
                'students/S/feed/X',
                'students/S/feed/Y',
            ]);
        });
        expect(screen.getByTestId('count').textContent).toBe('9 m');
    });

    it('are of the run that they came in: none from before it, none without the figure, none once it is over', async () => {
        run(numbers, [
            ball('old', { carry_m: 40 }, '2020-01-01T00:00:00.000Z'),
            ball('none', { ball_speed_m_s: 12 }),
            ...['X', 'Y', 'Z', 'W'].map((id) => ball(id, { carry_m: 10 })),
        ]);
        await screen.findByText('That is the set. Save it.');
        expect(kept()).toEqual([
            [12, 10],
            [18, 10],
            [9, 10],
        ]);
    });

    it('count by their roll where the roll is asked for', async () => {
        run({ goal: goal({ kind: 'contrast', most: 4, parts: ['low', 'high'], counting: chain(4, (n) => n % 2) }) }, [
            ball('X', { carry_m: 6, roll_m: 9 }),
        ]);
        await waitFor(() => {
            expect(kept()).toEqual([[0, 9]]);
        });
    });

    it('come from a device that was let in, which can be sent away again', async () => {
        const asked = run(numbers, [], [device({ student_id: null })]);
        fireEvent.click(await screen.findByRole('button', { name: 'Let Range box count' }));
        await waitFor(() => {
            expect(asked).toContainEqual({ method: 'PUT', path: 'feed-devices/D/student', body: { student_id: 'S' } });
        });
        cleanup();
        const then = run(numbers, []);
        fireEvent.click(await screen.findByRole('button', { name: 'Range box counts' }));
        await waitFor(() => {
            expect(then).toContainEqual({ method: 'PUT', path: 'feed-devices/D/student', body: { student_id: null } });
        });
    });

    it.each([
        ['hits and misses', { goal: goal() }, 'S'],
        ['a student’s own page', numbers, null],
    ])('are not asked for with %s', (_, drill, studentId) => {
        expect(run(drill, [], [device()], studentId)).toEqual([]);
        expect(screen.queryByText('Try with a made-up device')).toBeNull();
    });
});

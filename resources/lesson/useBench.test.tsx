// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { renderHook, waitFor } from '@testing-library/react';
import { beforeEach, expect, it } from 'vitest';
import type { Lesson } from '../api/types.gen';
import { device } from '../outbox/device';
import { Around, serve } from '../test/server';
import { useBench } from './useBench';

const lesson: Lesson = {
    id: 'L',
    student_id: 'S',
    task: { shot: 'chip', lie: 'fairway', club: { loft_deg: 56, bounce_deg: 12 }, carry_m: 9 },
    began_at: '2026-11-24T10:00:00Z',
    closed_at: null,
    given_by: 'Maren',
    prescription: null,
    sets: [
        {
            id: '01JDEV0000000000000000000A',
            purpose: 'before',
            setup: { shaft_lean_deg: 12, ball_position_pct: 24, lead_weight_pct: 60 },
            motion: { impact_lean_deg: 14 },
            measured: { shaft_lean_deg: 2, ball_position_pct: 3, impact_lean_deg: 1 },
            confidence: 5,
            balls: [],
        },
    ],
};

async function bench() {
    const asked = serve({ 'GET lessons/L': { lesson, readings: {}, balls_wanted: {} }, 'PUT lessons/L': {}, 'PUT lessons/L/sets/*': {} });
    const { result } = renderHook(() => useBench('L'), { wrapper: ({ children }) => <Around>{children}</Around> });
    await waitFor(() => {
        expect(result.current.lesson).toBeDefined();
    });
    return { asked, bench: result };
}

beforeEach(async () => {
    await device.entries.clear();
});

it('begins the next set with nothing seen in it: what was seen before stands, and is not told as seen again', async () => {
    const { asked, bench: at } = await bench();
    at.current.beginSet('after');
    await waitFor(() => {
        expect(asked.at(-1)?.method).toBe('PUT');
    });
    expect(asked.at(-1)?.body).toMatchObject({ purpose: 'after', setup: {}, motion: {}, measured: {} });
    const body = asked.at(-1)?.body as { setup: object; motion: object; measured: object };
    expect([body.setup, body.motion, body.measured].flatMap(Object.keys)).toEqual([]);
});

it('sends with a changed lesson what it knew of it, so that only the change is stored', async () => {
    const { asked, bench: at } = await bench();
    at.current.saveLesson({ ...lesson.task, carry_m: 12 }, null);
    await waitFor(() => {
        expect(asked.at(-1)?.method).toBe('PUT');
    });
    expect(asked.at(-1)?.body).toMatchObject({
        task: { carry_m: 12 },
        base: { task: { carry_m: 9 }, began_at: '2026-11-24T10:00:00Z', closed_at: null },
    });
});

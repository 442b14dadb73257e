// @vitest-environment happy-dom
import { cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { FeedDevice, LessonFeed } from '../api/types.gen';
import { bench, catalogue, lesson, set } from '../test/make';
import { Around, Refusal, serve } from '../test/server';
import { Devices } from './Devices';
import { FeedBar } from './FeedBar';
import { inLesson, startMadeUp } from './madeUp';
import { useFeed } from './useFeed';

const device = (over: Partial<FeedDevice> = {}): FeedDevice => ({
    id: 'D',
    name: 'Range box',
    lesson_id: 'L',
    student_id: null,
    heard_at: null,
    silent_seconds: null,
    revoked: false,
    ...over,
});

const ball = (id: string, setId = 'A', figures: Record<string, number> = { carry_m: 9, start_deg: -2, ball_speed_m_s: 12 }) => ({
    id,
    set_id: setId,
    hit_at: '2026-11-24T10:00:00Z',
    doubt: false,
    figures,
});

afterEach(() => {
    cleanup();
    vi.useRealTimers();
});

describe('balls of a device', () => {
    const follow = async (told: LessonFeed, struck: string[] = []) => {
        serve({ 'GET lessons/L/feed': told });
        const noted = bench();
        const first = set({ balls: struck.map((id) => ({ id, seen: { strike: 'clean' } })) });
        const of = lesson({ sets: [first] });
        const { result } = renderHook(() => useFeed(of, first, catalogue(), noted), { wrapper: Around });
        await waitFor(() => {
            expect(result.current.devices).toHaveLength(told.devices.length);
        });
        return { feed: result.current, noted, first };
    };

    it('wait in their own set until their strike is said, the first of them first', async () => {
        const { feed } = await follow({ devices: [device()], waiting: [ball('X'), ball('Y'), ball('Z'), ball('W', 'B')], more: 0 }, ['X']);
        expect(feed.waiting.map((one) => one.id)).toEqual(['Y', 'Z']);
        expect(feed.next?.id).toBe('Y');
    });

    it('take their id, their moment and what the bench knows of them along with the strike', async () => {
        const { feed, noted, first } = await follow({ devices: [device()], waiting: [ball('X')], more: 0 });
        feed.addBall(first, { strike: 'heavy', start_deg: 1 });
        expect(noted.addBall.mock.calls).toEqual([
            [first, { carry_m: 9, start_deg: 1, strike: 'heavy' }, { id: 'X', hitAt: '2026-11-24T10:00:00Z' }],
        ]);
    });

    it('are none where none waits: a strike is a ball of its own', async () => {
        const { feed, noted, first } = await follow({ devices: [device()], waiting: [], more: 0 });
        feed.addBall(first, { strike: 'clean' });
        expect(noted.addBall.mock.calls).toEqual([[first, { strike: 'clean' }]]);
    });
});

describe('the bar on the bench', () => {
    const show = (feed: Partial<Parameters<typeof FeedBar>[0]['feed']>) => {
        const asked = serve({ 'DELETE lessons/L/feed/X': {} });
        const whole = { devices: [device()], waiting: [], more: 0, next: undefined, addBall: vi.fn(), ...feed };
        const { container } = render(<FeedBar feed={whole} lessonId="L" catalogue={catalogue()} units="metric" />, { wrapper: Around });
        return { asked, text: container.textContent };
    };

    it('is not there where no device is', () => {
        expect(show({ devices: [] }).text).toBe('');
    });

    it('listens, and after minutes of silence asks whether the device is on', () => {
        expect(show({}).text).toBe('Range box is listening: the next ball comes by itself.');
        cleanup();
        expect(show({ devices: [device({ silent_seconds: 245 })] }).text).toContain('Nothing from Range box for 4 minutes');
    });

    it('tells figures the bench knows, how many more wait, and lets a stranger’s ball go', async () => {
        const waiting = [ball('X'), ball('Y'), ball('Z')];
        const { asked, text } = show({ waiting, next: waiting[0] });
        expect(text).toContain('Carry 9 m, Start −2°');
        expect(text).not.toContain('12');
        expect(text).toContain('2 more wait');
        fireEvent.click(screen.getByRole('button', { name: 'Not ours' }));
        await waitFor(() => {
            expect(asked).toContainEqual({ method: 'DELETE', path: 'lessons/L/feed/X', body: undefined });
        });
    });
});

describe('devices of a coach', () => {
    const open = async (devices: FeedDevice[], more: Record<string, unknown> = {}) => {
        const asked = serve({ 'GET feed-devices': devices, ...more });
        render(<Devices lessonId="L" />, { wrapper: Around });
        if (devices[0]) await screen.findByText(devices[0].name);
        return asked;
    };

    it('show a token once, when it is made', async () => {
        const asked = await open([], { 'POST feed-devices': device({ token: 'a-token-to-copy' }) });
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make a token' }).disabled).toBe(true);
        fireEvent.change(screen.getByLabelText('A new device, by name'), { target: { value: 'Range box' } });
        fireEvent.click(screen.getByRole('button', { name: 'Make a token' }));
        expect(await screen.findByText('a-token-to-copy')).toBeTruthy();
        expect(asked).toContainEqual({ method: 'POST', path: 'feed-devices', body: { name: 'Range box' } });
        expect(screen.getByLabelText<HTMLInputElement>('A new device, by name').value).toBe('');
    });

    it.each([
        ['Joined to this lesson', 'L', null],
        ['Join to this lesson', 'M', 'L'],
    ])('are joined and let go by one button (%s)', async (name, joined, then) => {
        const asked = await open([device({ lesson_id: joined })], { 'PUT feed-devices/D/lesson': device() });
        fireEvent.click(screen.getByRole('button', { name }));
        await waitFor(() => {
            expect(asked).toContainEqual({ method: 'PUT', path: 'feed-devices/D/lesson', body: { lesson_id: then } });
        });
    });

    it('are revoked, and say what went wrong', async () => {
        await open([device()], { 'DELETE feed-devices/D': new Refusal(409, 'It is gone already.') });
        fireEvent.click(screen.getByRole('button', { name: 'Revoke' }));
        expect((await screen.findByRole('alert')).textContent).toBe('It is gone already.');
    });
});

describe('a made-up device', () => {
    it('posts twelve balls through the door of any device, and is revoked after', async () => {
        vi.useFakeTimers();
        const asked = serve({
            'POST feed-devices': device({ token: 'its-token' }),
            'PUT feed-devices/D/lesson': device(),
            'GET lessons/L/feed/made-up': { id: 'X', carry_m: 9 },
            'POST feed': { taken: 1 },
            'DELETE feed-devices/D': {},
        });
        const ended = vi.fn();
        await startMadeUp(inLesson('L'), ended);
        await vi.advanceTimersByTimeAsync(30000);
        const paths = asked.map((one) => `${one.method} ${one.path}`);
        expect(paths.slice(0, 2)).toEqual(['POST feed-devices', 'PUT feed-devices/D/lesson']);
        expect(paths.filter((one) => one === 'POST feed')).toHaveLength(12);
        expect(paths.at(-1)).toBe('DELETE feed-devices/D');
        expect(ended).toHaveBeenCalledTimes(1);
    });
});

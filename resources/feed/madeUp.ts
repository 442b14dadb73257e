import { answer, api, at } from '../api/client';
import { t } from '../language';
import type { MadeUpBall } from '../api/types.gen';

const BALLS = 12;
const EVERY_MS = 1500;
/** It ends by itself, also where this page is left. */
const MINUTES = 2;

/** What a made-up device is joined to, and where the next of its balls comes from. */
interface Place {
    join: (device: string) => Promise<unknown>;
    ball: () => Promise<MadeUpBall>;
}

export const inLesson = (lesson: string): Place => ({
    join: (device) => api.PUT('/api/feed-devices/{device}/lesson', { ...at({ device }), body: { lesson_id: lesson } }),
    ball: () => answer(api.GET('/api/lessons/{lesson}/feed/made-up', at({ lesson }))),
});

export const inDrill = (student: string, targetM: () => number | null): Place => ({
    join: (device) => api.PUT('/api/feed-devices/{device}/student', { ...at({ device }), body: { student_id: student } }),
    ball: () =>
        answer(
            api.GET('/api/students/{student}/feed/made-up', {
                params: { path: { student }, query: { target_m: targetM()?.toString() } },
            }),
        ),
});

/** The stand-in of a device: it gets a token of its own, posts through the same door as any, and is revoked when it is done. */
export async function startMadeUp(place: Place, onEnd: () => void): Promise<void> {
    const device = await answer(api.POST('/api/feed-devices', { body: { name: t('Made-up device'), minutes: MINUTES } }));
    await place.join(device.id);
    const send = async () => {
        const ball = await place.ball();
        await fetch('/api/feed', {
            method: 'POST',
            headers: {
                Accept: 'application/json',
                Authorization: `Bearer ${device.token ?? ''}`,
                'Content-Type': 'application/x-ndjson',
            },
            body: `${JSON.stringify(ball)}\n`,
        });
    };
    let sent = 0;
    const timer = window.setInterval(() => {
        sent += 1;
        if (sent <= BALLS) {
            // One that is lost on the way is as lost as of any device without a memory.
            send().catch(() => undefined);
            return;
        }
        window.clearInterval(timer);
        api.DELETE('/api/feed-devices/{device}', at({ device: device.id }))
            .catch(() => undefined)
            .finally(onEnd);
    }, EVERY_MS);
}

import { call } from '../api/client';
import { t } from '../language';
import type { FeedDevice, MadeUpBall } from '../api/types.gen';

const BALLS = 12;
const EVERY_MS = 1500;
/** It ends by itself, also where this page is left. */
const MINUTES = 2;

/** What a made-up device is joined to, and where the next of its balls comes from. */
interface Place {
    of: 'lesson' | 'student';
    id: string;
    ball: () => string;
}

export const inLesson = (id: string): Place => ({ of: 'lesson', id, ball: () => `lessons/${id}/feed/made-up` });

export const inDrill = (id: string, targetM: () => number | null): Place => ({
    of: 'student',
    id,
    ball: () => `students/${id}/feed/made-up?target_m=${String(targetM() ?? '')}`,
});

/** The stand-in of a device: it gets a token of its own, posts through the same door as any, and is revoked when it is done. */
export async function startMadeUp(place: Place, onEnd: () => void): Promise<void> {
    const device = await call<FeedDevice>('POST', 'feed-devices', { name: t('Made-up device'), minutes: MINUTES });
    await call('PUT', `feed-devices/${device.id}/${place.of}`, { [`${place.of}_id`]: place.id });
    const send = async () => {
        const ball = await call<MadeUpBall>('GET', place.ball());
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
        call('DELETE', `feed-devices/${device.id}`)
            .catch(() => undefined)
            .finally(onEnd);
    }, EVERY_MS);
}

import { call } from '../api/client';
import { t } from '../language';
import type { FeedDevice, MadeUpBall } from '../api/types.gen';

const BALLS = 12;
const EVERY_MS = 1500;

/** The stand-in of a device: it gets a token of its own, posts through the same door as any, and is revoked when it is done. */
export async function startMadeUp(lessonId: string, onEnd: () => void): Promise<void> {
    const device = await call<FeedDevice>('POST', 'feed-devices', { name: t('Made-up device') });
    await call('PUT', `feed-devices/${device.id}/lesson`, { lesson_id: lessonId });
    const send = async () => {
        const ball = await call<MadeUpBall>('GET', `lessons/${lessonId}/feed/made-up`);
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

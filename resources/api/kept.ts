import { device } from '../outbox/device';
import { owner } from '../outbox/owner';
import { ApiError, call } from './client';

/** Counted on when answers get other shapes: what was kept before is not understood any more. */
const SHAPE = 2;

/** Answers belong to the coach who asked; who that is, and what lies behind a private link, to the device. */
const placeOf = (path: string) =>
    `${String(SHAPE)} ${path === 'me' || path.startsWith('shared/') ? path : `${owner.current ?? ''} ${path}`}`;

/** Keeps the answer on the device; a device that is full goes without. */
export async function keep(path: string, data: unknown): Promise<void> {
    await device.answers.put({ path: placeOf(path), data }).catch(() => undefined);
}

export async function kept<T>(path: string): Promise<T | undefined> {
    const answer = await device.answers.get(placeOf(path)).catch(() => undefined);
    return answer?.data as T | undefined;
}

/** Asks the server; without a connection, or while its store is away, the last answer kept on this device has to do. */
export async function callOrKept<T>(path: string): Promise<T> {
    try {
        const data = await call<T>('GET', path);
        await keep(path, data);
        return data;
    } catch (error) {
        const last = error instanceof ApiError && error.passing && error.status !== 401 ? await kept<T>(path) : undefined;
        if (last === undefined) throw error;
        return last;
    }
}

/** Nothing that was read stays behind when a coach signs out. What waits to be sent does: it is not stored elsewhere yet. */
export const forgetAnswers = () => device.answers.clear().catch(() => undefined);

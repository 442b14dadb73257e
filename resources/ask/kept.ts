import createClient from 'openapi-fetch';
import { device } from '../outbox/device';
import { owner } from '../outbox/owner';
import { ApiError, HERE, send } from '../api/client';
import type { paths } from '../api/types.gen';
import { nowIso } from '../api/clock';
import { tellAge } from './age';

/** Counted on when answers get other shapes: what was kept before is not understood any more. */
const SHAPE = 2;

/** Of answers that were kept before their time was. */
const A_LONG_TIME_AGO = '';

/** Answers belong to the coach who asked; who that is, and what lies behind a private link, to the device. */
const placeOf = (path: string) =>
    `${String(SHAPE)} ${path === 'me' || path.startsWith('shared/') ? path : `${owner.current ?? ''} ${path}`}`;

/** Keeps the answer on the device; a device that is full goes without. */
export async function keep(path: string, data: unknown): Promise<void> {
    await device.answers.put({ path: placeOf(path), data, at: nowIso() }).catch(() => undefined);
}

const answerTo = (path: string) => device.answers.get(placeOf(path)).catch(() => undefined);

export async function kept<T>(path: string): Promise<T | undefined> {
    return (await answerTo(path))?.data as T | undefined;
}

async function sendOrKept(question: Request): Promise<Response> {
    const path = question.url.slice(`${HERE}/api/`.length);
    try {
        const answer = await send(question);
        await keep(path, await answer.clone().json());
        tellAge(null);
        return answer;
    } catch (error) {
        const last = error instanceof ApiError && error.passing && error.status !== 401 ? await answerTo(path) : undefined;
        if (last === undefined) throw error;
        tellAge(last.at ?? A_LONG_TIME_AGO);
        return Response.json(last.data);
    }
}

/** Asks the server; without a connection, or while its store is away, the last answer kept on this device has to do. */
export const orKept = createClient<paths>({ baseUrl: HERE, fetch: sendOrKept });

/** Nothing that was read stays behind when a coach signs out. What waits to be sent does: it is not stored elsewhere yet. */
export const forgetAnswers = () => device.answers.clear().catch(() => undefined);

import createClient from 'openapi-fetch';
import { i18next, said, t } from '../language';
import { learnTime } from './clock';
import type { paths } from './types.gen';

export interface Fault {
    key: string;
    message: string;
}

/** The server's answer that something is wrong, or status 0: no answer at all. */
export class ApiError extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly faults: Fault[] = [],
    ) {
        super(message);
    }

    /** Worth sending again later: nothing is wrong with what was sent. */
    get passing(): boolean {
        return this.status === 0 || this.status === 401 || this.status === ENDED || this.status === 429 || this.status >= 500;
    }
}

/** The server knows this session no longer, though it may well know the device. */
const ENDED = 419;

/** Every state of the line is said as it is: what was read, what still stands in a form, what is kept and will be sent (handbook 19.5). */
const NO_ANSWER = {
    read: said('No connection: this cannot be read now.'),
    form: said('No connection: this was not stored. It still stands in the form; try again when there is one.'),
    kept: said('No connection. What you enter is kept on this device and sent as soon as there is one.'),
} as const;

type Fate = keyof typeof NO_ANSWER;

const PATIENCE_MS = 15000;

/** Where this page comes from is who it speaks with. */
export const HERE = globalThis.location.origin;

function csrfToken(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

/** What the core says comes in the language that is spoken, and today is the day it is here. */
const headers = () => ({
    Accept: 'application/json',
    'Accept-Language': i18next.language,
    'X-Time-Zone': Intl.DateTimeFormat().resolvedOptions().timeZone,
    'X-XSRF-TOKEN': csrfToken(),
});

/** Sends a question, once more with a fresh token where the session has ended: a remembered device is signed in by that. */
export async function send(question: Request, fate: Fate = question.method === 'GET' ? 'read' : 'form'): Promise<Response> {
    const first = await sendOnce(question.clone(), fate);
    if (first.status === ENDED) await prepareSession();
    const answer = first.status === ENDED ? await sendOnce(question, fate) : first;
    if (answer.ok) return answer;
    const told = (await answer.json().catch(() => null)) as { message?: string; faults?: Fault[] } | null;
    throw new ApiError(
        answer.status,
        told?.message ?? t('The server answered with an error ({{status}}). Nothing is lost.', { status: answer.status }),
        told?.faults,
    );
}

async function sendOnce(question: Request, fate: Fate): Promise<Response> {
    for (const [name, value] of Object.entries(headers())) question.headers.set(name, value);
    // A file takes as long as its line does.
    const isFile = question.headers.get('Content-Type')?.startsWith('multipart/') === true;
    const answer = await fetch(question, isFile ? {} : { signal: AbortSignal.timeout(PATIENCE_MS) }).catch(() => null);
    // What answers in other words, with success, is no server of ours: a network that wants to be signed in to, say.
    if (
        answer === null ||
        (answer.ok && answer.status !== 204 && !(answer.headers.get('Content-Type') ?? '').startsWith('application/json'))
    )
        throw new ApiError(0, t(NO_ANSWER[fate]));
    learnTime(answer.headers.get('Date'));
    return answer;
}

/** Every question of the contract, by its address there; any answer but success, and none, is thrown as an ApiError. */
export const api = createClient<paths>({ baseUrl: HERE, fetch: (question) => send(question) });

/** Of which record something is asked. */
export const at = <Path>(path: Path) => ({ params: { path } });

/** What the server answers to a question of the contract. @throws ApiError for any answer but success */
export const answer = async <T>(asked: Promise<{ data?: T }>): Promise<T> => (await asked).data as T;

/** Sends what is kept on the device in the form in which it goes out. @throws ApiError for any answer but success */
export async function sendOut<Answer>({ method, path, body }: { method: string; path: string; body?: unknown }): Promise<Answer> {
    const said = await send(
        new Request(`${HERE}/api/${path}`, {
            method,
            headers: { 'Content-Type': 'application/json' },
            body: body === undefined ? undefined : JSON.stringify(body),
        }),
        'kept',
    );
    return (said.status === 204 ? undefined : await said.json()) as Answer;
}

/** A file, with what belongs to it, as the body of a question. */
export function asForm(parts: Record<string, string | File>): FormData {
    const form = new FormData();
    for (const [name, part] of Object.entries(parts)) form.append(name, part);
    return form;
}

/** Fetches a fresh cookie against forged requests; the old one ends with its session. */
export const prepareSession = () => sendOnce(new Request(`${HERE}/sanctum/csrf-cookie`), 'read').then(() => undefined);

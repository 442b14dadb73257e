import { i18next, t } from '../language';
import { learnTime } from './clock';

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

const noAnswer = () => t('No connection. What you enter is kept on this device and sent as soon as there is one.');

const PATIENCE_MS = 15000;

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

/** Asks once more with a fresh token where the session has ended: a remembered device is signed in by that. */
async function ask(method: string, path: string, body?: unknown): Promise<Response> {
    const response = await askOnce(method, path, body);
    if (response.status !== ENDED) return response;
    await prepareSession();
    return askOnce(method, path, body);
}

async function askOnce(method: string, path: string, body?: unknown): Promise<Response> {
    try {
        const response = await fetch(path, {
            method,
            credentials: 'same-origin',
            headers: { ...headers(), 'Content-Type': 'application/json' },
            body: body === undefined ? undefined : JSON.stringify(body),
            signal: AbortSignal.timeout(PATIENCE_MS),
        });
        learnTime(response.headers.get('Date'));
        return response;
    } catch {
        throw new ApiError(0, noAnswer());
    }
}

/** @throws ApiError for any answer but success */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
    const response = await ask(method, `/api/${path}`, body);
    if (response.status === 204) return undefined as T;
    const data: unknown = await response.json().catch(() => null);
    if (response.ok) return data as T;
    const told = data as { message?: string; faults?: Fault[] } | null;
    throw new ApiError(
        response.status,
        told?.message ?? t('The server answered with an error ({{status}}). Nothing is lost.', { status: response.status }),
        told?.faults,
    );
}

/** Sends a file. @throws ApiError for any answer but success */
export async function upload<T>(path: string, field: string, file: File, also: Record<string, string> = {}): Promise<T> {
    const form = new FormData();
    for (const [key, value] of Object.entries(also)) form.append(key, value);
    form.append(field, file);
    const send = () =>
        fetch(`/api/${path}`, {
            method: 'POST',
            credentials: 'same-origin',
            headers: headers(),
            body: form,
        }).catch(() => {
            throw new ApiError(0, noAnswer());
        });
    let response = await send();
    if (response.status === ENDED) {
        await prepareSession();
        response = await send();
    }
    const data: unknown = await response.json().catch(() => null);
    if (response.ok) return data as T;
    const told = data as { message?: string; faults?: Fault[] } | null;
    throw new ApiError(
        response.status,
        told?.message ?? t('The server answered with an error ({{status}}).', { status: response.status }),
        told?.faults,
    );
}

/** Fetches a fresh cookie against forged requests; the old one ends with its session. */
export const prepareSession = () => askOnce('GET', '/sanctum/csrf-cookie').then(() => undefined);

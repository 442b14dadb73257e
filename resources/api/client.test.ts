import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { device } from '../outbox/device';
import { answer, api, ApiError, asForm, at, sendOut } from './client';
import { forgetAnswers, keep, kept, orKept } from '../ask/kept';

vi.stubGlobal('document', { cookie: 'theme=ink; XSRF-TOKEN=to%2Bken' });

const answers = (...given: (Response | Error)[]) => {
    const fetched = vi.fn<(question: Request) => Promise<Response>>(() => {
        const next = given.shift() ?? new Error('nobody answers');
        return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
    });
    vi.stubGlobal('fetch', fetched);
    return fetched;
};
const json = (status: number, body: unknown) => Response.json(body, { status });
const asked = (fetched: ReturnType<typeof answers>) => fetched.mock.calls.map(([question]) => question.url.replace(/^.*?\/\/[^/]+/, ''));
const failed = async (asked: Promise<unknown>): Promise<ApiError> => {
    const error = await asked.then(
        () => null,
        (one: unknown) => one,
    );
    if (!(error instanceof ApiError)) throw new Error(`No ApiError: ${String(error)}`);
    return error;
};

describe('a question to the server', () => {
    it('goes out with the token against forged requests and comes back as what it says', async () => {
        const fetched = answers(json(200, { name: 'Bea' }), json(200, { name: 'Bea' }));
        expect(await sendOut({ method: 'PUT', path: 'students/1', body: { name: 'Bea' } })).toEqual({ name: 'Bea' });
        expect(await answer(api.PUT('/api/me/email', { body: { email: 'bea@saltgrass.example', now: 'x' } }))).toEqual({ name: 'Bea' });
        expect(asked(fetched)).toEqual(['/api/students/1', '/api/me/email']);
        for (const [question] of fetched.mock.calls) expect(question.headers.get('X-XSRF-TOKEN')).toBe('to+ken');
        expect(await fetched.mock.calls[0]?.[0].text()).toBe('{"name":"Bea"}');
    });

    it('may have nothing to come back with', async () => {
        answers(new Response(null, { status: 204 }));
        expect(await answer(api.DELETE('/api/lessons/{lesson}', at({ lesson: '1' })))).toBeUndefined();
    });

    it('is refused with a fault for each field', async () => {
        answers(json(422, { message: 'x: 5 is not allowed', faults: [{ key: 'x', message: 'x: 5 is not allowed' }] }));
        const error = await failed(sendOut({ method: 'PUT', path: 'x' }));
        expect([error.status, error.passing, error.faults[0]?.key]).toEqual([422, false, 'x']);
    });

    it.each([401, 429, 500, 503])('is worth sending again after %i', async (status) => {
        answers(json(status, {}));
        expect((await failed(sendOut({ method: 'GET', path: 'x' }))).passing).toBe(true);
    });

    it.each([403, 404, 409, 422])('is not worth sending again after %i', async (status) => {
        answers(json(status, {}));
        expect((await failed(sendOut({ method: 'GET', path: 'x' }))).passing).toBe(false);
    });

    it('says of each thing that got no answer what has become of it', async () => {
        answers();
        expect((await failed(answer(api.GET('/api/me')))).message).toContain('cannot be read now');
        expect((await failed(answer(api.DELETE('/api/lessons/{lesson}', at({ lesson: '1' }))))).message).toContain('was not stored');
        expect((await failed(sendOut({ method: 'PUT', path: 'x' }))).message).toContain('is kept on this device');
    });

    it('says in plain words that nobody answers, also of a file', async () => {
        answers();
        expect((await failed(sendOut({ method: 'GET', path: 'x' }))).message).toContain('No connection');
        expect(
            (await failed(api.POST('/api/archive', { body: { archive: new File(['a'], 'a.zip') }, bodySerializer: asForm }))).status,
        ).toBe(0);
    });

    it('says so when the answer is no answer of ours', async () => {
        // A network that wants to be signed in to answers everything, with success.
        answers(new Response('<html>Welcome</html>', { headers: { 'Content-Type': 'text/html' } }));
        expect((await failed(sendOut({ method: 'PUT', path: 'x' }))).status).toBe(0);
        answers(new Response('<html>', { status: 502 }));
        expect((await failed(sendOut({ method: 'GET', path: 'x' }))).message).toContain('502');
    });

    it('asks once more with a fresh token when the session has ended, and no more than once', async () => {
        const fetched = answers(json(419, {}), new Response(null, { status: 204 }), json(200, { ok: true }));
        expect(await sendOut({ method: 'PUT', path: 'x', body: { a: 1 } })).toEqual({ ok: true });
        expect(asked(fetched)).toEqual(['/api/x', '/sanctum/csrf-cookie', '/api/x']);

        answers(json(419, {}), new Response(null, { status: 204 }), json(419, { message: 'The session has ended.' }));
        const error = await failed(sendOut({ method: 'PUT', path: 'x', body: { a: 1 } }));
        expect([error.status, error.passing, error.message]).toEqual([419, true, 'The session has ended.']);
    });

    it('sends a file under its name', async () => {
        const fetched = answers(json(201, { id: 1 }));
        const body = { sheet: new File(['a'], 'balls.csv') };
        expect(await answer(api.POST('/api/students/{student}/sheets', { ...at({ student: '1' }), body, bodySerializer: asForm }))).toEqual(
            {
                id: 1,
            },
        );
        const form = await fetched.mock.calls[0]?.[0].formData();
        expect(form?.get('sheet') instanceof File).toBe(true);
    });
});

describe('an answer kept on the device', () => {
    beforeEach(() => device.answers.clear());

    it('is the last one given', async () => {
        answers(json(200, { n: 1 }), json(200, { n: 2 }));
        await orKept.GET('/api/today');
        await orKept.GET('/api/today');
        expect(await kept('today')).toEqual({ n: 2 });
    });

    it('serves while nobody answers and while the store is away', async () => {
        await keep('today', { n: 7 });
        answers(new Error('no network'), json(503, { message: 'away' }));
        expect(await answer(orKept.GET('/api/today'))).toEqual({ n: 7 });
        expect(await answer(orKept.GET('/api/today'))).toEqual({ n: 7 });
    });

    it('does not serve whoever is signed out or asks for what is not his', async () => {
        await keep('today', { n: 7 });
        answers(json(401, {}), json(403, {}));
        expect((await failed(orKept.GET('/api/today'))).status).toBe(401);
        expect((await failed(orKept.GET('/api/today'))).status).toBe(403);
    });

    it('is not made up where there is none', async () => {
        answers();
        expect((await failed(orKept.GET('/api/own'))).status).toBe(0);
    });

    it('is gone when the coach has signed out', async () => {
        await keep('today', { n: 7 });
        await forgetAnswers();
        expect(await kept('today')).toBeUndefined();
    });
});

import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Action, Told } from './actions';
import { device } from './device';
import { Outbox } from './outbox';
import { nextStamp, owner } from './owner';

// The outbox runs in a browser; here it gets as much of one as it uses.
vi.stubGlobal('window', { setTimeout, clearTimeout, addEventListener: () => undefined });
vi.stubGlobal('document', { cookie: '' });

const ball = (ballId: string): Action => ({
    kind: 'ball',
    lessonId: 'L',
    setId: 'A',
    ballId,
    seen: { strike: 'thin' },
    hitAt: '2026-11-24T10:05:00Z',
});
const answer = (status: number, body: unknown = {}) => Response.json(body, { status });
const sentTo = (fetched: ReturnType<typeof vi.fn>) => fetched.mock.calls.map(([question]) => (question as Request).url.split('/').at(-1));

/** A server whose answers are given one by one; when they run out, all is well. */
function server(...answers: (() => Response)[]) {
    const fetched = vi.fn(() => Promise.resolve().then(() => (answers.shift() ?? (() => answer(200)))()));
    vi.stubGlobal('fetch', fetched);
    return fetched;
}

const noAnswer = () => {
    throw new TypeError('Failed to fetch');
};

async function quiet(outbox: Outbox, done: () => boolean): Promise<void> {
    await vi.waitFor(
        () => {
            expect(done(), JSON.stringify(outbox.current())).toBe(true);
        },
        { timeout: 120_000, interval: 10 },
    );
}

describe('the outbox', () => {
    let told: [Action, Told][];
    let outbox: Outbox;

    beforeEach(async () => {
        await device.entries.clear();
        told = [];
        outbox = new Outbox((action, answered) => {
            told.push([action, answered]);
            return Promise.resolve();
        });
    });

    afterEach(() => {
        vi.restoreAllMocks();
    });

    it('sends in the order of entry and forgets what is stored', async () => {
        const fetched = server();
        await outbox.open();
        for (const id of ['1', '2', '3']) await outbox.add(ball(id));
        await quiet(outbox, () => outbox.current().entries.length === 0);
        expect(sentTo(fetched)).toEqual(['1', '2', '3']);
        expect(told.map(([action]) => (action.kind === 'ball' ? action.ballId : ''))).toEqual(['1', '2', '3']);
        expect(await device.entries.count()).toBe(0);
    });

    it('keeps everything while there is no answer, says so, and sends it all afterwards in order', async () => {
        const fetched = server(noAnswer, noAnswer);
        await outbox.open();
        await outbox.add(ball('1'));
        await outbox.add(ball('2'));
        await quiet(outbox, () => outbox.current().trouble !== null);
        expect(await device.entries.count()).toBe(2);
        expect(outbox.current().trouble?.status).toBe(0);
        await quiet(outbox, () => outbox.current().entries.length === 0 && outbox.current().trouble === null);
        expect(sentTo(fetched).slice(-2)).toEqual(['1', '2']);
    });

    it.each([401, 429, 500, 503])('tries again after an answer of %i: nothing is wrong with the entry', async (status) => {
        server(() => answer(status, { message: 'Not now.' }));
        await outbox.open();
        await outbox.add(ball('1'));
        await quiet(outbox, () => outbox.current().trouble?.status === status);
        expect(outbox.current().entries).toHaveLength(1);
        await quiet(outbox, () => told.length === 1);
    });

    it('never lays an entry aside because the store is away, however often it says so', async () => {
        vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
        vi.stubGlobal('window', { setTimeout, clearTimeout, addEventListener: () => undefined });
        const fetched = server(...Array.from({ length: 12 }, () => () => answer(503, { message: 'Not now.' })));
        await outbox.open();
        await outbox.add(ball('1'));
        for (let again = 0; again < 120 && told.length === 0; again++) {
            await vi.advanceTimersByTimeAsync(1000);
            await new Promise((done) => setImmediate(done));
            expect(outbox.current().entries.every((entry) => entry.state === 'waiting')).toBe(true);
        }
        vi.useRealTimers();
        vi.stubGlobal('window', { setTimeout, clearTimeout, addEventListener: () => undefined });
        expect(fetched).toHaveBeenCalledTimes(13);
        expect(told).toHaveLength(1);
    });

    it('lays a refused entry aside with the reason and goes on with the next', async () => {
        server(() =>
            answer(422, {
                message: 'ball.touch_mm: 5000 is not allowed',
                faults: [{ key: 'ball.touch_mm', message: 'ball.touch_mm: 5000 is not allowed' }],
            }),
        );
        await outbox.open();
        await outbox.add(ball('1'));
        await outbox.add(ball('2'));
        await quiet(outbox, () => told.length === 1);
        const [refused] = outbox.current().entries;
        expect(refused?.state).toBe('refused');
        expect(refused?.faults?.[0]?.key).toBe('ball.touch_mm');
        expect(await device.entries.count()).toBe(1);
        await outbox.drop(refused?.id ?? 0);
        expect(await device.entries.count()).toBe(0);
    });

    it('finds after a reload what was not sent before it', async () => {
        server(noAnswer);
        await outbox.open();
        await outbox.add(ball('1'));
        await quiet(outbox, () => outbox.current().trouble !== null);

        const fetched = server();
        const reloaded = new Outbox(() => Promise.resolve());
        await reloaded.open();
        await quiet(reloaded, () => reloaded.current().entries.length === 0);
        expect(sentTo(fetched)).toContain('1');
    });

    it('does not forget an entry before what shows it has been kept', async () => {
        server();
        let kept = false;
        const careful = new Outbox(async () => {
            await new Promise((resolve) => {
                setTimeout(resolve, 50);
            });
            expect(await device.entries.count()).toBe(1);
            kept = true;
        });
        await careful.open();
        await careful.add(ball('1'));
        await quiet(careful, () => careful.current().entries.length === 0);
        expect(kept).toBe(true);
    });

    it('goes on showing and sending when the device is full, and says that a reload would lose', async () => {
        server(noAnswer);
        vi.spyOn(device.entries, 'add').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
        await outbox.open();
        await outbox.add(ball('1'));
        expect(outbox.current().deviceFull).toBe(true);
        expect(outbox.current().entries).toHaveLength(1);
        await quiet(outbox, () => told.length === 1);
    });

    it('keeps all that waits again, as soon as the device has room', async () => {
        server(noAnswer, noAnswer, noAnswer);
        await outbox.open();
        vi.spyOn(device.entries, 'add').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
        await outbox.add(ball('1'));
        expect(await device.entries.count()).toBe(0);
        await outbox.add(ball('2'));
        await vi.waitFor(async () => {
            expect(await device.entries.count()).toBe(2);
        });
        expect(outbox.current().deviceFull).toBe(false);
    });

    it('writes what waits anew when the browser throws its store away, under the same ids', async () => {
        server(noAnswer, noAnswer, noAnswer, noAnswer);
        await outbox.open();
        await outbox.add(ball('1'));
        await outbox.add(ball('2'));
        const ids = outbox.current().entries.map((entry) => entry.id);
        await Dexie.delete('low-point');
        await vi.waitFor(async () => {
            expect((await device.entries.toArray()).map((entry) => entry.id)).toEqual(expect.arrayContaining(ids)); // outboxes of the tests before keep theirs too
        });
        await outbox.add(ball('3'));
        expect(outbox.current().entries).toHaveLength(3);
        expect(outbox.current().entries[2]?.id).toBeGreaterThan(ids[1] ?? 0);

        const fetched = server();
        const reloaded = new Outbox(() => Promise.resolve());
        await reloaded.open();
        await quiet(reloaded, () => reloaded.current().entries.length === 0);
        for (const id of ['1', '2', '3']) expect(sentTo(fetched)).toContain(id);
    });

    it('says how many entries are gone when the store was thrown away while nothing was open', async () => {
        const kept = new Map<string, string>();
        vi.stubGlobal('localStorage', {
            getItem: (key: string) => kept.get(key) ?? null,
            setItem: (key: string, value: string) => kept.set(key, value),
        });
        server(noAnswer, noAnswer, noAnswer, noAnswer);
        await outbox.open();
        await outbox.add(ball('1'));
        await outbox.add(ball('2'));
        expect(kept.get('low-point-waiting')).toBe('2');
        await device.entries.clear();

        const reloaded = new Outbox(() => Promise.resolve());
        await reloaded.open();
        expect(reloaded.current().notices).toHaveLength(1);
        expect(reloaded.current().notices[0]).toContain('2 entries waited on this device and are gone');
        expect(kept.get('low-point-waiting')).toBe('0');
        vi.unstubAllGlobals();
        vi.stubGlobal('window', { setTimeout, clearTimeout, addEventListener: () => undefined });
        vi.stubGlobal('document', { cookie: '' });
    });

    it('numbers entries so that what came first can be told, whatever the clock does', () => {
        const first = nextStamp();
        vi.spyOn(Date, 'now').mockReturnValue(1);
        const second = nextStamp();
        expect(second.device).toBe(first.device);
        expect(second.number).toBeGreaterThan(first.number);
    });

    it('knows its device again after a reload', async () => {
        const kept = new Map<string, string>();
        vi.stubGlobal('localStorage', {
            getItem: (key: string) => kept.get(key) ?? null,
            setItem: (key: string, value: string) => kept.set(key, value),
        });
        vi.resetModules();
        const before = (await import('./owner')).nextStamp();
        vi.resetModules();
        const after = (await import('./owner')).nextStamp();
        expect(after.device).toBe(before.device);
        expect(after.number).toBeGreaterThan(before.number);
    });

    it('takes what was kept before entries had an owner for that of whoever is signed in', async () => {
        owner.is('maren@saltgrass.example');
        await device.entries.add({ id: 7, action: ball('1'), state: 'waiting' });
        const fetched = server(noAnswer);
        await outbox.open();
        expect(outbox.current().entries).toHaveLength(1);
        await quiet(outbox, () => outbox.current().entries.length === 0);
        expect(await (fetched.mock.calls[1] as unknown as [Request])[0].clone().json()).toMatchObject({
            from: { coach: 'maren@saltgrass.example' },
        });
    });

    it('neither shows nor sends to one coach what another has entered, and sends it when that one is back', async () => {
        owner.is('maren@saltgrass.example');
        server(noAnswer);
        await outbox.open();
        await outbox.add(ball('1'));
        await quiet(outbox, () => outbox.current().trouble !== null);

        owner.is('idris@saltgrass.example');
        const fetched = server();
        await outbox.add(ball('2'));
        expect(outbox.current().entries.map((entry) => (entry.action.kind === 'ball' ? entry.action.ballId : ''))).toEqual(['2']);
        await quiet(outbox, () => outbox.current().entries.length === 0);
        expect(sentTo(fetched)).toEqual(['2']);

        owner.is('maren@saltgrass.example');
        await quiet(outbox, () => outbox.current().entries.length === 0 && fetched.mock.calls.length === 2);
        expect(sentTo(fetched)).toEqual(['2', '1']);
        expect(await (fetched.mock.calls[1] as unknown as [Request])[0].clone().json()).toMatchObject({
            from: { coach: 'maren@saltgrass.example' },
        });
    });

    it('sets aside an entry at which the server fails again and again, sends the others, and tries it once more when asked', async () => {
        const fails = () => answer(500, { message: 'It broke.' });
        server(fails, fails, fails, fails);
        await outbox.open();
        await outbox.add(ball('1'));
        await outbox.add(ball('2'));
        await quiet(outbox, () => told.length === 1);
        expect(told[0]?.[0]).toMatchObject({ ballId: '2' });
        const [stuck] = outbox.current().entries;
        expect(stuck).toMatchObject({ state: 'refused', message: 'It broke.' });

        await outbox.again(stuck?.id ?? 0);
        await quiet(outbox, () => outbox.current().entries.length === 0);
        expect(told).toHaveLength(2);
    }, 20_000);
});

import { useSyncExternalStore } from 'react';
import { ApiError, sendOut } from '../api/client';
import { t } from '../language';
import { requestOf, type Action, type Told } from './actions';
import { device, type Entry } from './device';
import { nextStamp, owner } from './owner';
import { waitingHere } from './waiting';

export interface Snapshot {
    entries: readonly Entry[];
    /** Why nothing can be sent just now; null when all is well. */
    trouble: { status: number; message: string } | null;
    /** The device itself cannot keep entries (private window, full disk). */
    deviceFull: boolean;
    /** What the coach should know of what was stored. */
    notices: readonly string[];
}

const RETRY_MS = [500, 1000, 2000, 4000, 8000];

/** A store that was thrown away needs a moment to be opened anew. */
const KEEP_AGAIN_MS = 300;

/** An entry at which the server fails so often is set aside, so that the others can go. */
const MOST_FAILURES = 4;

/** The store is away: that is nobody's fault. */
const UNAVAILABLE = 503;

const gone = (count: number) =>
    t(
        '{{count}} entries waited on this device and are gone: its browser has thrown the store away. Look through the last lesson and enter again what is missing.',
        { count },
    );

const behindALink = (action: Action) => action.lessonId === null && action.path.startsWith('shared/');

/** Keeps entries on the device first, then sends them one after another in the order in which they were made. */
export class Outbox {
    private snapshot: Snapshot = { entries: [], trouble: null, deviceFull: false, notices: [] };
    /** Those of other coaches too, who are not shown and not sent. */
    private all: Entry[] = [];
    /** Those that the device could not keep: they are in memory alone. */
    private readonly unkept = new Set<number>();
    private readonly failed = new Map<number, number>();
    private readonly listeners = new Set<() => void>();
    private sending = false;
    private failures = 0;
    private retry: number | undefined;
    private keeping: number | undefined;

    /** @param onStored runs before the entry leaves the device: only then is it safe to forget it */
    constructor(private readonly onStored: (action: Action, told: Told) => Promise<void>) {}

    async open(): Promise<void> {
        try {
            this.all = (await device.entries.orderBy('id').toArray()).map((entry) =>
                entry.owner === undefined && !behindALink(entry.action) ? { ...entry, owner: owner.current } : entry,
            );
            const lost = waitingHere.read() - this.all.length;
            if (lost > 0) this.tell(gone(lost));
            this.show();
        } catch {
            this.change({ deviceFull: true });
        }
        device.whenLost(() => {
            this.keepAgainIn(KEEP_AGAIN_MS);
        });
        window.addEventListener('online', () => void this.send());
        owner.changes(() => {
            this.show();
            void this.send();
        });
        void this.send();
    }

    async add(action: Action): Promise<void> {
        const entry = await this.keep({ action, state: 'waiting', owner: behindALink(action) ? null : owner.current });
        this.all.push(entry);
        this.show();
        void this.send();
    }

    async drop(id: number): Promise<void> {
        this.all = this.all.filter((entry) => entry.id !== id);
        this.unkept.delete(id);
        // Counted before it is taken out: a reload in between must not take it for lost.
        this.show();
        await device.entries.delete(id).catch(() => undefined);
    }

    tell(notice: string): void {
        this.change({ notices: [...this.snapshot.notices, notice] });
    }

    understood(): void {
        this.change({ notices: [] });
    }

    /** A refused entry once more, for example after its lesson was put back. */
    async again(id: number): Promise<void> {
        const entry = this.all.find((one) => one.id === id);
        if (entry === undefined) return;
        this.failed.delete(id);
        await this.put({ ...entry, state: 'waiting' });
        void this.send();
    }

    async send(): Promise<void> {
        if (this.sending) return;
        this.sending = true;
        window.clearTimeout(this.retry);
        try {
            for (let next = this.firstWaiting(); next !== undefined; next = this.firstWaiting()) {
                await this.sendOne(next);
            }
            this.failures = 0;
            if (this.snapshot.trouble !== null) this.change({ trouble: null });
        } catch (error) {
            const told = error instanceof ApiError ? error : new ApiError(0, String(error));
            this.change({ trouble: { status: told.status, message: told.message } });
            this.retry = window.setTimeout(() => void this.send(), RETRY_MS[Math.min(this.failures++, RETRY_MS.length - 1)]);
        } finally {
            this.sending = false;
        }
    }

    subscribe = (listener: () => void) => {
        this.listeners.add(listener);
        return () => {
            this.listeners.delete(listener);
        };
    };

    current = () => this.snapshot;

    private firstWaiting(): Entry | undefined {
        return this.snapshot.entries.find((entry) => entry.state === 'waiting');
    }

    private async sendOne(entry: Entry): Promise<void> {
        const request = requestOf(entry.action);
        try {
            const from = { ...entry.from, ...(entry.owner == null ? {} : { coach: entry.owner }) };
            const body = entry.action.lessonId === null ? request.body : { ...(request.body as object | undefined), from };
            const told = await sendOut<Told>({ ...request, body });
            await this.onStored(entry.action, told);
            await this.drop(entry.id);
        } catch (error) {
            if (!(error instanceof ApiError) || (error.passing && !this.failsForGood(entry, error))) throw error;
            await this.put({ ...entry, state: 'refused', message: error.message, faults: error.faults });
        }
    }

    /** Ids are the numbers of the device, which only grow: those of a store would begin anew when the browser throws it away. */
    private async keep(entry: Omit<Entry, 'id' | 'from'>): Promise<Entry> {
        for (;;) {
            const from = nextStamp();
            const kept: Entry = { ...entry, id: from.number, from };
            try {
                await device.entries.add(kept);
                if (this.unkept.size > 0) this.keepAgainIn(0);
                return kept;
            } catch (error) {
                // Another window has just taken this number.
                if (error instanceof Error && error.name === 'ConstraintError') continue;
                // Still shown and sent, but a reload would lose it: the bar says so.
                this.unkept.add(kept.id);
                this.change({ deviceFull: true });
                return kept;
            }
        }
    }

    /** All that waits is written from memory: the device had no room for some of it, or has lost it and is opening another store. */
    private keepAgainIn(ms: number): void {
        window.clearTimeout(this.keeping);
        this.keeping = window.setTimeout(() => {
            const all = [...this.all];
            device.entries.bulkPut(all).then(
                () => {
                    this.unkept.clear();
                    this.change({ deviceFull: false });
                },
                () => {
                    all.forEach((entry) => this.unkept.add(entry.id));
                    this.change({ deviceFull: all.length > 0 });
                    if (all.length > 0) this.keepAgainIn(RETRY_MS.at(-1) ?? 0);
                },
            );
        }, ms);
    }

    /** Asked again and again, the server fails at this very entry. */
    private failsForGood(entry: Entry, error: ApiError): boolean {
        if (error.status < 500 || error.status === UNAVAILABLE) return false;
        const failures = (this.failed.get(entry.id) ?? 0) + 1;
        this.failed.set(entry.id, failures);
        return failures >= MOST_FAILURES;
    }

    private async put(entry: Entry): Promise<void> {
        await device.entries.put(entry).catch(() => undefined);
        this.all = this.all.map((one) => (one.id === entry.id ? entry : one));
        this.show();
    }

    private show(): void {
        waitingHere.write(this.all.length - this.unkept.size);
        this.change({ entries: this.all.filter((entry) => behindALink(entry.action) || entry.owner === owner.current) });
    }

    private change(part: Partial<Snapshot>): void {
        this.snapshot = { ...this.snapshot, ...part };
        this.listeners.forEach((listener) => {
            listener();
        });
    }
}

export const useOutbox = (outbox: Outbox) => useSyncExternalStore(outbox.subscribe, outbox.current);

import { useSyncExternalStore } from 'react';
import { ApiError, call } from '../api/client';
import { requestOf, type Action, type Told } from './actions';
import { device, type Entry } from './device';
import { nextStamp, owner } from './owner';

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

/** An entry at which the server fails so often is set aside, so that the others can go. */
const MOST_FAILURES = 4;

/** The store is away: that is nobody's fault. */
const UNAVAILABLE = 503;

const behindALink = (action: Action) => action.kind === 'result' && action.path.startsWith('shared/');

/** Keeps entries on the device first, then sends them one after another in the order in which they were made. */
export class Outbox {
    private snapshot: Snapshot = { entries: [], trouble: null, deviceFull: false, notices: [] };
    /** Those of other coaches too, who are not shown and not sent. */
    private all: Entry[] = [];
    private readonly failed = new Map<number, number>();
    private readonly listeners = new Set<() => void>();
    private sending = false;
    private failures = 0;
    private retry: number | undefined;

    /** @param onStored runs before the entry leaves the device: only then is it safe to forget it */
    constructor(private readonly onStored: (action: Action, told: Told) => Promise<void>) {}

    async open(): Promise<void> {
        try {
            this.all = (await device.entries.orderBy('id').toArray()).map((entry) =>
                entry.owner === undefined && !behindALink(entry.action) ? { ...entry, owner: owner.current } : entry,
            );
            this.show();
        } catch {
            this.change({ deviceFull: true });
        }
        window.addEventListener('online', () => void this.send());
        owner.changes(() => {
            this.show();
            void this.send();
        });
        void this.send();
    }

    async add(action: Action): Promise<void> {
        const entry: Omit<Entry, 'id'> = { action, state: 'waiting', owner: behindALink(action) ? null : owner.current, from: nextStamp() };
        let id: number;
        try {
            id = await device.entries.add(entry);
        } catch {
            // Still shown and sent, but a reload would lose it: the bar says so.
            this.change({ deviceFull: true });
            id = Date.now() + Math.random();
        }
        this.all.push({ ...entry, id });
        this.show();
        void this.send();
    }

    async drop(id: number): Promise<void> {
        await device.entries.delete(id).catch(() => undefined);
        this.all = this.all.filter((entry) => entry.id !== id);
        this.show();
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
            const told = await call<Told>(
                request.method,
                request.path,
                entry.action.kind === 'result'
                    ? request.body
                    : {
                          ...(request.body as object | undefined),
                          from: { ...entry.from, ...(entry.owner == null ? {} : { coach: entry.owner }) },
                      },
            );
            await this.onStored(entry.action, told);
            await this.drop(entry.id);
        } catch (error) {
            if (!(error instanceof ApiError) || (error.passing && !this.failsForGood(entry, error))) throw error;
            await this.put({ ...entry, state: 'refused', message: error.message, faults: error.faults });
        }
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

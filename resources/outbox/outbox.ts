import { useSyncExternalStore } from 'react';
import { ApiError, call } from '../api/client';
import { requestOf, type Action, type Told } from './actions';
import { device, type Entry } from './device';

export interface Snapshot {
    entries: readonly Entry[];
    /** Why nothing can be sent just now; null when all is well. */
    trouble: { status: number; message: string } | null;
    /** The device itself cannot keep entries (private window, full disk). */
    deviceFull: boolean;
}

const RETRY_MS = [500, 1000, 2000, 4000, 8000];

/** Keeps entries on the device first, then sends them one after another in the order in which they were made. */
export class Outbox {
    private snapshot: Snapshot = { entries: [], trouble: null, deviceFull: false };
    private readonly listeners = new Set<() => void>();
    private sending = false;
    private failures = 0;
    private retry: number | undefined;

    /** @param onStored runs before the entry leaves the device: only then is it safe to forget it */
    constructor(private readonly onStored: (action: Action, told: Told) => Promise<void>) {}

    async open(): Promise<void> {
        try {
            this.change({ entries: await device.entries.orderBy('id').toArray() });
        } catch {
            this.change({ deviceFull: true });
        }
        window.addEventListener('online', () => void this.send());
        void this.send();
    }

    async add(action: Action): Promise<void> {
        const entry: Omit<Entry, 'id'> = { action, state: 'waiting' };
        let id: number;
        try {
            id = await device.entries.add(entry);
        } catch {
            // Still shown and sent, but a reload would lose it: the bar says so.
            this.change({ deviceFull: true });
            id = Date.now() + Math.random();
        }
        this.change({ entries: [...this.snapshot.entries, { ...entry, id }] });
        void this.send();
    }

    async drop(id: number): Promise<void> {
        await device.entries.delete(id).catch(() => undefined);
        this.change({ entries: this.snapshot.entries.filter((entry) => entry.id !== id) });
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
            const told = await call<Told>(request.method, request.path, request.body);
            await this.onStored(entry.action, told);
            await this.drop(entry.id);
        } catch (error) {
            if (!(error instanceof ApiError) || error.passing) throw error;
            const refused: Entry = { ...entry, state: 'refused', message: error.message, faults: error.faults };
            await device.entries.put(refused).catch(() => undefined);
            this.change({ entries: this.snapshot.entries.map((one) => (one.id === entry.id ? refused : one)) });
        }
    }

    private change(part: Partial<Snapshot>): void {
        this.snapshot = { ...this.snapshot, ...part };
        this.listeners.forEach((listener) => { listener(); });
    }
}

export const useOutbox = (outbox: Outbox) => useSyncExternalStore(outbox.subscribe, outbox.current);

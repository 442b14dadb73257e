import Dexie, { type EntityTable } from 'dexie';
import type { Fault } from '../api/client';
import type { Action } from './actions';

/** One thing entered and not yet stored by the server. Refused ones stay until the coach mends or drops them. */
export interface Entry {
    id: number;
    action: Action;
    state: 'waiting' | 'refused';
    /** The coach who entered it; what is entered behind a private link has none. */
    owner?: string | null;
    from?: { device: string; number: number };
    message?: string;
    faults?: Fault[];
}

/** The last answer to a question, for when there is no connection. */
interface Answer {
    path: string;
    data: unknown;
    /** When it was given; not known of those kept long ago. */
    at?: string;
}

class Device extends Dexie {
    entries!: EntityTable<Entry, 'id'>;
    answers!: EntityTable<Answer, 'path'>;

    constructor() {
        // An entry counts as kept when it is on the disk, not when it is about to be.
        super('low-point', { chromeTransactionDurability: 'strict' });
        this.version(1).stores({ entries: '++id' });
        this.version(2).stores({ entries: '++id', answers: 'path' });
    }

    /** The browser has closed the store, or another window has thrown it away: what stood in it may be gone. */
    whenLost(then: () => void): void {
        this.on('close', then);
        this.on('versionchange', () => {
            this.close({ disableAutoOpen: false });
            then();
        });
    }
}

/** What this browser keeps on its own disk. */
export const device = new Device();

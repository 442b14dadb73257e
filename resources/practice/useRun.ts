import { useState } from 'react';
import { ulid } from 'ulid';
import { now, nowIso } from '../api/clock';
import type { PutResult } from '../api/types.gen';
import { owner } from '../outbox/owner';

interface Run {
    /** Under which it will be stored. */
    id: string;
    attempts: PutResult['attempts'];
    /** When it was begun, by the clock of the server: balls that a device told of before are not of it. */
    began?: string;
    /** Balls of a measuring device that are among them. */
    fed?: string[];
    confidence: number | null;
}

/** A run that was begun belongs to whoever counts it, on this device. */
const placeOf = (path: string, drill: string) => `low-point-run ${owner.current ?? ''} ${path} ${drill}`;

function read(place: string): Run | null {
    try {
        return JSON.parse(localStorage.getItem(place) ?? 'null') as Run | null;
    } catch {
        return null;
    }
}

/** How many balls of a run of this drill are counted and not saved yet. */
export const begun = (path: string, drill: string) => read(placeOf(path, drill))?.attempts.length ?? 0;

/** What is counted: kept at each ball, so that neither leaving nor a reload loses it. */
export function useRun(path: string, drill: string) {
    const place = placeOf(path, drill);
    const fresh = (): Run => ({ id: ulid(now()), began: nowIso(), attempts: [], confidence: null });
    const [run, setRun] = useState<Run>(() => read(place) ?? fresh());
    const change = (next: Run) => {
        setRun(next);
        try {
            localStorage.setItem(place, JSON.stringify(next));
        } catch {
            // A device without room still counts.
        }
    };
    return {
        ...run,
        fed: run.fed ?? [],
        add: (attempt: PutResult['attempts'][number], fed: string[] = []) => {
            change({ ...run, attempts: [...run.attempts, attempt], fed: [...(run.fed ?? []), ...fed] });
        },
        undo: () => {
            change({ ...run, attempts: run.attempts.slice(0, -1) });
        },
        feel: (confidence: number | null) => {
            change({ ...run, confidence });
        },
        /** It is saved: the next one begins. */
        end: () => {
            localStorage.removeItem(place);
            setRun(fresh());
        },
    };
}

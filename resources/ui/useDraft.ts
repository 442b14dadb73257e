import { useState } from 'react';
import { owner } from '../outbox/owner';

const placeOf = (name: string) => `low-point-draft ${owner.current ?? ''} ${name}`;

function read<Draft>(name: string): Draft | null {
    try {
        return JSON.parse(sessionStorage.getItem(placeOf(name)) ?? 'null') as Draft | null;
    } catch {
        return null;
    }
}

/**
 * What is typed into a form, kept while this tab lives: closing its sheet by a slip, or a reload, loses nothing.
 *
 * @param name says what is being written and of whom
 */
export function useDraft<Draft>(name: string, first: Draft): [Draft, (draft: Draft) => void, () => void] {
    const [draft, setDraft] = useState(() => read<Draft>(name) ?? first);
    const keep = (next: Draft) => {
        setDraft(next);
        try {
            sessionStorage.setItem(placeOf(name), JSON.stringify(next));
        } catch {
            // Without room it is kept as long as the sheet is open.
        }
    };
    const done = () => {
        sessionStorage.removeItem(placeOf(name));
    };
    return [draft, keep, done];
}

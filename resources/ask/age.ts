import { useSyncExternalStore } from 'react';

/** Since when what is shown is old: when the answer was kept that had to do for one that did not come. */
let since: string | null = null;
const listeners = new Set<() => void>();

export function tellAge(at: string | null): void {
    if (at === since) return;
    since = at;
    for (const listener of listeners) listener();
}

/** The time of the kept answer on the screen; null while answers come from the server. */
export const useAge = () =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => since,
    );

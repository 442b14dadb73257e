import { useSyncExternalStore } from 'react';

interface Notice {
    id: number;
    text: string;
    undo?: () => unknown;
}

let notices: Notice[] = [];
let next = 1;
const listeners = new Set<() => void>();

function change(to: Notice[]) {
    notices = to;
    listeners.forEach((listener) => {
        listener();
    });
}

/** Says what was just done; with a way back where there is one. */
export function notify(text: string, undo?: () => unknown): void {
    change([...notices, { id: next++, text, undo }]);
}

export function dismiss(id: number): void {
    change(notices.filter((one) => one.id !== id));
}

export const useNotices = () =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => notices,
    );

import { useEffect, useState } from 'react';
import { ApiError } from '../api/client';

/** What the server was asked; without a connection the core that is kept on this device. @throws ApiError */
export async function orHere<Answer>(asked: Promise<Answer>, kind: string, question: object): Promise<Answer> {
    try {
        return await asked;
    } catch (error) {
        if (!(error instanceof ApiError && error.status === 0)) throw error;
        const engine = await import('./engine').catch(() => undefined);
        // Where it was never fetched the figures come with the connection.
        if (engine === undefined) throw error;
        return await engine.workOut<Answer>({ kind, ...question }).catch((wrong: unknown) => {
            throw wrong instanceof ApiError ? wrong : error;
        });
    }
}

const KEPT = 'low-point-core';

/** Where the service worker keeps it (vite.config.ts). */
const CACHE = 'core';

/** Whether the core was fetched onto this device. */
export const isHere = (): boolean => localStorage.getItem(KEPT) !== null;

/** Fetches the core onto this device, or what is newer of it. */
export async function keepHere(): Promise<void> {
    const { fetchEngine } = await import('./engine');
    await fetchEngine();
    localStorage.setItem(KEPT, '1');
}

/** Takes it away again. */
export async function takeAway(): Promise<void> {
    localStorage.removeItem(KEPT);
    if ('caches' in window) await caches.delete(CACHE);
}

const savesData = () => (navigator as Navigator & { connection?: { saveData?: boolean } }).connection?.saveData === true;

/** Keeps the core here where it is wanted; true once it is. A device that saves data is let be. */
export function useHere(wanted: boolean): boolean {
    const [here, setHere] = useState(false);
    useEffect(() => {
        if (!wanted || savesData()) return;
        let left = false;
        keepHere().then(
            () => {
                if (!left) setHere(true);
            },
            () => undefined,
        );
        return () => {
            left = true;
        };
    }, [wanted]);
    return here;
}

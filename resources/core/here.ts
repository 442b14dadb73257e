import { useEffect, useState } from 'react';
import { ApiError, call } from '../api/client';

/** Asks the server; without a connection the core that is kept on this device. @throws ApiError */
export async function callOrHere<Answer>(path: string, kind: string, question: object): Promise<Answer> {
    try {
        return await call<Answer>('POST', path, question);
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

const savesData = () => (navigator as Navigator & { connection?: { saveData?: boolean } }).connection?.saveData === true;

/** Fetches the core onto this device, once; true when figures come without a connection too. A device that saves data is let be. */
export function useHere(): boolean {
    const [here, setHere] = useState(false);
    useEffect(() => {
        if (savesData()) return;
        let left = false;
        void import('./engine')
            .then(({ fetchEngine }) => fetchEngine())
            .then(
                () => {
                    if (!left) setHere(true);
                },
                () => undefined,
            );
        return () => {
            left = true;
        };
    }, []);
    return here;
}

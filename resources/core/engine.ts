import { ApiError } from '../api/client';
import type { Told } from './php';
import type { Answered, Asked } from './worker';

let worker: Worker | undefined;
let n = 0;
const waiting = new Map<number, (told: Told | undefined) => void>();

function ask(question: object | null): Promise<Told> {
    if (worker === undefined) {
        worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
        worker.addEventListener('message', ({ data }: MessageEvent<Answered>) => {
            waiting.get(data.n)?.(data.told);
            waiting.delete(data.n);
        });
        // It could not be loaded: whoever waits for it is told, and the next one tries again.
        worker.addEventListener('error', () => {
            for (const answer of waiting.values()) answer(undefined);
            waiting.clear();
            worker = undefined;
        });
    }
    const to = worker;
    n += 1;
    return new Promise((resolve, reject) => {
        waiting.set(n, (told) => {
            if (told === undefined) reject(new Error('The core on this device does not answer.'));
            else resolve(told);
        });
        to.postMessage({ n, question } satisfies Asked);
    });
}

/** Fetches the core onto this device, so that it is here when there is no connection. */
export const fetchEngine = (): Promise<unknown> => ask(null);

/** @throws ApiError as the server would refuse it */
export async function workOut<Answer>(question: object): Promise<Answer> {
    const { answer, faults } = await ask(question);
    if (faults !== undefined) throw new ApiError(422, faults.map((fault) => fault.message).join('\n'), faults);
    return answer as Answer;
}

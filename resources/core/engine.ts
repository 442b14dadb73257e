import { PhpBase } from 'php-wasm/PhpBase';
import wasm from 'php-wasm/40d868d34dca3f36959a0eab83092ce0c66b70f7.wasm?url';
import { ApiError, type Fault } from '../api/client';
import boot from './boot.php?raw';

/** Path below core/src => PHP. */
const sources = Object.fromEntries(
    Object.entries(import.meta.glob<string>('../../core/src/**/*.php', { query: '?raw', import: 'default', eager: true })).map(
        ([path, php]) => [path.replace('../../core/src/', ''), php],
    ),
);

// The core itself, in PHP, on this device: what the server would answer, without one. Nothing is worked out a second way.

/** Fetches what it takes, so that it is here when there is no connection. */
export async function fetchEngine(): Promise<void> {
    await fetch(wasm);
    await import('php-wasm/php8.2-web.mjs');
}

let engine: Promise<PhpBase> | undefined;

async function start(): Promise<PhpBase> {
    const php = new PhpBase(import('php-wasm/php8.2-web.mjs'), { version: '8.2', locateFile: () => wasm, autoTransaction: false });
    await php.binary;
    await php.writeFile('/core.json', JSON.stringify(sources));
    return php;
}

/** One question at a time: they share the place where it lies. */
let last: Promise<unknown> = Promise.resolve();

/** @throws ApiError as the server would refuse it */
export function workOut<Answer>(question: object): Promise<Answer> {
    const answer = last.then(() => answered<Answer>(question));
    last = answer.catch(() => undefined);
    return answer;
}

async function answered<Answer>(question: object): Promise<Answer> {
    const php = await (engine ??= start());
    let told = '';
    const listen = (event: Event) => {
        told += (event as CustomEvent<string[]>).detail.join('');
    };
    php.addEventListener('output', listen);
    try {
        await php.writeFile('/question.json', JSON.stringify(question));
        await php.run(boot);
    } finally {
        php.removeEventListener('output', listen);
    }
    const { answer, faults } = JSON.parse(told) as { answer: Answer; faults?: Fault[] };
    if (faults !== undefined) throw new ApiError(422, faults.map((fault) => fault.message).join('\n'), faults);
    return answer;
}

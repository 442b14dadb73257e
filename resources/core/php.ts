import { PhpBase } from 'php-wasm/PhpBase';
import wasm from 'php-wasm/40d868d34dca3f36959a0eab83092ce0c66b70f7.wasm?url';
import type { Fault } from '../api/client';
import boot from './boot.php?raw';

// The core itself, in PHP, on this device: what the server would answer, without one. Nothing is worked out a second way.

/** Path below core/src => PHP. */
const sources = Object.fromEntries(
    Object.entries(import.meta.glob<string>('../../core/src/**/*.php', { query: '?raw', import: 'default', eager: true })).map(
        ([path, php]) => [path.replace('../../core/src/', ''), php],
    ),
);

export interface Told {
    answer?: unknown;
    faults?: Fault[];
}

/** Fetches what it takes, so that it is here when there is no connection. */
export async function fetchPhp(): Promise<void> {
    const program = await fetch(wasm);
    if (!program.ok) throw new Error(`The core does not come: ${String(program.status)}.`);
    // To its last byte: only then it is kept.
    await program.blob();
    await import('php-wasm/php8.2-web.mjs');
}

let php: Promise<PhpBase> | undefined;

async function start(): Promise<PhpBase> {
    const made = new PhpBase(import('php-wasm/php8.2-web.mjs'), { version: '8.2', locateFile: () => wasm, autoTransaction: false });
    await made.binary;
    await made.writeFile('/core.json', JSON.stringify(sources));
    return made;
}

/** One question at a time: they share the place where it lies. */
let last: Promise<unknown> = Promise.resolve();

export function tell(question: object): Promise<Told> {
    const told = last.then(() => answered(question));
    last = told.catch(() => undefined);
    return told;
}

async function answered(question: object): Promise<Told> {
    const running = await (php ??= start());
    let told = '';
    const listen = (event: Event) => {
        told += (event as CustomEvent<string[]>).detail.join('');
    };
    running.addEventListener('output', listen);
    try {
        await running.writeFile('/question.json', JSON.stringify(question));
        await running.run(boot);
    } finally {
        running.removeEventListener('output', listen);
    }
    return JSON.parse(told) as Told;
}

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router-dom';
import { vi } from 'vitest';
import { OutboxContext } from '../outbox/context';
import { Outbox } from '../outbox/outbox';

interface Asked {
    method: string;
    path: string;
    body: unknown;
}

type Answer = (asked: Asked) => unknown;

/** An answer that says what is wrong. */
export class Refusal {
    constructor(
        readonly status: number,
        readonly message: string,
        readonly faults: { key: string; message: string }[] = [],
    ) {}
}

/** The API as a table of answers by "METHOD path", where * stands for one part of it; what was asked of it is noted. */
export function serve(answers: Record<string, unknown>): Asked[] {
    const all: Asked[] = [];
    vi.stubGlobal('fetch', (url: string, init?: RequestInit) => {
        const asked = {
            method: init?.method ?? 'GET',
            path: url.replace(/^\/api\//, ''),
            body: typeof init?.body === 'string' ? (JSON.parse(init.body) as unknown) : undefined,
        };
        all.push(asked);
        const place = `${asked.method} ${asked.path}`;
        const known = answers[place] ?? answers[place.replace(/[^/]+$/, '*')];
        const answer = typeof known === 'function' ? (known as Answer)(asked) : known;
        if (answer instanceof Refusal)
            return Promise.resolve(
                new Response(JSON.stringify({ message: answer.message, faults: answer.faults }), { status: answer.status }),
            );
        return Promise.resolve(
            answer === undefined
                ? new Response(JSON.stringify({ message: `Nobody answers ${asked.method} ${asked.path}.` }), { status: 404 })
                : new Response(JSON.stringify(answer)),
        );
    });
    return all;
}

/** What a screen stands in: its address, what it has asked before, and an outbox with nothing in it. */
export function Around({ at = '/', children }: { at?: string; children: ReactNode }) {
    const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
    return (
        <QueryClientProvider client={queries}>
            <OutboxContext value={new Outbox(() => Promise.resolve())}>
                <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
            </OutboxContext>
        </QueryClientProvider>
    );
}

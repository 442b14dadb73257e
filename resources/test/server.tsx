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
    vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
        const question = new Request(input, init);
        const asked: Asked = { method: question.method, path: question.url.replace(/^.*\/api\//, ''), body: undefined };
        all.push(asked);
        const text = await question.text();
        if (text.startsWith('{')) asked.body = JSON.parse(text);
        const place = `${asked.method} ${asked.path}`;
        const known = answers[place] ?? answers[place.replace(/[^/]+$/, '*')];
        const answer = typeof known === 'function' ? (known as Answer)(asked) : known;
        if (answer instanceof Refusal) return Response.json({ message: answer.message, faults: answer.faults }, { status: answer.status });
        return answer === undefined
            ? Response.json({ message: `Nobody answers ${asked.method} ${asked.path}.` }, { status: 404 })
            : Response.json(answer);
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

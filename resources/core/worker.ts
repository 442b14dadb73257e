import { fetchPhp, tell, type Told } from './php';

// Beside the page, so that nothing on it waits while the core works.

// This PHP was built for a page: it looks for one while it starts, and uses nothing of it.
Object.assign(globalThis, { document: {}, window: globalThis, screen: {} });

export type Asked = { n: number; question: object | null };
export type Answered = { n: number; told?: Told };

addEventListener('message', ({ data: { n, question } }: MessageEvent<Asked>) => {
    const say = (answered: Omit<Answered, 'n'>) => {
        postMessage({ n, ...answered } satisfies Answered);
    };
    const told = question === null ? fetchPhp().then(() => ({})) : tell(question);
    told.then(
        (it) => {
            say({ told: it });
        },
        () => {
            say({});
        },
    );
});

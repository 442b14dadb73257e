import type { ReactNode } from 'react';
import { Link } from 'react-router-dom';
import { call } from '../api/client';
import { forgetAnswers } from '../api/kept';
import { useCoach } from '../api/queries';
import { Button } from './Button';
import { Mark } from './Mark';

/** The frame of every screen but the bench: our mark leads home. */
export function Page({ title, children, action, back = '/' }: { title: string; children: ReactNode; action?: ReactNode; back?: string }) {
    const { data: coach } = useCoach();
    const signOut = async () => {
        await call('POST', 'sign-out').catch(() => undefined);
        await forgetAnswers();
        // A fresh page: nothing of this coach stays in memory.
        window.location.assign('/');
    };
    return (
        <>
            <header className="flex flex-wrap items-center gap-4 border-b-2 border-ink px-6 py-2">
                <Link to={back} aria-label={back === '/' ? 'Students' : 'Back'} className="flex min-h-12 items-center"><Mark className="h-8 w-11" /></Link>
                <h1 className="min-w-0 text-2xl break-words">{title}</h1>
                <span className="ml-auto flex flex-wrap items-center gap-3 max-sm:ml-0">
                    <Link to="/library" className="flex min-h-12 items-center px-2 underline underline-offset-4">Library</Link>
                    {action}
                    <span>{coach?.name}</span>
                    <Button onClick={() => void signOut()}>Sign out</Button>
                </span>
            </header>
            <main className="mx-auto max-w-6xl p-6">{children}</main>
        </>
    );
}

/** What happened and what to do, in place of the content. */
export function Trouble({ error, onRetry }: { error: Error; onRetry: () => void }) {
    return (
        <div role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-4">
            <p className="mb-3">{error.message}</p>
            <Button onClick={onRetry}>Try again</Button>
        </div>
    );
}

/** Grey lines where the content will stand. */
export function Skeleton({ lines = 5 }: { lines?: number }) {
    return (
        <div aria-busy="true" aria-label="Loading" className="space-y-3">
            {Array.from({ length: lines }, (_, i) => <div key={i} className="h-10 bg-soil" />)}
        </div>
    );
}

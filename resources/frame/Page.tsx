import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import { ApiError, api } from '../api/client';
import { forgetAnswers } from '../ask/kept';
import { useCoach } from '../ask/queries';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import { SkipLink } from '../ui/SkipLink';
import { useArrival } from '../ui/useArrival';

interface Props {
    title: string;
    children: ReactNode;
    action?: ReactNode;
    back?: string;
    /** Where the shots are looked at: with a student, his. */
    shots?: string;
}

/** The frame of every screen but the bench: our mark leads home. */
export function Page({ title, children, action, back = '/', shots = '/shots' }: Props) {
    const { t } = useTranslation();
    const { data: coach } = useCoach();
    const waiting = useOutbox(useOutboxOfApp()).entries.length;
    const heading = useArrival(title);
    const [leaving, setLeaving] = useState<string | null>(null);
    const signOut = async () => {
        try {
            await api.POST('/api/sign-out');
        } catch (error) {
            if (!(error instanceof ApiError && error.status === 401)) {
                setLeaving(
                    t('Not signed out: the server did not answer. Try again when there is a connection; until then lock this device.'),
                );
                return;
            }
        }
        await forgetAnswers();
        // A fresh page: nothing of this coach stays in memory.
        window.location.assign('/');
    };
    return (
        <>
            <SkipLink to="content" />
            <header className="flex min-h-[66px] flex-wrap items-center gap-4 border-b-2 border-ink px-6 py-2">
                <Link to={back} aria-label={back === '/' ? t('Students') : t('Back')} className="flex min-h-12 items-center">
                    <Mark className="h-8 w-11" />
                </Link>
                <h1 ref={heading} tabIndex={-1} className="min-w-0 text-2xl break-words outline-none">
                    {title}
                </h1>
                <span className="ml-auto flex flex-wrap items-center gap-3 max-sm:ml-0">
                    <Link to={shots} className="flex min-h-12 items-center px-2 underline underline-offset-4">
                        {t('Shots')}
                    </Link>
                    <Link to="/library" className="flex min-h-12 items-center px-2 underline underline-offset-4">
                        {t('Library')}
                    </Link>
                    {action}
                    <Link to="/you" className="flex min-h-12 items-center underline underline-offset-4">
                        {coach?.name}
                    </Link>
                    <Button
                        onClick={() => {
                            if (waiting === 0) void signOut();
                            else
                                setLeaving(
                                    t(
                                        '{{count}} entries wait on this device to be sent. They stay here, unseen by others, and go out when you sign in again.',
                                        { count: waiting },
                                    ),
                                );
                        }}
                    >
                        {t('Sign out')}
                    </Button>
                </span>
            </header>
            {leaving !== null && (
                <p role="alert" className="flex flex-wrap items-center gap-3 border-b border-ink bg-ochre-wash px-6 py-2">
                    {leaving} <Button onClick={() => void signOut()}>{t('Sign out')}</Button>{' '}
                    <Button
                        onClick={() => {
                            setLeaving(null);
                        }}
                    >
                        {t('Stay')}
                    </Button>
                </p>
            )}
            {/* In the middle of the window, not of what a scroll bar leaves of it: one that appears pushes nothing aside. */}
            <main id="content" tabIndex={-1} className="ml-[max(0px,calc((100vw-72rem)/2))] max-w-6xl p-6 outline-none">
                {children}
            </main>
        </>
    );
}

/** What happened and what to do, in place of the content. */
export function Trouble({ error, onRetry }: { error: Error; onRetry: () => void }) {
    const { t } = useTranslation();
    return (
        <div role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-4">
            <p className="mb-3">{error.message}</p>
            <Button onClick={onRetry}>{t('Try again')}</Button>
        </div>
    );
}

/** Grey lines where the content will stand. */
export function Skeleton({ lines = 5 }: { lines?: number }) {
    const { t } = useTranslation();
    return (
        <div aria-busy="true" aria-label={t('Loading')} className="space-y-3">
            {Array.from({ length: lines }, (_, i) => (
                <div key={i} className="h-10 bg-soil" />
            ))}
        </div>
    );
}

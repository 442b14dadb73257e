import { useEffect, useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, NavLink, useNavigate } from 'react-router-dom';
import { useAge } from '../ask/age';
import { Button } from '../ui/Button';
import { moment } from '../ui/reader';
import { Mark } from '../ui/Mark';
import { SkipLink } from '../ui/SkipLink';
import { useArrival } from '../ui/useArrival';
import { useKeys } from '../ui/useKeys';

interface Props {
    title: string;
    children: ReactNode;
    action?: ReactNode;
    back?: string;
    /** Where the shots are looked at: with a student, his. */
    shots?: string;
}

/** The frame of every screen but the bench: our mark leads home, and the places stand at the thumb on a phone. */
export function Page({ title, children, action, back = '/', shots = '/shots' }: Props) {
    const { t } = useTranslation();
    const heading = useArrival(title);
    const age = useAge();
    const navigate = useNavigate();
    useKeys({ '?': () => void navigate('/help') });
    return (
        <>
            <SkipLink to="content" />
            <header className="flex min-h-[66px] flex-wrap items-center gap-x-4 border-b-2 border-ink px-6 py-2 max-sm:min-h-14 max-sm:px-4 max-sm:py-1">
                <Link to={back} aria-label={back === '/' ? t('Students') : t('Back')} className="flex min-h-12 items-center">
                    <Mark className="h-8 w-11" />
                </Link>
                <h1 ref={heading} tabIndex={-1} className="min-w-0 text-2xl break-words outline-none max-sm:flex-1 max-sm:text-xl">
                    {title}
                </h1>
                <span className="ml-auto flex flex-wrap items-center gap-3">
                    <nav aria-label={t('Places')} className="flex flex-wrap items-center gap-x-3 max-sm:hidden print:hidden">
                        <Places
                            shots={shots}
                            className="flex min-h-12 items-center px-2 underline-offset-4 aria-[current=page]:font-semibold [&:not([aria-current=page])]:underline"
                        />
                        <Link to="/help" className="flex min-h-12 items-center px-2 underline underline-offset-4">
                            {t('Help')}
                        </Link>
                    </nav>
                    {action}
                </span>
            </header>
            {age !== null && (
                <p role="status" className="border-b border-ink bg-ochre-wash px-6 py-2 max-sm:px-4">
                    {age === ''
                        ? t('Old: the server does not answer. What is shown was kept on this device.')
                        : t('Old, from {{moment}}: the server does not answer.', { moment: moment(age) })}
                </p>
            )}
            {/* In the middle of the window, not of what a scroll bar leaves of it: one that appears pushes nothing aside. */}
            <main
                id="content"
                tabIndex={-1}
                className="ml-[max(0px,calc((100vw-72rem)/2))] max-w-6xl p-6 outline-none max-sm:px-4 max-sm:pt-3 max-sm:pb-24"
            >
                {children}
            </main>
            <nav
                data-places="below"
                aria-label={t('Places')}
                className="fixed inset-x-0 bottom-0 z-10 grid grid-cols-4 border-t-2 border-ink bg-paper sm:hidden print:hidden"
            >
                <Places
                    shots={shots}
                    className="flex min-h-14 items-center justify-center text-center leading-tight font-semibold aria-[current=page]:bg-ink aria-[current=page]:text-paper"
                />
            </nav>
        </>
    );
}

function Places({ shots, className }: { shots: string; className: string }) {
    const { t } = useTranslation();
    const places = [
        { to: '/', label: t('Students') },
        { to: shots, label: t('Shots') },
        { to: '/library', label: t('Library') },
        { to: '/you', label: t('You') },
    ];
    return places.map(({ to, label }) => (
        <NavLink key={to} to={to} end className={className}>
            {label}
        </NavLink>
    ));
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

/** Grey lines alone say nothing any more after so long (handbook 19.5). */
const WORDS_AFTER_MS = 2500;

/** Grey lines where the content will stand. */
export function Skeleton({ lines = 5 }: { lines?: number }) {
    const { t } = useTranslation();
    const [late, setLate] = useState(false);
    useEffect(() => {
        const timer = setTimeout(() => {
            setLate(true);
        }, WORDS_AFTER_MS);
        return () => {
            clearTimeout(timer);
        };
    }, []);
    return (
        <div aria-busy="true" aria-label={t('Loading')} className="space-y-3">
            {late && <p role="status">{t('The line is slow: still waiting for the server.')}</p>}
            {Array.from({ length: lines }, (_, i) => (
                <div key={i} className="h-10 bg-soil" />
            ))}
        </div>
    );
}

import { useEffect, useState } from 'react';
import { useParams } from 'react-router-dom';
import { ApiError, call } from '../api/client';
import { usePractice } from '../api/queries';
import type { PracticeDrill } from '../api/types.gen';
import { PracticeView } from '../practice/PracticeView';
import { Runner } from '../practice/Runner';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import { Skeleton, Trouble } from '../ui/Page';

const RIGHT_TO_LEFT = ['ar', 'fa', 'he', 'ur', 'yi', 'ps', 'sd'];

/** The student's own page behind a private link: no account, this one student, works offline after the first visit. */
export function SharedPage() {
    const { token = '' } = useParams();
    const path = `shared/${token}`;
    const practice = usePractice(path);
    const [running, setRunning] = useState<{ drill: PracticeDrill; session: string | null }>();
    useEffect(() => {
        const language = navigator.language.split('-')[0] ?? 'en';
        document.documentElement.dir = RIGHT_TO_LEFT.includes(language) ? 'rtl' : 'ltr';
        return () => {
            document.documentElement.dir = 'ltr';
        };
    }, []);
    if (practice.error instanceof ApiError && practice.error.status === 404) return <Closed words={practice.error.message} />;
    if (practice.isError && practice.data === undefined)
        return (
            <main className="p-6">
                <Trouble error={practice.error} onRetry={() => void practice.refetch()} />
            </main>
        );
    if (practice.data === undefined)
        return (
            <main className="p-6">
                <Skeleton />
            </main>
        );
    if (running !== undefined)
        return (
            <main>
                <Runner
                    path={path}
                    practice={practice.data}
                    drill={running.drill}
                    session={running.session}
                    onDone={() => {
                        setRunning(undefined);
                    }}
                />
            </main>
        );
    return (
        <>
            <header className="flex items-center gap-4 border-b-2 border-ink px-4 py-2">
                <Mark className="h-8 w-11" />
                <h1 className="min-w-0 text-2xl break-words">{practice.data.student.name}</h1>
            </header>
            <main className="mx-auto max-w-4xl p-4">
                <PracticeView
                    path={path}
                    practice={practice.data}
                    onRun={(drill, session) => {
                        setRunning({ drill, session });
                    }}
                />
                <Rights path={path} hasPlan={practice.data.plan !== null} onErased={() => void practice.refetch()} />
            </main>
        </>
    );
}

function Closed({ words }: { words: string }) {
    return (
        <main className="mx-auto max-w-md p-8 text-center">
            <Mark className="mx-auto h-12 w-16" />
            <h1 className="mt-6 text-2xl">This page is closed</h1>
            <p className="mt-3">{words}</p>
        </main>
    );
}

/** Calendar, and what is the student's right: to take everything along and to have it erased. */
function Rights({ path, hasPlan, onErased }: { path: string; hasPlan: boolean; onErased: () => void }) {
    const [asked, setAsked] = useState(false);
    const [told, setTold] = useState('');
    const link = 'inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold';
    const erase = () => {
        call<{ message: string }>('DELETE', path).then(
            (answer) => {
                setTold(answer.message);
                onErased();
            },
            (error: unknown) => {
                setTold(error instanceof Error ? error.message : String(error));
            },
        );
    };
    return (
        <section aria-label="Your data" className="mt-8 border-t border-line pt-4">
            <div className="flex flex-wrap gap-2">
                {hasPlan && (
                    <a className={link} href={`/api/${path}/practice.ics`} download>
                        To my calendar (.ics)
                    </a>
                )}
                <a className={link} href={`/api/${path}/export`} download>
                    Take my data along
                </a>
                <Button
                    onClick={() => {
                        setAsked(true);
                    }}
                >
                    Erase what I logged
                </Button>
            </div>
            {asked && told === '' && (
                <div className="mt-3 border-l-[6px] border-rust pl-3">
                    <p>This erases all that you logged and closes this page. It cannot be undone.</p>
                    <span className="mt-2 flex gap-2">
                        <Button onClick={erase}>Erase it now</Button>
                        <Button
                            onClick={() => {
                                setAsked(false);
                            }}
                        >
                            Keep it
                        </Button>
                    </span>
                </div>
            )}
            {told !== '' && (
                <p role="status" className="mt-3">
                    {told}
                </p>
            )}
        </section>
    );
}

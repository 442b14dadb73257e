import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router-dom';
import { ApiError } from '../api/client';
import { usePractice } from '../ask/queries';
import type { PracticeDrill } from '../api/types.gen';
import { readersLanguage, speak } from '../language';
import { HowItWent } from '../practice/HowItWent';
import { PracticeView } from '../practice/PracticeView';
import { Runner } from '../practice/Runner';
import { Mark } from '../ui/Mark';
import { Skeleton, Trouble } from '../frame/Page';
import { LanguageChoice } from '../language/LanguageChoice';
import { Rights } from './Rights';
import { chosenLanguage } from '../language/chosen';

/** The student's own page behind a private link: no account, this one student, works offline after the first visit. */
export function SharedPage() {
    const { token = '' } = useParams();
    const path = `shared/${token}`;
    const { t } = useTranslation();
    const [chosen, choose] = useState(() => chosenLanguage(path));
    const practice = usePractice(path, chosen);
    const [running, setRunning] = useState<{ drill: PracticeDrill; session: string | null }>();
    // A closed page, and one that is loading, speak as the device does.
    const language = practice.data?.language ?? chosen ?? readersLanguage();
    useEffect(() => {
        void speak(language);
    }, [language]);
    const name = practice.data?.student.name;
    useEffect(() => {
        if (name !== undefined) document.title = `${name}, Low Point`;
    }, [name]);
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
                <h1 className="min-w-0 flex-1 text-2xl break-words">{practice.data.student.name}</h1>
                <LanguageChoice path={path} spoken={practice.data.language} onChosen={choose} />
            </header>
            <main className="mx-auto max-w-3xl p-4">
                <PracticeView
                    path={path}
                    practice={practice.data}
                    onRun={(drill, session) => {
                        setRunning({ drill, session });
                    }}
                    words={<HowItWent token={token} practice={practice.data} />}
                />
                <Rights token={token} hasPlan={practice.data.plan !== null} onErased={() => void practice.refetch()} />
                <p className="mt-6 text-sm">{t('Whoever has the address of this page can open it. Keep it to yourself.')}</p>
            </main>
        </>
    );
}

function Closed({ words }: { words: string }) {
    const { t } = useTranslation();
    return (
        <main className="mx-auto max-w-md p-8 text-center">
            <Mark className="mx-auto h-12 w-16" />
            <h1 className="mt-6 text-2xl">{t('This page is closed')}</h1>
            <p className="mt-3">{words}</p>
        </main>
    );
}

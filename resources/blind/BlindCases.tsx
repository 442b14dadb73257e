import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answer, api } from '../api/client';
import { told } from '../api/told';
import type { BlindCase, BlindResult } from '../api/types.gen';
import { ask } from '../ask/queries';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { Button } from '../ui/Button';
import { ChooseFile } from '../ui/ChooseFile';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';

/** Where the answers are kept until the last one is given: on this device alone. */
const KEPT = 'low-point-blind-answers';

/** What is chosen where the coach cannot say. */
const CANNOT_SAY = 'cannot-say';

type Answers = Record<string, string | null>;

/** What is sent and kept as a file. */
interface Said {
    format: string;
    answers: Answers;
}

const kept = (): Answers => JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Answers;

/** Twelve cases to test the readings by: the coach's answer first, then what the reading names and what it was. On paper too. */
export function BlindCases() {
    const { t } = useTranslation();
    const cases = useQuery(ask.blindCases());
    const [answers, setAnswers] = useState(kept);
    const judge = useMutation({
        mutationFn: (said: Said) => answer(api.POST('/api/blind-cases', { body: said })),
    });
    if (cases.isError && cases.data === undefined)
        return (
            <Page title={t('Twelve blind cases')}>
                <Trouble error={cases.error} onRetry={() => void cases.refetch()} />
            </Page>
        );
    const say = (number: number, said: string | null | undefined) => {
        const others = Object.entries(answers).filter(([of]) => of !== String(number));
        const now = Object.fromEntries(said === undefined ? others : [...others, [String(number), said]]);
        localStorage.setItem(KEPT, JSON.stringify(now));
        setAnswers(now);
    };
    const left = (cases.data?.cases.length ?? 0) - Object.keys(answers).length;
    return (
        <Page title={t('Twelve blind cases')}>
            <p className="max-w-3xl">
                {t(
                    'Made-up students, of each of whom it is known what is wrong. Say first what you think it is; once all twelve are answered you see what the reading names, and what it was. Nothing of it is stored in the app. On paper: print this page, and enter the answers afterwards.',
                )}
            </p>
            {cases.data === undefined ? (
                <Skeleton />
            ) : (
                <>
                    <ol className="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-2 print:block">
                        {cases.data.cases.map((one) => (
                            <Case
                                key={one.number}
                                one={one}
                                said={answers[String(one.number)]}
                                sealed={judge.data !== undefined}
                                onSay={(said) => {
                                    say(one.number, said);
                                }}
                            />
                        ))}
                    </ol>
                    <div className="mt-6 flex flex-wrap items-center gap-3 print:hidden">
                        <Button
                            main
                            disabled={left > 0 || judge.isPending}
                            onClick={() => {
                                judge.mutate({ format: cases.data.format, answers });
                            }}
                        >
                            {left > 0 ? t('{{count}} cases are not answered yet', { count: left }) : t('Show the readings')}
                        </Button>
                        <Button
                            onClick={() => {
                                window.print();
                            }}
                        >
                            {t('Print the cases')}
                        </Button>
                        <ReadIn
                            onRead={(said) => {
                                judge.mutate(said);
                            }}
                        />
                    </div>
                    <Problem text={told(judge.error)} />
                    {judge.data !== undefined && (
                        <Result
                            result={judge.data}
                            said={judge.variables}
                            own={judge.variables.answers === answers}
                            onBack={() => {
                                judge.reset();
                            }}
                            onAgain={() => {
                                localStorage.removeItem(KEPT);
                                setAnswers({});
                                judge.reset();
                            }}
                        />
                    )}
                </>
            )}
        </Page>
    );
}

interface CaseProps {
    one: BlindCase;
    said: string | null | undefined;
    /** The readings are shown: the answer stays. */
    sealed: boolean;
    onSay: (said: string | null | undefined) => void;
}

function Case({ one, said, sealed, onSay }: CaseProps) {
    const { t } = useTranslation();
    return (
        <li className="break-inside-avoid border-t-[1.5px] border-ink pt-2">
            <h2 className="text-xl">{t('Case {{n}}', { n: one.number })}</h2>
            <p className="font-semibold">{one.task}</p>
            <p className="mt-1">{one.looks.join(' ')}</p>
            <ol className="mt-1 mb-2 list-decimal pl-6 text-sm">
                {one.balls.map((ball, i) => (
                    <li key={i}>{ball}</li>
                ))}
            </ol>
            <div className={sealed ? 'hidden' : 'print:hidden'}>
                <SelectField
                    label={t('What it is')}
                    className="w-full"
                    value={said === null ? CANNOT_SAY : (said ?? '')}
                    options={[
                        { value: '', label: t('not answered yet') },
                        ...one.could_be.map(({ cause, name }) => ({ value: cause, label: name })),
                        { value: CANNOT_SAY, label: t('I cannot say') },
                    ]}
                    onValue={(value) => {
                        onSay(value === '' ? undefined : value === CANNOT_SAY ? null : value);
                    }}
                />
            </div>
            <p className="hidden border-b border-ink pt-6 print:block">{t('What it is')}:</p>
        </li>
    );
}

/** What was kept before, or what another coach has sent. */
function ReadIn({ onRead }: { onRead: (said: Said) => void }) {
    const { t } = useTranslation();
    const [wrong, setWrong] = useState(false);
    return (
        <>
            <ChooseFile
                accept="application/json,.json"
                onFile={(file) => {
                    void file.text().then((text) => {
                        try {
                            onRead(JSON.parse(text) as Said);
                            setWrong(false);
                        } catch {
                            setWrong(true);
                        }
                    });
                }}
            >
                {t('Read answers in')}
            </ChooseFile>
            <Problem text={wrong ? t('This file holds no answers to the blind cases.') : undefined} />
        </>
    );
}

interface ResultProps {
    result: BlindResult;
    said: Said;
    /** Said on this device, and not read in: they stay as they were said, until he begins again. */
    own: boolean;
    onBack: () => void;
    onAgain: () => void;
}

function Result({ result, said, own, onBack, onAgain }: ResultProps) {
    const { t } = useTranslation();
    const mark = (right: boolean) => (right ? t('right') : '');
    return (
        <section aria-label={t('What it was')} className="mt-6">
            <h2 className="text-xl" role="status">
                {result.text}
            </h2>
            <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t('What it was')}>
                <table className="mt-2 w-full text-left">
                    <thead>
                        <tr>
                            <th className="pr-3">{t('Case')}</th>
                            <th className="pr-3">{t('You')}</th>
                            <th className="pr-3">{t('The reading')}</th>
                            <th>{t('It was')}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {result.cases.map((one) => (
                            <tr key={one.number} className="border-t border-line align-top">
                                <td className="pr-3">{one.number}</td>
                                <td className="pr-3">
                                    {one.yours ?? t('I cannot say')} <strong>{mark(one.yours_right)}</strong>
                                </td>
                                <td className="pr-3">
                                    {one.reading} <strong>{mark(one.reading_right)}</strong>
                                    <span className="block text-sm">{one.reasons.join(' ')}</span>
                                </td>
                                <td>{one.was}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <div className="mt-3 flex flex-wrap gap-3 print:hidden">
                {own && (
                    <a
                        className="flex min-h-12 items-center font-semibold underline underline-offset-4"
                        href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(said, null, 2))}`}
                        download="blind-cases.json"
                    >
                        {t('Keep your answers as a file')}
                    </a>
                )}
                {own ? <Button onClick={onAgain}>{t('Begin again')}</Button> : <Button onClick={onBack}>{t('Back to the cases')}</Button>}
            </div>
        </section>
    );
}

import { useTranslation } from 'react-i18next';
import type { Practice, PracticeDrill } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { CarryLadder } from '../shots/CarryLadder';
import { CarryTable } from '../shots/CarryTable';
import { DrillSheet } from './DrillSheet';
import { Log } from './Log';
import { NextVisits } from './NextVisits';
import { Today } from './Today';

interface Props {
    path: string;
    practice: Practice;
    /** Where given, drills can be run. */
    onRun?: (drill: PracticeDrill, session: string | null) => void;
    /** Where given, a visit can be moved to another day. */
    onMove?: (session: string, day: string) => void;
    /** What the student can say; the coach reads it. */
    words?: React.ReactNode;
}

/** What is done today first, then what it is for, then the rest folded: the same for coach and student. */
export function PracticeView({ path, practice, onRun, onMove, words }: Props) {
    const { t } = useTranslation();
    return (
        <div className="space-y-6">
            <Waiting path={path} />
            {practice.student.guardian && (
                <p className="border-l-[6px] border-ochre bg-ochre-wash p-3 font-semibold">
                    {t('Practise with a responsible adult present; the safeguarding rules of the club apply.')}
                </p>
            )}
            {practice.fault === null && <p>{t('Nothing was handed out yet.')}</p>}
            <Today path={path} practice={practice} onRun={onRun} />
            {words}
            <Idea practice={practice} />
            {practice.drills.length > 0 && (
                <section aria-label={t('Drills')}>
                    <h2 className="mb-1 text-xl">{t('Drills')}</h2>
                    {practice.drills.map((drill) => (
                        <DrillSheet
                            key={drill.id}
                            path={path}
                            drill={drill}
                            results={practice.results}
                            onRun={
                                onRun &&
                                (() => {
                                    onRun(drill, null);
                                })
                            }
                        />
                    ))}
                </section>
            )}
            {practice.chart.length > 0 && (
                <section aria-label={t('Your distances')}>
                    <h2 className="mb-1 text-xl">{t('Your distances')}</h2>
                    <CarryLadder chart={practice.chart} target={null} units={practice.student.units} />
                    <CarryTable chart={practice.chart} units={practice.student.units} />
                </section>
            )}
            {practice.plan !== null && <NextVisits practice={practice} onRun={onRun} onMove={onMove} />}
            <Log practice={practice} />
            <section aria-label={t('Cautions')} className="border-l-[6px] border-ochre bg-ochre-wash p-3 text-sm">
                {practice.cautions.map((caution) => (
                    <p key={caution}>{caution}</p>
                ))}
                <p>{t('Notes on the rules of play are reminders only: the rules in force and the committee decide.')}</p>
            </section>
        </div>
    );
}

/** What is kept on this device and not stored yet. */
function Waiting({ path }: { path: string }) {
    const { t } = useTranslation();
    const outbox = useOutbox(useOutboxOfApp());
    const waiting = outbox.entries.filter((entry) => entry.action.lessonId === null && entry.action.path === path);
    if (waiting.length === 0) return null;
    return (
        <div role="status" className="border-l-[6px] border-ochre bg-ochre-wash p-3">
            {waiting.map((entry) => (
                <p key={entry.id}>
                    {entry.state === 'refused'
                        ? t('Not stored: {{why}}', { why: entry.message ?? '' })
                        : t('Saved on this device, waiting for a connection.')}
                </p>
            ))}
        </div>
    );
}

/** One idea and one feel; why, and the whole card, where somebody asks. */
function Idea({ practice }: { practice: Practice }) {
    const { t } = useTranslation();
    const { fault } = practice;
    if (fault === null) return null;
    const numbered = practice.setup.length > 1;
    return (
        <section aria-label={t('What to work on')}>
            <h2 className="text-xl">{fault.title}</h2>
            {fault.belief !== null && <p className="mt-1 font-semibold">{fault.belief}</p>}
            <ol className={numbered ? 'mt-1 list-decimal pl-5' : 'mt-1'}>
                {practice.setup.map((text) => (
                    <li key={text}>{text}</li>
                ))}
            </ol>
            <p className="mt-2 border-l-[6px] border-marram pl-3">
                <span className="text-sm">{t('Feel')}</span>
                <span className="display block text-lg">{practice.feel}</span>
                {practice.sentence !== '' && <span className="block break-words">{practice.sentence}</span>}
            </p>
            <details className="mt-2">
                <summary className="min-h-11 cursor-pointer py-2 underline">{t('Why, and the whole set-up card')}</summary>
                {fault.seen !== null && <p>{fault.seen}</p>}
                {fault.stop !== null && <p>{fault.stop}</p>}
                <ul className="mt-1 grid grid-cols-1 gap-x-6 sm:grid-cols-2">
                    {practice.card.map((line) => (
                        <li key={line} className="border-b border-line py-1">
                            {line}
                        </li>
                    ))}
                </ul>
            </details>
        </section>
    );
}

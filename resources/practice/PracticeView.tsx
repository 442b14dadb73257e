import { useTranslation } from 'react-i18next';
import type { Practice, PracticeDrill } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { CarryLadder } from '../shots/CarryLadder';
import { CarryTable } from '../shots/CarryTable';
import { DrillSheet } from './DrillSheet';
import { Idea } from './Idea';
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

/** What changes first, then what is done today for it, then the rest folded: the same for coach and student. */
export function PracticeView({ path, practice, onRun, onMove, words }: Props) {
    const { t } = useTranslation();
    // The coach looks things up here; on his own page the student has them folded.
    const ofCoach = !path.startsWith('shared/');
    return (
        <div className="space-y-6">
            <Waiting path={path} />
            {practice.student.guardian && (
                <p className="border-l-[6px] border-ochre bg-ochre-wash p-3 font-semibold">
                    {t('Practise with a responsible adult present; the safeguarding rules of the club apply.')}
                </p>
            )}
            {practice.fault === null && <p>{t('Nothing was handed out yet.')}</p>}
            <Idea practice={practice} />
            <Today path={path} practice={practice} onRun={onRun} />
            {words}
            <div>
                {practice.drills.length > 0 && (
                    <Folded open={ofCoach} title={t('How each drill is done')}>
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
                    </Folded>
                )}
                {practice.plan !== null && (
                    <Folded open={ofCoach} title={t('The next practice sessions')}>
                        <NextVisits practice={practice} onRun={onRun} onMove={onMove} />
                    </Folded>
                )}
                {practice.chart.length > 0 && (
                    <Folded open={ofCoach} title={t('Your distances')}>
                        <CarryLadder chart={practice.chart} target={null} units={practice.student.units} />
                        <CarryTable chart={practice.chart} units={practice.student.units} />
                    </Folded>
                )}
                {practice.results.length > 0 && (
                    <Folded open={ofCoach} title={t('What was counted so far')}>
                        <Log practice={practice} />
                    </Folded>
                )}
            </div>
            <section aria-label={t('Cautions')} className="border-l-[6px] border-ochre bg-ochre-wash p-3 text-sm">
                <p>{practice.cautions[0]}</p>
                <details>
                    <summary className="min-h-11 cursor-pointer py-2 underline">{t('All cautions')}</summary>
                    {practice.cautions.slice(1).map((caution) => (
                        <p key={caution}>{caution}</p>
                    ))}
                    <p>{t('Notes on the rules of play are reminders only: the rules in force and the committee decide.')}</p>
                </details>
            </section>
        </div>
    );
}

/** What is looked up now and then: a line that opens. */
function Folded({ title, open, children }: { title: string; open: boolean; children: React.ReactNode }) {
    return (
        <details className="border-t border-line" open={open}>
            <summary className="min-h-12 cursor-pointer py-2.5">
                <h2 className="inline text-xl">{title}</h2>
            </summary>
            <div className="pb-3">{children}</div>
        </details>
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

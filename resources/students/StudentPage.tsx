import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router-dom';
import { useCatalogue, useCoach, useProgress, useStudent } from '../ask/queries';
import type { Catalogue, Coach, Progress, Student, Work } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { LessonByLesson } from '../progress/LessonByLesson';
import { OverTime } from '../progress/OverTime';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { Kinds } from './Kinds';
import { Records } from './Records';
import { StudentForm } from './StudentForm';
import { HowSure, UnderWork } from './UnderWork';
import { WasIt } from './WasIt';

/** So many lessons more are drawn at a press. */
const MORE = 24;

/** Drills whose next step is told. */
const DRILLS = 2;

const QUIET = 'min-h-12 px-2 underline underline-offset-4';

/** What is chosen stands in the address, so that the way back leads to the same sight. */
function useChosen() {
    const [chosen, setChosen] = useSearchParams();
    const choose = (over: Record<string, string | null>) => {
        const change = (before: URLSearchParams) => {
            const next = new URLSearchParams(before);
            for (const [key, value] of Object.entries(over)) {
                if (value === null) next.delete(key);
                else next.set(key, value);
            }
            return next;
        };
        setChosen(change, { replace: true });
    };
    return {
        shot: chosen.get('shot'),
        lie: chosen.get('lie'),
        drawn: chosen.get('drawn'),
        overTime: chosen.get('view') === 'time',
        choose,
    };
}

/** Is it fixed, and what now? */
export function StudentPage() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const chosen = useChosen();
    const student = useStudent(id);
    const progress = useProgress(id, { shot: chosen.shot ?? '', lie: chosen.lie ?? '', drawn: chosen.drawn ?? '' });
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const outbox = useOutbox(useOutboxOfApp());
    const [open, setOpen] = useState<'change' | 'records' | null>(null);
    const [cause, setCause] = useState<string>();
    const close = () => {
        setOpen(null);
    };
    // Who was erased a moment ago is still on the page, with the receipt: an answer that comes late does not take it away.
    const broken =
        student.isError && student.data === undefined ? student : progress.isError && progress.data === undefined ? progress : null;
    if (broken !== null)
        return (
            <Page title={t('Student')}>
                <Trouble error={broken.error ?? new Error('')} onRetry={() => void broken.refetch()} />
            </Page>
        );
    if (student.data === undefined || coach === undefined || catalogue === undefined || progress.data === undefined)
        return (
            <Page title={t('Student')}>
                <Skeleton />
            </Page>
        );
    const { lessons, course, works } = progress.data;
    const all = [...new Set([...lessons.map((one) => one.id), ...course.map((one) => one.lesson).reverse()])];
    const work = works.find((one) => one.cause === cause) ?? works[0];
    return (
        <Page
            title={student.data.name}
            shots={`/students/${id}/shots`}
            action={
                <>
                    {student.data.may.update && (
                        <button
                            type="button"
                            className={QUIET}
                            onClick={() => {
                                setOpen('change');
                            }}
                        >
                            {t('Change')}
                        </button>
                    )}
                    <button
                        type="button"
                        className={QUIET}
                        onClick={() => {
                            setOpen('records');
                        }}
                    >
                        {t('Records')}
                    </button>
                </>
            }
        >
            <Whose student={student.data} me={coach} />
            <UnderWork
                student={student.data}
                work={work}
                progress={progress.data}
                busy={progress.isFetching || outbox.entries.length > 0}
            />
            <div className="mt-4 grid grid-cols-1 gap-x-8 gap-y-4 border-t border-line pt-4 lg:grid-cols-[17rem_1fr]">
                <Standing student={student.data} progress={progress.data} work={work} onCause={setCause} />
                <Lessons {...{ chosen, catalogue, coach }} student={student.data} progress={progress.data} busy={progress.isFetching} />
            </div>
            {open === 'change' && <StudentForm student={student.data} onClose={close} />}
            {open === 'records' && <Records student={student.data} lessons={all} mostReports={catalogue.most.reports} onClose={close} />}
        </Page>
    );
}

/** Said only where he is another coach's. */
function Whose({ student, me }: { student: Student; me: Coach }) {
    const { t } = useTranslation();
    if (student.coach_id === me.id) return null;
    return (
        <p className="mb-3 border-l-[6px] border-slate px-3 py-1">
            {student.may.update
                ? t('Student of {{coach}}, shared with you to teach.', { coach: student.coach })
                : t('Student of {{coach}}: yours to read.', { coach: student.coach })}
        </p>
    );
}

interface StandingProps {
    student: Student;
    progress: Progress;
    work: Work | undefined;
    onCause: (cause: string) => void;
}

/** Who it is, how sure the verdict is, what else is worked on, what was said last. */
function Standing({ student, progress, work, onCause }: StandingProps) {
    const { t } = useTranslation();
    const { works, last_time: lastTime } = progress;
    const latestDrills = progress.drills.filter((_, place) => place < DRILLS);
    return (
        <section aria-label={t('The student')} className="min-w-0 space-y-3">
            {work !== undefined && <HowSure work={work} />}
            {works.length > 1 && (
                <div role="group" aria-label={t('Causes')} className="flex flex-wrap gap-1.5">
                    {works.map((one) => (
                        <Button
                            key={one.cause}
                            className="text-left text-sm leading-tight"
                            chosen={one.cause === work?.cause}
                            onClick={() => {
                                onCause(one.cause);
                            }}
                        >
                            {one.name.split(':')[0]}: {one.verdict_text}
                        </Button>
                    ))}
                </div>
            )}
            {lastTime.length > 0 && (
                <div>
                    <h2 className="text-lg">{t('Last time')}</h2>
                    {lastTime.map((line) => (
                        <p key={line}>{line}</p>
                    ))}
                </div>
            )}
            {latestDrills.map((one) => (
                <p key={one.name}>
                    <strong>{one.name}:</strong> {one.last}
                    {one.passed ? `, ${t('passed')}` : ''}. {one.next}
                </p>
            ))}
            {work?.was !== undefined && student.may.update && (work.now !== null || work.was.confirmed !== null) && (
                <WasIt studentId={student.id} work={work} was={work.was} />
            )}
            <p className="text-soft break-words">
                {student.handed === 'left' ? t('Left-handed.') + ' ' : t('Right-handed.') + ' '}
                {student.about}
            </p>
        </section>
    );
}

interface LessonsProps {
    chosen: ReturnType<typeof useChosen>;
    student: Student;
    progress: Progress;
    catalogue: Catalogue;
    coach: Coach;
    busy: boolean;
}

/** The lessons, one by one or over time. */
function Lessons({ chosen: { shot, lie, overTime, choose }, student, progress, catalogue, coach, busy }: LessonsProps) {
    const { t } = useTranslation();
    const { lessons, count, kinds } = progress;
    const begun = student.lessons_count > 0;
    return (
        <section aria-label={t('Lessons')} className="min-w-0" aria-busy={busy}>
            {!begun && <p>{t('No lesson yet. Begin with the task, then look at the set-up.')}</p>}
            {begun && (
                <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
                    <div role="group" aria-label={t('View')} className="flex">
                        <Button
                            chosen={!overTime}
                            onClick={() => {
                                choose({ view: null });
                            }}
                        >
                            {t('Lesson by lesson')}
                        </Button>
                        <Button
                            className="-ml-[1.5px]"
                            chosen={overTime}
                            onClick={() => {
                                choose({ view: 'time' });
                            }}
                        >
                            {t('Over time')}
                        </Button>
                    </div>
                    <Kinds
                        {...{ kinds, shot, lie, catalogue }}
                        onChoose={(over) => {
                            choose({ ...over, drawn: null });
                        }}
                    />
                </div>
            )}
            {overTime ? (
                <OverTime progress={progress} handed={student.handed} catalogue={catalogue} units={coach.units} />
            ) : (
                <LessonByLesson lessons={lessons} student={student} catalogue={catalogue} units={coach.units} />
            )}
            {!overTime && count > lessons.length && (
                <Button
                    className="mt-4"
                    disabled={busy}
                    onClick={() => {
                        choose({ drawn: String(lessons.length + MORE) });
                    }}
                >
                    {t('Show earlier lessons ({{count}} more)', { count: count - lessons.length })}
                </Button>
            )}
        </section>
    );
}

import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router-dom';
import { useCatalogue, useCoach, useProgress, useStudent } from '../api/queries';
import type { Catalogue, Coach, Progress, Student } from '../api/types.gen';
import { LessonByLesson } from '../progress/LessonByLesson';
import { OverTime } from '../progress/OverTime';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { Kinds } from './Kinds';
import { Removing } from './Removing';
import { Reports } from './Reports';
import { StudentForm } from './StudentForm';
import { UnderWork } from './UnderWork';

/** So many lessons more are drawn at a press. */
const MORE = 24;

/** Drills whose next step is told. */
const DRILLS = 2;

const LINK = 'min-h-12 items-center border-[1.5px] border-ink font-semibold';

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
    const { id = '' } = useParams();
    const chosen = useChosen();
    const student = useStudent(id);
    const progress = useProgress(id, { shot: chosen.shot ?? '', lie: chosen.lie ?? '', drawn: chosen.drawn ?? '' });
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const [editing, setEditing] = useState(false);
    const broken = student.isError ? student : progress.isError && progress.data === undefined ? progress : null;
    if (broken !== null)
        return (
            <Page title="Student">
                <Trouble error={broken.error ?? new Error('')} onRetry={() => void broken.refetch()} />
            </Page>
        );
    if (student.data === undefined || coach === undefined || catalogue === undefined || progress.data === undefined)
        return (
            <Page title="Student">
                <Skeleton />
            </Page>
        );
    const { lessons, course } = progress.data;
    const all = [...new Set([...lessons.map((one) => one.id), ...course.map((one) => one.lesson).reverse()])];
    return (
        <Page
            title={student.data.name}
            action={
                <>
                    <Link to={`/students/${id}/practice`} className={`${LINK} flex bg-press px-5`}>
                        Practice
                    </Link>
                    <Link to={`/students/${id}/begin`} className={`${LINK} flex bg-ink px-5 text-paper`}>
                        Begin a lesson
                    </Link>
                </>
            }
        >
            <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[19rem_1fr] lg:grid-rows-[auto_1fr]">
                <Standing
                    student={student.data}
                    progress={progress.data}
                    onEdit={() => {
                        setEditing(true);
                    }}
                />
                <section aria-label="Records" className="space-y-4 max-lg:order-last">
                    <div className="flex flex-wrap gap-2 border-t border-line pt-4">
                        <Link to={`/students/${id}/sheets`} className={`${LINK} inline-flex bg-press px-3`}>
                            Balls from a sheet
                        </Link>
                        {all.length > 1 && <Reports key={all.length} lessons={all} most={catalogue.most.reports} />}
                    </div>
                    <Removing student={student.data} />
                </section>
                <Lessons {...{ chosen, catalogue, coach }} student={student.data} progress={progress.data} busy={progress.isFetching} />
            </div>
            {editing && (
                <StudentForm
                    student={student.data}
                    onClose={() => {
                        setEditing(false);
                    }}
                />
            )}
        </Page>
    );
}

/** Who it is, what is worked on and whether it moved, what was said last, whether there was practice. */
function Standing({ student, progress, onEdit }: { student: Student; progress: Progress; onEdit: () => void }) {
    const [cause, setCause] = useState<string>();
    const { works, practice, last_time: lastTime } = progress;
    const work = works.find((one) => one.cause === cause) ?? works[0];
    const latestDrills = progress.drills.filter((_, place) => place < DRILLS);
    return (
        <section aria-label="Verdict" className="space-y-4">
            <p className="break-words">
                {student.handed === 'left' ? 'Left-handed. ' : 'Right-handed. '}
                {student.about}{' '}
                <button type="button" className="min-h-8 underline" onClick={onEdit}>
                    Change
                </button>
            </p>
            {work === undefined ? student.lessons_count > 0 && <p>Nothing was handed out yet.</p> : <UnderWork work={work} />}
            {works.length > 1 && (
                <div role="group" aria-label="Causes" className="flex flex-wrap gap-1.5">
                    {works.map((one) => (
                        <Button
                            key={one.cause}
                            className="text-left text-sm leading-tight"
                            chosen={one.cause === work?.cause}
                            onClick={() => {
                                setCause(one.cause);
                            }}
                        >
                            {one.name.split(':')[0]}: {one.verdict_text}
                        </Button>
                    ))}
                </div>
            )}
            {lastTime.length > 0 && (
                <div className="border-t border-line pt-3">
                    <h2 className="text-lg">Last time</h2>
                    {lastTime.map((line) => (
                        <p key={line}>{line}</p>
                    ))}
                </div>
            )}
            <div className="border-t border-line pt-3">
                <h2 className="text-lg">Practice</h2>
                <p>
                    {practice.planned === 0
                        ? 'No visit planned so far.'
                        : `${String(practice.done)} of ${String(practice.planned)} visits done.`}
                </p>
                {latestDrills.map((one) => (
                    <p key={one.name} className="mt-1">
                        <strong>{one.name}:</strong> {one.last}
                        {one.passed ? ', passed' : ''}. {one.next}
                    </p>
                ))}
            </div>
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
    const { lessons, count, kinds } = progress;
    const begun = student.lessons_count > 0;
    return (
        <section aria-label="Lessons" className="min-w-0 lg:col-start-2 lg:row-span-2 lg:row-start-1" aria-busy={busy}>
            {!begun && <p>No lesson yet. Begin with the task, then look at the set-up.</p>}
            {begun && (
                <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
                    <div role="group" aria-label="View" className="flex">
                        <Button
                            chosen={!overTime}
                            onClick={() => {
                                choose({ view: null });
                            }}
                        >
                            Lesson by lesson
                        </Button>
                        <Button
                            className="-ml-[1.5px]"
                            chosen={overTime}
                            onClick={() => {
                                choose({ view: 'time' });
                            }}
                        >
                            Over time
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
                <OverTime progress={progress} catalogue={catalogue} units={coach.units} />
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
                    Show earlier lessons ({count - lessons.length} more)
                </Button>
            )}
        </section>
    );
}

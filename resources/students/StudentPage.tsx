import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router-dom';
import { shotOf, useCatalogue, useCoach, useProgress, useStudent } from '../api/queries';
import type { Catalogue, Progress, Work } from '../api/types.gen';
import { LessonByLesson } from '../progress/LessonByLesson';
import { OverTime } from '../progress/OverTime';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day, percent } from '../ui/units';
import { Removing } from './Removing';
import { Reports } from './Reports';
import { StudentForm } from './StudentForm';

/** So many lessons more are drawn at a press. */
const MORE = 24;

/** Drills whose next step is told. */
const DRILLS = 2;

/** Is it fixed, and what now? What is chosen stands in the address, so that the way back leads to the same sight. */
export function StudentPage() {
    const { id = '' } = useParams();
    const [chosen, setChosen] = useSearchParams();
    const [shot, lie, view] = ['shot', 'lie', 'view'].map((key) => chosen.get(key));
    const choose = (over: Record<string, string | null>) => {
        setChosen(
            (before) => {
                const next = new URLSearchParams(before);
                for (const [key, value] of Object.entries(over)) {
                    if (value === null) next.delete(key);
                    else next.set(key, value);
                }
                return next;
            },
            { replace: true },
        );
    };
    const student = useStudent(id);
    const progress = useProgress(id, { shot: shot ?? '', lie: lie ?? '', drawn: chosen.get('drawn') ?? '' });
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const [editing, setEditing] = useState(false);
    const [cause, setCause] = useState<string>();
    if (student.isError)
        return (
            <Page title="Student">
                <Trouble error={student.error} onRetry={() => void student.refetch()} />
            </Page>
        );
    if (progress.isError && progress.data === undefined)
        return (
            <Page title="Student">
                <Trouble error={progress.error} onRetry={() => void progress.refetch()} />
            </Page>
        );
    if (student.data === undefined || coach === undefined || catalogue === undefined || progress.data === undefined)
        return (
            <Page title="Student">
                <Skeleton />
            </Page>
        );
    const { lessons, works, count, drills } = progress.data;
    const latestDrills = drills.filter((_, place) => place < DRILLS);
    const work = works.find((one) => one.cause === cause) ?? works[0];
    const all = [...new Set([...lessons.map((one) => one.id), ...progress.data.course.map((one) => one.lesson).reverse()])];
    const begun = student.data.lessons_count > 0;
    return (
        <Page
            title={student.data.name}
            action={
                <>
                    <Link
                        to={`/students/${id}/practice`}
                        className="flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold"
                    >
                        Practice
                    </Link>
                    <Link
                        to={`/students/${id}/begin`}
                        className="flex min-h-12 items-center border-[1.5px] border-ink bg-ink px-5 font-semibold text-paper"
                    >
                        Begin a lesson
                    </Link>
                </>
            }
        >
            <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[19rem_1fr] lg:grid-rows-[auto_1fr]">
                <section aria-label="Verdict" className="space-y-4">
                    <p className="break-words">
                        {student.data.handed === 'left' ? 'Left-handed. ' : 'Right-handed. '}
                        {student.data.about}{' '}
                        <button
                            type="button"
                            className="min-h-8 underline"
                            onClick={() => {
                                setEditing(true);
                            }}
                        >
                            Change
                        </button>
                    </p>
                    {work === undefined ? begun && <p>Nothing was handed out yet.</p> : <UnderWork work={work} />}
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
                    {progress.data.last_time.length > 0 && (
                        <div className="border-t border-line pt-3">
                            <h2 className="text-lg">Last time</h2>
                            {progress.data.last_time.map((line) => (
                                <p key={line}>{line}</p>
                            ))}
                        </div>
                    )}
                    <div className="border-t border-line pt-3">
                        <h2 className="text-lg">Practice</h2>
                        <p>
                            {progress.data.practice.planned === 0
                                ? 'No visit planned so far.'
                                : `${String(progress.data.practice.done)} of ${String(progress.data.practice.planned)} visits done.`}
                        </p>
                        {latestDrills.map((one) => (
                            <p key={one.name} className="mt-1">
                                <strong>{one.name}:</strong> {one.last}
                                {one.passed ? ', passed' : ''}. {one.next}
                            </p>
                        ))}
                    </div>
                </section>
                <section aria-label="Records" className="space-y-4 max-lg:order-last">
                    <div className="flex flex-wrap gap-2 border-t border-line pt-4">
                        <Link
                            to={`/students/${id}/sheets`}
                            className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                        >
                            Balls from a sheet
                        </Link>
                        {all.length > 1 && <Reports key={all.length} lessons={all} most={catalogue.most.reports} />}
                    </div>
                    <Removing id={id} name={student.data.name} />
                </section>
                <section
                    aria-label="Lessons"
                    className="min-w-0 lg:col-start-2 lg:row-span-2 lg:row-start-1"
                    aria-busy={progress.isFetching}
                >
                    {!begun && <p>No lesson yet. Begin with the task, then look at the set-up.</p>}
                    {begun && (
                        <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
                            <div role="group" aria-label="View" className="flex">
                                <Button
                                    chosen={view !== 'time'}
                                    onClick={() => {
                                        choose({ view: null });
                                    }}
                                >
                                    Lesson by lesson
                                </Button>
                                <Button
                                    className="-ml-[1.5px]"
                                    chosen={view === 'time'}
                                    onClick={() => {
                                        choose({ view: 'time' });
                                    }}
                                >
                                    Over time
                                </Button>
                            </div>
                            <Kinds
                                kinds={progress.data.kinds}
                                shot={shot ?? null}
                                lie={lie ?? null}
                                catalogue={catalogue}
                                onChoose={(over) => {
                                    choose({ ...over, drawn: null });
                                }}
                            />
                        </div>
                    )}
                    {view === 'time' ? (
                        <OverTime progress={progress.data} catalogue={catalogue} units={coach.units} />
                    ) : (
                        <LessonByLesson lessons={lessons} student={student.data} catalogue={catalogue} units={coach.units} />
                    )}
                    {view !== 'time' && count > lessons.length && (
                        <Button
                            className="mt-4"
                            disabled={progress.isFetching}
                            onClick={() => {
                                choose({ drawn: String(lessons.length + MORE) });
                            }}
                        >
                            Show earlier lessons ({count - lessons.length} more)
                        </Button>
                    )}
                </section>
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

/** Shot and lie to look at: like with like. Only what there is can be chosen. */
function Kinds({
    kinds,
    shot,
    lie,
    catalogue,
    onChoose,
}: {
    kinds: Progress['kinds'];
    shot: string | null;
    lie: string | null;
    catalogue: Catalogue;
    onChoose: (over: { shot: string | null; lie: string | null }) => void;
}) {
    if (kinds.length < 2) return null;
    const shots = [...new Set(kinds.map((one) => one.shot))];
    const lies = kinds.filter((one) => one.shot === (shot ?? shots[0]) && (shot !== null || shots.length === 1));
    return (
        <div className="flex flex-wrap items-center gap-2">
            {shots.length > 1 && (
                <div role="group" aria-label="Shot" className="flex">
                    <Button
                        chosen={shot === null}
                        onClick={() => {
                            onChoose({ shot: null, lie: null });
                        }}
                    >
                        all shots
                    </Button>
                    {shots.map((one) => (
                        <Button
                            key={one}
                            className="-ml-[1.5px]"
                            chosen={shot === one}
                            onClick={() => {
                                onChoose({ shot: one, lie: null });
                            }}
                        >
                            {one}
                        </Button>
                    ))}
                </div>
            )}
            {lies.length > 1 && (
                <div role="group" aria-label="Lie" className="flex flex-wrap">
                    <Button
                        chosen={lie === null}
                        onClick={() => {
                            onChoose({ shot, lie: null });
                        }}
                    >
                        all lies
                    </Button>
                    {lies.map((one) => (
                        <Button
                            key={one.lie}
                            className="-ml-[1.5px]"
                            chosen={lie === one.lie}
                            onClick={() => {
                                onChoose({ shot: one.shot, lie: one.lie });
                            }}
                        >
                            {shotOf(catalogue, one.shot)?.lies.find((known) => known.id === one.lie)?.label ?? one.lie}
                        </Button>
                    ))}
                </div>
            )}
        </div>
    );
}

/** "Look again on 9 Dec 2026.", of a date without a time */
function due(date: string): string {
    const today = new Date().toLocaleDateString('sv');
    return date > today
        ? `Look again on ${day(date)}.`
        : date === today
          ? 'The retest is due today.'
          : `The retest is due since ${day(date)}.`;
}

/** The verdict is the headline; its sentence says how sure it is and what would settle it. */
function UnderWork({ work }: { work: Work }) {
    const rate = (one: Work['before']) =>
        one && `${String(one.count)} of ${String(one.of)} (${percent(one.interval[0])} to ${percent(one.interval[1])})`;
    return (
        <div data-verdict={work.verdict}>
            <h2 className="text-[26px]">
                {work.name.split(':')[0]}: {work.verdict_text}
            </h2>
            <p className="mt-1">{work.text}</p>
            {work.before && (
                <p className="mt-2">
                    Before the change {rate(work.before)}
                    {work.now && <>, now {rate(work.now)}</>} {work.counted}.
                </p>
            )}
            {work.touch !== null && <p className="mt-2">{work.touch}</p>}
            <p className="mt-2 font-semibold">
                {work.next} {due(work.recheck)}
            </p>
            {work.not_comparable.map((why) => (
                <p key={why} className="mt-1 text-sm">
                    {why}
                </p>
            ))}
        </div>
    );
}

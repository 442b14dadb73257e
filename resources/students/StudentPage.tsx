import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import { call } from '../api/client';
import { useCatalogue, useCoach, useProgress, useStudent } from '../api/queries';
import type { ProgressLesson, Student, Units, Work } from '../api/types';
import { StackedStrip } from '../figures/StackedStrip';
import { SET_NAMES, taskLine } from '../lesson/words';
import { Course, type Point } from '../progress/Course';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day, percent, shownFactor, shownUnit } from '../ui/units';
import { Removing } from './Removing';
import { StudentForm } from './StudentForm';

export function StudentPage() {
    const { id = '' } = useParams();
    const student = useStudent(id);
    const progress = useProgress(id);
    const { data: coach } = useCoach();
    const [editing, setEditing] = useState(false);
    const [shot, setShot] = useState<string>();
    const [cause, setCause] = useState<string>();
    if (student.isError) return <Page title="Student"><Trouble error={student.error} onRetry={() => void student.refetch()} /></Page>;
    if (progress.isError && progress.data === undefined) return <Page title="Student"><Trouble error={progress.error} onRetry={() => void progress.refetch()} /></Page>;
    if (student.data === undefined || coach === undefined || progress.data === undefined) return <Page title="Student"><Skeleton /></Page>;
    const { lessons, works } = progress.data;
    const shots = [...new Set(lessons.map((lesson) => lesson.task.shot))];
    const shown = lessons.filter((lesson) => shot === undefined || lesson.task.shot === shot);
    const work = works.find((one) => one.cause === cause) ?? works[0];
    return (
        <Page
            title={student.data.name}
            action={<>
                <Link to={`/students/${id}/practice`} className="flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold">Practice</Link>
                <Link to={`/students/${id}/begin`} className="flex min-h-12 items-center border-[1.5px] border-ink bg-ink px-5 font-semibold text-paper">Begin a lesson</Link>
            </>}
        >
            <div className="grid gap-8 lg:grid-cols-[20rem_1fr]">
                <section aria-label="Verdict" className="space-y-5">
                    <p className="break-words">{student.data.handed === 'left' ? 'Left-handed. ' : 'Right-handed. '}{student.data.about} <button type="button" className="min-h-8 underline" onClick={() => { setEditing(true); }}>Change</button></p>
                    {work === undefined ? lessons.length > 0 && <p>Nothing was handed out yet.</p> : <UnderWork work={work} />}
                    {works.length > 1 && (
                        <div role="group" aria-label="Causes" className="flex flex-wrap gap-1.5">
                            {works.map((one) => <Button key={one.cause} className="text-left text-sm leading-tight" chosen={one.cause === work?.cause} onClick={() => { setCause(one.cause); }}>{one.name.split(':')[0]}: {one.verdict_text}</Button>)}
                        </div>
                    )}
                    {progress.data.last_time.length > 0 && (
                        <div className="border-t border-line pt-3">
                            <h2 className="text-lg">Last time</h2>
                            {progress.data.last_time.map((line) => <p key={line}>{line}</p>)}
                        </div>
                    )}
                    <div className="border-t border-line pt-3">
                        <h2 className="text-lg">Practice</h2>
                        <p>{progress.data.practice.planned === 0 ? 'No visit planned so far.' : `${String(progress.data.practice.done)} of ${String(progress.data.practice.planned)} visits done.`}</p>
                    </div>
                    <Link to={`/students/${id}/sheets`} className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold">Balls from a sheet</Link>
                    {lessons.length > 1 && <Reports lessons={lessons.map((one) => one.id)} />}
                    <Removing id={id} name={student.data.name} />
                </section>
                <section aria-label="Lessons" className="min-w-0">
                    {lessons.length === 0 && <p>No lesson yet. Begin with the task, then look at the set-up.</p>}
                    {shots.length > 1 && (
                        <div role="group" aria-label="Shots" className="mb-4 flex">
                            <Button chosen={shot === undefined} onClick={() => { setShot(undefined); }}>all shots</Button>
                            {shots.map((one) => <Button key={one} className="-ml-[1.5px]" chosen={shot === one} onClick={() => { setShot(one); }}>{one}</Button>)}
                        </div>
                    )}
                    {shown.map((lesson) => <LessonInShort key={lesson.id} lesson={lesson} student={student.data} units={coach.units} />)}
                    <Courses lessons={shown} units={coach.units} />
                </section>
            </div>
            {editing && <StudentForm student={student.data} onClose={() => { setEditing(false); }} />}
        </Page>
    );
}

/** The verdict is the headline; its sentence says how sure it is and what would settle it. */
function UnderWork({ work }: { work: Work }) {
    const rate = (one: Work['before']) => one && `${String(one.count)} of ${String(one.of)} (${percent(one.interval[0])} to ${percent(one.interval[1])})`;
    return (
        <div data-verdict={work.verdict}>
            <h2 className="text-[26px]">{work.name.split(':')[0]}: {work.verdict_text}</h2>
            <p className="mt-1">{work.text}</p>
            {work.before && <p className="mt-2">At first {rate(work.before)}{work.now && <>, now {rate(work.now)}</>} good.</p>}
            <p className="mt-2 font-semibold">{work.next} Look again on {day(work.recheck)}.</p>
            {work.not_comparable.map((why) => <p key={why} className="mt-1 text-sm">{why}</p>)}
        </div>
    );
}

/** Clean rate and scatter of the low point over the lessons. */
function Courses({ lessons, units }: { lessons: ProgressLesson[]; units: Units }) {
    const sets = [...lessons].reverse().flatMap((lesson) => lesson.sets.map((set) => ({ lesson, set })));
    const factor = shownFactor('mm', units);
    const rates: Point[] = sets.filter(({ set }) => set.good.of > 0).map(({ lesson, set }) => ({ at: lesson.began_at, label: SET_NAMES[set.purpose], value: set.good.count / set.good.of, low: set.interval?.[0] ?? null, high: set.interval?.[1] ?? null, n: set.good.of }));
    const scatters: Point[] = sets.flatMap(({ lesson, set }) => (set.low_point?.sd == null ? [] : [{ at: lesson.began_at, label: SET_NAMES[set.purpose], value: set.low_point.sd / factor, low: set.sd_interval[0] === undefined ? null : set.sd_interval[0] / factor, high: set.sd_interval[1] === undefined ? null : set.sd_interval[1] / factor, n: set.low_point.n }]));
    const widest = Math.max(1, ...scatters.map((one) => Math.min(one.high ?? one.value, 3 * one.value)));
    return (
        <div className="mt-6 grid gap-8 border-t-[1.5px] border-ink pt-4 md:grid-cols-2">
            <Course title="Good strikes" unit="share" points={rates} highest={1} shown={percent} />
            <Course title="Scatter of the low point" unit={shownUnit('mm', units)} points={scatters} highest={Math.ceil(widest)} shown={(value) => `${String(Math.round(value * 10) / 10)} ${shownUnit('mm', units)}`} />
        </div>
    );
}

function LessonInShort({ lesson, student, units }: { lesson: ProgressLesson; student: Student; units: Units }) {
    const { data: catalogue } = useCatalogue();
    const navigate = useNavigate();
    const { given } = lesson;
    return (
        <section className="mb-8 border-t-[1.5px] border-ink pt-2" aria-label={`Lesson of ${day(lesson.began_at)}`}>
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h2 className="text-xl">{day(lesson.began_at)}</h2>
                <span>{taskLine(lesson.task, catalogue, units)}</span>
                <span className="ml-auto flex flex-wrap gap-x-3">
                    {([['Report A4', 'paper=a4'], ['Letter', 'paper=letter'], ['Print', 'as=print']] as const).map(([words, how]) => <a key={how} href={`/api/lessons/${lesson.id}/report?${how}`} className="min-h-12 px-1 py-3 underline">{words}</a>)}
                    <DeleteLesson id={lesson.id} />
                    <Link to={`/lessons/${lesson.id}`} className="min-h-12 px-2 py-3 font-semibold underline">{lesson.open ? 'Go on with this lesson' : 'Open this lesson'}</Link>
                </span>
            </div>
            {lesson.sets.map((set) => (
                <StackedStrip
                    key={set.id}
                    strip={{ marks: set.marks, good: set.good, window: set.window, mean: set.low_point?.mean ?? null, text: set.text }}
                    title={SET_NAMES[set.purpose]}
                    handed={student.handed}
                    units={units}
                    onBall={(ball) => { void navigate(`/lessons/${lesson.id}?set=${set.id}&ball=${String(ball)}`); }}
                />
            ))}
            {given && <p className="mt-1 text-marram"><strong>{given.cause}.</strong> {given.setup.join(' ')} Feel: {given.feel} {given.drills.length > 0 && <>Drills: {given.drills.join(', ')}.</>}</p>}
        </section>
    );
}

function DeleteLesson({ id }: { id: string }) {
    const queries = useQueryClient();
    const remove = useMutation({ mutationFn: () => call('DELETE', `lessons/${id}`), onSuccess: () => Promise.all([queries.invalidateQueries({ queryKey: ['students'] }), queries.invalidateQueries({ queryKey: ['bin'] })]) });
    return <button type="button" className="min-h-12 px-1 underline" disabled={remove.isPending} title="It can be brought back for 30 days" onClick={() => { remove.mutate(); }}>Delete</button>;
}

interface Pile {
    id: string;
    total: number;
    done: number;
    failed: number;
    finished: boolean;
}

const LOOK_AGAIN_MS = 500;
const MOST_REPORTS = 100;

/** All reports of a student, made by the queue while the coach goes on. */
function Reports({ lessons }: { lessons: string[] }) {
    const make = useMutation({ mutationFn: () => call<Pile>('POST', 'reports', { lessons: lessons.slice(0, MOST_REPORTS), paper: 'a4' }) });
    const id = make.data?.id;
    const pile = useQuery({
        queryKey: ['reports', id],
        queryFn: () => call<Pile>('GET', `reports/${id ?? ''}`),
        enabled: id !== undefined,
        refetchInterval: (query) => (query.state.data?.finished === true ? false : LOOK_AGAIN_MS),
    });
    const now = pile.data ?? make.data;
    return (
        <div className="mb-6">
            {now === undefined && <Button disabled={make.isPending} onClick={() => { make.mutate(); }}>Reports of all {lessons.length} lessons</Button>}
            {make.isError && <p role="alert" className="font-semibold text-rust">{make.error.message}</p>}
            {now !== undefined && (
                <p role="status" className="flex items-center gap-4">
                    <progress className="h-4 w-60" max={now.total} value={now.done} aria-label="Reports made" /> {now.done} of {now.total} reports made
                    {now.finished && <a className="font-semibold underline" href={`/api/reports/${now.id}/zip`} download>Fetch them (zip)</a>}
                </p>
            )}
        </div>
    );
}

import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router-dom';
import { call } from '../api/client';
import { callOrKept } from '../api/kept';
import { lessonKey, lessonPath, useCatalogue, useCoach, useStudent } from '../api/queries';
import type { Lesson, LessonPage, Student, Units } from '../api/types';
import { StackedStrip } from '../figures/StackedStrip';
import { SET_NAMES, taskLine } from '../lesson/words';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day } from '../ui/units';
import { StudentForm } from './StudentForm';

export function StudentPage() {
    const { id = '' } = useParams();
    const student = useStudent(id);
    const { data: coach } = useCoach();
    const [editing, setEditing] = useState(false);
    if (student.isError) return <Page title="Student"><Trouble error={student.error} onRetry={() => void student.refetch()} /></Page>;
    if (student.data === undefined || coach === undefined) return <Page title="Student"><Skeleton /></Page>;
    return (
        <Page
            title={student.data.name}
            action={<>
                <Link to={`/students/${id}/practice`} className="flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold">Practice</Link>
                <Link to={`/students/${id}/begin`} className="flex min-h-12 items-center border-[1.5px] border-ink bg-ink px-5 font-semibold text-paper">Begin a lesson</Link>
            </>}
        >
            <p className="mb-6 text-lg break-words">{student.data.handed === 'left' ? 'Left-handed. ' : 'Right-handed. '}{student.data.about} <button type="button" className="min-h-8 text-base underline" onClick={() => { setEditing(true); }}>Change</button></p>
            {editing && <StudentForm student={student.data} onClose={() => { setEditing(false); }} />}
            {(student.data.lessons?.length ?? 0) > 1 && <Reports lessons={student.data.lessons?.map((one) => one.id) ?? []} />}
            {student.data.lessons?.length === 0 && <p>No lesson yet. Begin with the task, then look at the set-up.</p>}
            {student.data.lessons?.map((lesson) => <LessonInShort key={lesson.id} lesson={lesson} student={student.data} units={coach.units} />)}
        </Page>
    );
}

function LessonInShort({ lesson, student, units }: { lesson: Lesson; student: Student; units: Units }) {
    const { data: catalogue } = useCatalogue();
    const page = useQuery({ queryKey: lessonKey(lesson.id), queryFn: () => callOrKept<LessonPage>(lessonPath(lesson.id)), staleTime: Infinity });
    const given = lesson.prescription?.content;
    return (
        <section className="mb-10 border-t-[1.5px] border-ink pt-3" aria-label={`Lesson of ${day(lesson.began_at)}`}>
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h2 className="text-xl">{day(lesson.began_at)}</h2>
                <span>{taskLine(lesson.task, catalogue, units)}</span>
                <span className="ml-auto flex gap-3">
                    {([['Report A4', 'paper=a4'], ['Letter', 'paper=letter'], ['Print', 'as=print']] as const).map(([words, how]) => <a key={how} href={`/api/lessons/${lesson.id}/report?${how}`} className="min-h-12 px-1 py-3 underline">{words}</a>)}
                </span>
                <Link to={`/lessons/${lesson.id}`} className=" min-h-12 px-2 py-3 font-semibold underline">{lesson.closed_at === null ? 'Go on with this lesson' : 'Open this lesson'}</Link>
            </div>
            {lesson.sets.filter((set) => set.balls.length > 0).map((set) => (
                <StackedStrip key={set.id} set={set} title={SET_NAMES[set.purpose]} handed={student.handed} units={units} reading={page.data?.readings[set.id]} />
            ))}
            {given && (
                <p className="mt-2 text-marram">
                    <strong>{given.cause_name}.</strong> {given.setup.map((change) => change.text).join(' ')} Feel: {given.feel} {given.drills.length > 0 && <>Drills: {given.drills.map((drill) => drill.name).join(', ')}.</>}
                </p>
            )}
        </section>
    );
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

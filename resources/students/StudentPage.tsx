import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router-dom';
import { callOrKept } from '../api/kept';
import { lessonKey, lessonPath, useCatalogue, useCoach, useStudent } from '../api/queries';
import type { Lesson, LessonPage, Student, Units } from '../api/types';
import { StackedStrip } from '../figures/StackedStrip';
import { SET_NAMES, taskLine } from '../lesson/words';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day } from '../ui/units';

export function StudentPage() {
    const { id = '' } = useParams();
    const student = useStudent(id);
    const { data: coach } = useCoach();
    if (student.isError) return <Page title="Student"><Trouble error={student.error} onRetry={() => void student.refetch()} /></Page>;
    if (student.data === undefined || coach === undefined) return <Page title="Student"><Skeleton /></Page>;
    return (
        <Page
            title={student.data.name}
            action={<Link to={`/students/${id}/begin`} className="flex min-h-12 items-center border-[1.5px] border-ink bg-ink px-5 font-semibold text-paper">Begin a lesson</Link>}
        >
            <p className="mb-6 text-lg">{student.data.handed === 'left' ? 'Left-handed. ' : 'Right-handed. '}{student.data.about}</p>
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
                <Link to={`/lessons/${lesson.id}`} className="ml-auto min-h-12 px-2 py-3 font-semibold underline">{lesson.closed_at === null ? 'Go on with this lesson' : 'Open this lesson'}</Link>
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

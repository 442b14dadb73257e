import { Link, useNavigate } from 'react-router-dom';
import { titleOf } from '../api/catalogue';
import { nowIso } from '../api/clock';
import type { Catalogue, Lesson, Student, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import type { Bench } from './useBench';
import type { useSets } from './useSets';
import { taskLine } from './words';

interface Props {
    bench: Bench;
    lesson: Lesson;
    student: Student;
    catalogue: Catalogue;
    units: Units;
    shown: ReturnType<typeof useSets>;
    onTask: () => void;
    onKeys: () => void;
}

/** Whose lesson, what shot, which set; and its end. */
export function BenchHead({ bench, lesson, student, catalogue, units, shown, onTask, onKeys }: Props) {
    const navigate = useNavigate();
    const { sets } = shown;
    const wanted = (id: string) => bench.wanted[id] ?? 0;
    const changed = sets.some((one) => one.purpose === 'after');
    const closed = lesson.closed_at !== null;
    return (
        <header className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink px-4 py-1.5">
            <Link to={`/students/${student.id}`} aria-label={`To ${student.name}`} className="flex min-h-12 items-center">
                <Mark className="h-8 w-11" />
            </Link>
            <h1 className="text-2xl">{student.name}</h1>
            <button
                type="button"
                className="min-h-12 text-left leading-tight underline decoration-1 underline-offset-4 max-lg:min-h-8 max-lg:basis-full"
                onClick={onTask}
            >
                {student.handed === 'left' && 'left-handed, '}
                {taskLine(lesson.task, catalogue, units)}
            </button>
            <nav aria-label="Sets" className="ml-auto flex max-lg:w-full max-lg:overflow-x-auto max-lg:pl-[1.5px] max-lg:whitespace-nowrap">
                {sets.map((one) => (
                    <Button
                        key={one.id}
                        chosen={!shown.sideBySide && one.id === shown.set?.id}
                        onClick={() => {
                            shown.show(one.id);
                        }}
                        className="-ml-[1.5px]"
                    >
                        {titleOf(catalogue, one.purpose)} · {one.balls.length}
                        {wanted(one.id) > one.balls.length && `/${String(wanted(one.id))}`}
                    </Button>
                ))}
                <Button
                    className="-ml-[1.5px]"
                    onClick={() => {
                        shown.begin(changed ? 'retest' : 'after', lesson);
                    }}
                >
                    + {titleOf(catalogue, changed ? 'retest' : 'after')}
                </Button>
                {sets.length > 1 && (
                    <Button className="-ml-[1.5px]" chosen={shown.sideBySide} onClick={shown.showAll}>
                        Side by side
                    </Button>
                )}
                <Button className="ml-3 px-4 max-lg:hidden" aria-keyshortcuts="?" aria-label="Keys" onClick={onKeys}>
                    ?
                </Button>
                <Button
                    className="ml-1.5"
                    onClick={() => {
                        bench.saveLesson(lesson.task, closed ? null : nowIso());
                        if (!closed) void navigate(`/students/${student.id}`);
                    }}
                >
                    {closed ? 'Reopen lesson' : 'Close lesson'}
                </Button>
            </nav>
        </header>
    );
}

import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router-dom';
import { useToday } from '../api/queries';
import type { TodayStudent } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day, weekday } from '../ui/units';
import { AccountData } from './AccountData';
import { Sessions } from './Sessions';
import { SetAside } from './SetAside';
import { StudentForm } from './StudentForm';

/** Who needs attention today and why, a lesson one press away. */
export function StudentList() {
    const [sought, setSought] = useState('');
    const today = useToday(useDeferredValue(sought.trim()));
    const [adding, setAdding] = useState(false);
    return (
        <Page
            title="Students"
            action={
                <Button
                    main
                    onClick={() => {
                        setAdding(true);
                    }}
                >
                    Add a student
                </Button>
            }
        >
            <SetAside />
            <label className="mb-4 flex items-center gap-3 font-semibold">
                Find
                <input
                    type="search"
                    className="min-h-12 w-72 max-w-full border-[1.5px] border-ink bg-press px-3 font-normal"
                    value={sought}
                    onChange={(event) => {
                        setSought(event.target.value);
                    }}
                />
                {today.data && (
                    <span className="font-normal">
                        {today.data.total > today.data.students.length
                            ? `${String(today.data.students.length)} of ${String(today.data.total)} shown`
                            : ''}
                    </span>
                )}
            </label>
            {today.isPending && <Skeleton />}
            {today.isError && today.data === undefined && <Trouble error={today.error} onRetry={() => void today.refetch()} />}
            {today.data?.total === 0 && (
                <p>{sought === '' ? 'No students yet. Add the first one, then begin a lesson.' : 'Nobody by that name.'}</p>
            )}
            <ul>
                {today.data?.students.map((student) => (
                    <Row key={student.id} student={student} />
                ))}
            </ul>
            {(today.data?.rechecks.length ?? 0) > 0 && (
                <section aria-label="Coming up" className="mt-8">
                    <h2 className="mb-1 text-xl">Coming up</h2>
                    <ul>
                        {today.data?.rechecks.map((student) => (
                            <li key={student.id}>
                                {weekday(student.recheck ?? '')}: {student.name}, {student.cause?.split(':')[0]}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            <AccountData />
            <Sessions />
            {adding && (
                <StudentForm
                    onClose={() => {
                        setAdding(false);
                    }}
                />
            )}
        </Page>
    );
}

function Row({ student }: { student: TodayStudent }) {
    return (
        <li className="flex flex-wrap items-center gap-x-4 border-b border-line">
            <Link
                to={`/students/${student.id}`}
                className="grid min-h-16 min-w-0 flex-1 grid-cols-1 items-center gap-x-6 py-3 sm:grid-cols-[13rem_1fr_13rem]"
            >
                <span className="display min-w-0 text-xl break-words">{student.name}</span>
                <span className="min-w-0">
                    {student.reasons.length > 0 && <strong className="block">{student.reasons.join(', ')}</strong>}
                    {student.verdict === null ? (
                        <>
                            {student.handed === 'left' ? 'left-handed · ' : ''}
                            {student.about}
                        </>
                    ) : (
                        <>
                            {student.cause?.split(':')[0]}: {student.verdict}
                        </>
                    )}
                </span>
                <span className="text-soft sm:text-right">
                    {student.last === null
                        ? 'no lesson yet'
                        : `${String(student.lessons)} ${student.lessons === 1 ? 'lesson' : 'lessons'}, last ${day(student.last)}`}
                </span>
            </Link>
            <Link
                to={`/students/${student.id}/begin`}
                aria-label={`Begin a lesson with ${student.name}`}
                className="flex min-h-12 items-center border-[1.5px] border-ink bg-press px-4 font-semibold"
            >
                Begin
            </Link>
        </li>
    );
}

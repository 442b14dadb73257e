import { useState } from 'react';
import { Link } from 'react-router-dom';
import { useStudents } from '../api/queries';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { day } from '../ui/units';
import { StudentForm } from './StudentForm';

export function StudentList() {
    const students = useStudents();
    const [adding, setAdding] = useState(false);
    return (
        <Page title="Students" action={<Button main onClick={() => { setAdding(true); }}>Add a student</Button>}>
            {students.isPending && <Skeleton />}
            {students.isError && <Trouble error={students.error} onRetry={() => void students.refetch()} />}
            {students.data?.length === 0 && <p>No students yet. Add the first one, then begin a lesson.</p>}
            <ul>
                {students.data?.map((student) => {
                    const last = student.lessons?.[0];
                    return (
                        <li key={student.id} className="border-b border-line">
                            <Link to={`/students/${student.id}`} className="grid min-h-16 grid-cols-1 items-center gap-x-6 py-3 sm:grid-cols-[14rem_1fr_16rem]">
                                <span className="display min-w-0 text-xl break-words">{student.name}</span>
                                <span>{student.handed === 'left' ? 'left-handed · ' : ''}{student.about}</span>
                                <span className="text-soft sm:text-right">
                                    {last === undefined ? 'no lesson yet' : `${String(student.lessons_count)} ${student.lessons_count === 1 ? 'lesson' : 'lessons'}, last ${day(last.began_at)}`}
                                </span>
                            </Link>
                        </li>
                    );
                })}
            </ul>
            {adding && <StudentForm onClose={() => { setAdding(false); }} />}
        </Page>
    );
}

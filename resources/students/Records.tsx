import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { Student } from '../api/types.gen';
import { Panel } from '../ui/Panel';
import { StudentTrail } from '../audit/StudentTrail';
import { Consents } from './Consents';
import { Removing } from './Removing';
import { Reports } from './Reports';
import { Sharing } from './Sharing';

interface Props {
    student: Student;
    /** Ids, the latest first. */
    lessons: string[];
    mostReports: number;
    onClose: () => void;
}

/** What is wanted now and then: balls from a sheet, all reports, taking a student out. */
export function Records({ student, lessons, mostReports, onClose }: Props) {
    const { t } = useTranslation();
    return (
        <Panel title={t('Records of {{name}}', { name: student.name })} open onOpenChange={onClose}>
            <div className="space-y-4">
                {student.may.update && (
                    <Link
                        to={`/students/${student.id}/sheets`}
                        className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                    >
                        {t('Balls from a sheet')}
                    </Link>
                )}
                {lessons.length > 1 && <Reports key={lessons.length} lessons={lessons} most={mostReports} />}
                <Consents studentId={student.id} changes={student.may.update} />
                <StudentTrail of={{ student: student.id }} />
                {student.may.move && <Sharing student={student} onGone={onClose} />}
                {student.may.update && <Removing student={student} />}
            </div>
        </Panel>
    );
}

import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { TodayStudent } from '../api/types.gen';
import { day } from '../ui/reader';
import { RateLine } from './RateLine';

/** Who, why with its figures, how it went of late, and one button that says what it does. */
export function StudentRow({ student }: { student: TodayStudent }) {
    const { t } = useTranslation();
    const open = student.open ?? null;
    return (
        <div className="flex flex-wrap items-center gap-x-4 border-b border-line">
            <Link
                to={`/students/${student.id}`}
                className="grid min-h-16 min-w-0 flex-1 grid-cols-1 items-center gap-x-6 py-2 sm:grid-cols-[12rem_1fr] lg:grid-cols-[12rem_1fr_11rem_8rem]"
            >
                <span className="min-w-0">
                    <span className="display block text-xl break-words">{student.name}</span>
                    {student.coach !== null && (
                        <span className="block text-sm text-soft">{t('of {{coach}}', { coach: student.coach })}</span>
                    )}
                </span>
                <span className="min-w-0">
                    {student.reasons.length > 0 && <strong className="block">{student.reasons.join('; ')}</strong>}
                    {student.verdict === null ? (
                        <>
                            {student.handed === 'left' ? `${t('left-handed')} · ` : ''}
                            {student.about}
                        </>
                    ) : (
                        <>
                            {student.cause?.split(':')[0]}: {student.verdict}
                        </>
                    )}
                </span>
                <span className="max-lg:hidden">
                    <RateLine rates={student.rates} />
                </span>
                <span className="text-soft lg:text-right">
                    {student.last === null ? (
                        t('no lesson yet')
                    ) : (
                        <>
                            {t('{{count}} lessons', { count: student.lessons })},{' '}
                            <span className="lg:block">{t('last {{day}}', { day: day(student.last) })}</span>
                        </>
                    )}
                </span>
            </Link>
            {student.shared !== 'read' && (
                <Link
                    to={open === null ? `/students/${student.id}/begin` : `/lessons/${open}`}
                    aria-label={
                        open !== null
                            ? t('Go on with {{name}}', { name: student.name })
                            : student.retest
                              ? t('Retest {{name}}', { name: student.name })
                              : t('Begin a lesson with {{name}}', { name: student.name })
                    }
                    className="flex min-h-12 w-24 items-center justify-center border-[1.5px] border-ink bg-press font-semibold"
                >
                    {open !== null ? t('Go on') : student.retest ? t('Retest') : t('Begin')}
                </Link>
            )}
        </div>
    );
}

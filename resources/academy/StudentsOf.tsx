import { useTranslation } from 'react-i18next';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Link } from 'react-router-dom';
import { ask } from '../ask/queries';
import type { CoachAtWork } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Skeleton } from '../frame/Page';

/** The students of one coach, for the lead. */
export function StudentsOf({ coach }: { coach: CoachAtWork }) {
    const { t } = useTranslation();
    const students = useInfiniteQuery(ask.studentsOf(coach.id));
    const all = students.data?.pages.flatMap((page) => page.students) ?? [];
    return (
        <div className="mt-3">
            {students.isPending && <Skeleton lines={2} />}
            {students.isSuccess && all.length === 0 && <p>{t('No students.')}</p>}
            <ul className="columns-1 gap-x-8 sm:columns-2 lg:columns-3">
                {all.map((one) => (
                    <li key={one.id}>
                        <Link to={`/students/${one.id}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
                            {one.name}
                        </Link>{' '}
                        <span className="text-soft">{t('{{count}} lessons', { count: one.lessons_count })}</span>
                    </li>
                ))}
            </ul>
            {students.hasNextPage && (
                <Button disabled={students.isFetchingNextPage} onClick={() => void students.fetchNextPage()}>
                    {t('More')}
                </Button>
            )}
        </div>
    );
}

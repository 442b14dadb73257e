import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import { Panel } from '../ui/Panel';
import { Skeleton, Trouble } from '../frame/Page';
import { day, moment } from '../ui/reader';

/** Who changed what in a lesson, when, and what stood there before. */
export function LessonHistory({ lesson, onClose }: { lesson: { id: string; began_at: string }; onClose: () => void }) {
    const { t } = useTranslation();
    const history = useQuery(ask.history(lesson.id));
    return (
        <Panel title={t('What was changed in the lesson of {{day}}', { day: day(lesson.began_at) })} open onOpenChange={onClose} wide>
            {history.isPending && <Skeleton />}
            {history.isError && <Trouble error={history.error} onRetry={() => void history.refetch()} />}
            {history.data?.length === 0 && <p>{t('Nothing: it stands as it was entered.')}</p>}
            <ol>
                {history.data?.map((one, i) => (
                    <li key={i} className="border-t border-line py-2">
                        <span className="text-soft text-sm">
                            {moment(one.at)}
                            {one.by === null ? '' : `, ${one.by}`}
                        </span>
                        <span className="block break-words">
                            <strong>{one.what}</strong>: {one.text}
                        </span>
                    </li>
                ))}
            </ol>
        </Panel>
    );
}

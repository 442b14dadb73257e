import { t } from '../language';
import { useQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import type { HealthPart } from '../api/types.gen';
import { Skeleton, Trouble } from '../frame/Page';

const MINUTE_S = 60;
const HOUR_S = 3600;
const DAY_S = 86_400;

function ago(seconds: number): string {
    if (seconds < 2 * MINUTE_S) return t('{{n}} seconds ago', { n: Math.round(seconds) });
    if (seconds < 2 * HOUR_S) return t('{{n}} minutes ago', { n: Math.round(seconds / MINUTE_S) });
    return seconds < 2 * DAY_S
        ? t('{{n}} hours ago', { n: Math.round(seconds / HOUR_S) })
        : t('{{n}} days ago', { n: Math.round(seconds / DAY_S) });
}

function words({ part, figure }: HealthPart): string {
    switch (part) {
        case 'database':
            return t('The record store answers in {{n}} ms.', { n: figure ?? 0 });
        case 'queue':
            return figure === 0 ? t('No work waits.') : t('The oldest work waits for {{n}} seconds.', { n: figure ?? 0 });
        case 'worker':
            return figure === null ? t('No worker was ever seen.') : t('The worker was seen {{ago}}.', { ago: ago(figure) });
        case 'long_worker':
            return figure === null
                ? t('No worker for what takes minutes was ever seen.')
                : t('The worker for what takes minutes was seen {{ago}}.', { ago: ago(figure) });
        case 'scheduler':
            return figure === null ? t('The scheduler was never seen.') : t('The scheduler was seen {{ago}}.', { ago: ago(figure) });
        case 'disk':
            return figure === null ? t('How full the disk is, is not known.') : t('{{n}} percent of the disk are free.', { n: figure });
        case 'begun_again':
            return figure === 0
                ? t('Nothing had to be begun again today.')
                : t('Parts that ended by themselves were begun again {{n}} times in a day.', { n: figure ?? 0 });
        case 'proof':
            return figure === null
                ? t('No backup was ever proven: bin/prove brings one back beside and compares.')
                : t('The last backup was proven {{ago}}.', { ago: ago(figure) });
        case 'backup':
            return figure === null
                ? t('No backup was made yet: bin/backup writes one.')
                : t('The last backup was made {{ago}}.', { ago: ago(figure) });
    }
}

/** How the installation does, in words. */
export function Health() {
    const health = useQuery(ask.health());
    if (health.isError) return <Trouble error={health.error} onRetry={() => void health.refetch()} />;
    if (health.data === undefined) return <Skeleton />;
    return (
        <ul className="max-w-2xl">
            {health.data.parts.map((one) => (
                <li
                    key={one.part}
                    data-part={one.part}
                    className={`mb-2 border-l-[6px] px-3 py-1.5 ${one.ok ? 'border-marram' : 'border-ochre bg-ochre-wash'}`}
                >
                    {words(one)} {!one.ok && <strong>{t('Have a look.')}</strong>}
                </li>
            ))}
        </ul>
    );
}

import { useTranslation } from 'react-i18next';
import { useInfiniteQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { TrailLines } from '../audit/TrailLines';

/** Who did what; only added to. */
export function AuditTrail() {
    const { t } = useTranslation();
    const audit = useInfiniteQuery(ask.audit());
    if (audit.isError) return <Trouble error={audit.error} onRetry={() => void audit.refetch()} />;
    if (audit.data === undefined) return <Skeleton />;
    return (
        <div className="max-w-4xl">
            <p className="flex flex-wrap items-center gap-4">
                {t('Nobody changes or takes out a line. Who was erased is named no more.')}
                <a
                    className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                    href="/api/academy/audit.csv"
                >
                    {t('As a sheet (.csv)')}
                </a>
            </p>
            <TrailLines lines={audit.data.pages.flatMap((page) => page.lines)} />
            {audit.hasNextPage && (
                <Button className="mt-3" disabled={audit.isFetchingNextPage} onClick={() => void audit.fetchNextPage()}>
                    {t('Earlier ones')}
                </Button>
            )}
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import type { SheetImport } from '../api/types.gen';
import { Button } from '../ui/Button';
import { HelperSilent } from '../ui/HelperSilent';
import { moment } from '../ui/reader';

/** The sheets of a student, those under way with their progress. */
export function SheetsRead({ id }: { id: string }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const sheets = useQuery(ask.sheets(id));
    const again = () => queries.invalidateQueries(changed.student(id));
    const takeBack = useMutation({
        mutationFn: (one: SheetImport) => api.DELETE('/api/sheets/{import}', at({ import: one.id })),
        onSuccess: again,
    });
    const stop = useMutation({
        mutationFn: (one: SheetImport) => api.POST('/api/sheets/{import}/stop', at({ import: one.id })),
        onSuccess: again,
    });
    const goOn = useMutation({
        mutationFn: (one: SheetImport) => api.POST('/api/sheets/{import}/go-on', at({ import: one.id })),
        onSuccess: again,
    });
    if (sheets.data === undefined || sheets.data.length === 0) return null;
    return (
        <section aria-label={t('Sheets that were read')} className="border-t-[1.5px] border-ink pt-3">
            <h2 className="mb-1 text-xl">{t('Read so far')}</h2>
            <ul>
                {sheets.data.map((one) => (
                    <li key={one.id} className="flex min-h-16 flex-wrap items-center gap-x-4 border-b border-line py-2">
                        <span className="min-w-0 flex-1">
                            <strong className="block break-words">{one.name}</strong>
                            <Progress one={one} />
                        </span>
                        <span>{moment(one.at)}</span>
                        {(one.state === 'reading' || one.state === 'summing') && (
                            <Button
                                disabled={stop.isPending}
                                onClick={() => {
                                    stop.mutate(one);
                                }}
                            >
                                {t('Stop')}
                            </Button>
                        )}
                        {one.state === 'stopped' && (
                            <Button
                                onClick={() => {
                                    goOn.mutate(one);
                                }}
                            >
                                {t('Go on')}
                            </Button>
                        )}
                        {(one.state === 'done' || one.state === 'stopped') && (
                            <Button
                                disabled={takeBack.isPending}
                                title={t('Its lessons can be brought back for 30 days')}
                                onClick={() => {
                                    takeBack.mutate(one);
                                }}
                            >
                                {t('Take back')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function Progress({ one }: { one: SheetImport }) {
    const { t } = useTranslation();
    const came = [
        `${t('{{count}} balls', { count: one.balls })} ${t('in {{count}} lessons', { count: one.days })}`,
        ...(one.refused > 0 ? [t('{{count}} rows refused', { count: one.refused })] : []),
        ...(one.left_out > 0 ? [t('{{n}} left out', { n: one.left_out })] : []),
    ].join(', ');
    if (one.state === 'taken_back') return <>{t('Taken back: {{came}}.', { came })}</>;
    if (one.state === 'done') return <span role="status">{t('Done: {{came}}.', { came })}</span>;
    if (one.state === 'stopped')
        return (
            <span role="alert">
                {t('Stopped at row {{row}} of {{total}}. What was read is stored; go on from there.', {
                    row: one.rows_done,
                    total: one.total,
                })}
            </span>
        );
    return (
        <span role="status" className="flex flex-wrap items-center gap-3">
            <progress className="h-4 w-60" max={one.total} value={one.rows_done} aria-label={t('Rows read')} />
            {one.state === 'reading'
                ? t('{{read}} of {{total}} rows read', { read: one.rows_done, total: one.total })
                : one.sets_left === null
                  ? t('all rows read, adding up')
                  : t('all rows read, {{n}} sets to add up', { n: one.sets_left })}
            {one.helper_silent && <HelperSilent />}
        </span>
    );
}

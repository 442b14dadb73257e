import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../api/client';
import { ask, changed } from '../api/queries';
import { Button } from '../ui/Button';
import { moment } from '../ui/reader';
import { Problem } from '../ui/Problem';

/** Where the coach is signed in; a lost phone is signed out from here. */
export function Sessions() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const sessions = useQuery(ask.sessions());
    const end = useMutation({
        mutationFn: () => call('DELETE', 'sessions/others'),
        onSuccess: () => queries.invalidateQueries(changed.sessions),
    });
    if (sessions.data === undefined || sessions.data.length === 0) return null;
    return (
        <section aria-label={t('Signed in on')} className="mt-8">
            <h3 className="font-text text-base font-bold">{t('Signed in on')}</h3>
            <ul>
                {sessions.data.map((one) => (
                    <li key={`${one.seen_at} ${one.address} ${String(one.here)}`} className="flex min-h-12 flex-wrap items-center gap-x-4">
                        <span>{one.here ? t('this {{device}}', { device: t(one.kind) }) : t(one.kind)}</span>
                        <span className="text-soft">
                            {t('{{address}}, last used {{moment}}', { address: one.address, moment: moment(one.seen_at) })}
                        </span>
                    </li>
                ))}
            </ul>
            {sessions.data.some((one) => !one.here) && (
                <Button
                    disabled={end.isPending}
                    onClick={() => {
                        end.mutate();
                    }}
                >
                    {t('Sign out the others')}
                </Button>
            )}
            <Problem text={end.error?.message} />
        </section>
    );
}

import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { moment } from '../ui/reader';
import { Problem } from '../ui/Problem';

/** So many are shown at first, the one that asks and those used last. */
const SHOWN = 5;

/** Where the coach is signed in; a lost phone is signed out from here. */
export function Sessions() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [all, setAll] = useState(false);
    const sessions = useQuery(ask.sessions());
    const end = useMutation({
        mutationFn: (which: string) =>
            which === 'others' ? api.DELETE('/api/sessions/others') : api.DELETE('/api/sessions/{key}', at({ key: which })),
        onSuccess: () => queries.invalidateQueries(changed.sessions),
    });
    if (sessions.data === undefined || sessions.data.length === 0) return null;
    return (
        <section aria-label={t('Signed in on')} className="mt-8">
            <h3 className="font-text text-base font-bold">{t('Signed in on')}</h3>
            <ul>
                {sessions.data.slice(0, all ? undefined : SHOWN).map((one) => (
                    <li key={one.key} className="flex min-h-12 flex-wrap items-center gap-x-4">
                        <span>{one.here ? t('this {{device}}', { device: t(one.kind) }) : t(one.kind)}</span>
                        <span className="text-soft">
                            {t('{{address}}, last used {{moment}}', { address: one.address, moment: moment(one.seen_at) })}
                        </span>
                        {!one.here && (
                            <button
                                type="button"
                                className="min-h-12 px-1 underline"
                                aria-label={t('Sign out the {{device}} at {{address}}', { device: t(one.kind), address: one.address })}
                                disabled={end.isPending}
                                onClick={() => {
                                    end.mutate(one.key);
                                }}
                            >
                                {t('Sign out')}
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            {!all && sessions.data.length > SHOWN && (
                <button
                    type="button"
                    className="mr-4 min-h-12 px-1 underline"
                    onClick={() => {
                        setAll(true);
                    }}
                >
                    {t('Show {{n}} more', { n: sessions.data.length - SHOWN })}
                </button>
            )}
            {sessions.data.filter((one) => !one.here).length > 1 && (
                <Button
                    disabled={end.isPending}
                    onClick={() => {
                        end.mutate('others');
                    }}
                >
                    {t('Sign out the others')}
                </Button>
            )}
            <Problem text={end.error?.message} />
        </section>
    );
}

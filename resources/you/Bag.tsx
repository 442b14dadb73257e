import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { api } from '../api/client';
import { useCatalogue } from '../ask/queries';
import type { Club, Coach } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { ClubRows, clubsOf, rowsOf } from './ClubRows';
import { told } from '../api/told';

/** The clubs at hand: offered where a lesson begins, and by the planner. */
export function Bag({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const { data: catalogue } = useCatalogue();
    if (catalogue === undefined) return null;
    const clubs = coach.bag ?? catalogue.clubs;
    return (
        <section aria-label={t('Clubs')}>
            <h2 className="mb-1 text-xl">{t('Clubs')}</h2>
            <p className="mb-2 text-soft">{coach.bag === null ? t('The usual four, until you say which are yours.') : t('Your own.')}</p>
            <Rows key={JSON.stringify(clubs)} coach={coach} clubs={clubs} />
        </section>
    );
}

function Rows({ coach, clubs }: { coach: Coach; clubs: Club[] }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const first = rowsOf(clubs);
    const [rows, setRows] = useState(first);
    const save = useMutation({
        mutationFn: (bag: Club[] | null) => api.PUT('/api/me', { body: { name: coach.name, units: coach.units, bag } }),
        onSuccess: () => queries.invalidateQueries(),
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        save.mutate(clubsOf(rows));
    };
    return (
        <form onSubmit={onSend} className="space-y-2">
            <ClubRows rows={rows} onRows={setRows} />
            <div className="flex flex-wrap gap-3 pt-1">
                <Button type="submit" main disabled={save.isPending || JSON.stringify(rows) === JSON.stringify(first)}>
                    {t('Save')}
                </Button>
                {coach.bag !== null && (
                    <Button
                        onClick={() => {
                            save.mutate(null);
                        }}
                    >
                        {t('The usual four')}
                    </Button>
                )}
            </div>
            <Problem text={told(save.error)} />
        </form>
    );
}

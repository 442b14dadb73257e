import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { call } from '../api/client';
import { useCatalogue } from '../api/queries';
import type { Coach } from '../api/types.gen';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { numberOr } from '../ui/units';
import { told } from './told';

interface Row {
    loft: string;
    bounce: string;
}

/** The clubs at hand: offered where a lesson begins, and by the planner. */
export function Bag({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const { data: catalogue } = useCatalogue();
    if (catalogue === undefined) return null;
    const clubs = coach.bag ?? catalogue.clubs;
    const rows = clubs.map((club) => ({ loft: String(club.loft_deg), bounce: String(club.bounce_deg) }));
    return (
        <section aria-label={t('Clubs')}>
            <h2 className="mb-1 text-xl">{t('Clubs')}</h2>
            <p className="mb-2 text-soft">{coach.bag === null ? t('The usual four, until you say which are yours.') : t('Your own.')}</p>
            <Rows key={JSON.stringify(rows)} coach={coach} first={rows} />
        </section>
    );
}

function Rows({ coach, first }: { coach: Coach; first: Row[] }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [rows, setRows] = useState(first);
    const save = useMutation({
        mutationFn: (bag: unknown) => call<Coach>('PUT', 'me', { name: coach.name, units: coach.units, bag }),
        onSuccess: () => queries.invalidateQueries(),
    });
    const change = (at: number, part: Partial<Row>) => {
        setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
    };
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        // What is no number goes out as typed: the server names what is wrong with it.
        save.mutate(rows.map((row) => ({ loft_deg: numberOr(row.loft), bounce_deg: numberOr(row.bounce) })));
    };
    return (
        <form onSubmit={onSend} className="space-y-2">
            {rows.map((row, i) => (
                <div key={i} className="flex flex-wrap items-end gap-3">
                    <TextField
                        label={t('Loft °')}
                        outer="flex items-center gap-2"
                        className="mt-0! w-20"
                        inputMode="decimal"
                        value={row.loft}
                        onValue={(loft) => {
                            change(i, { loft });
                        }}
                    />
                    <TextField
                        label={t('Bounce °')}
                        outer="flex items-center gap-2"
                        className="mt-0! w-20"
                        inputMode="decimal"
                        value={row.bounce}
                        onValue={(bounce) => {
                            change(i, { bounce });
                        }}
                    />
                    <Button
                        aria-label={t('Take out {{club}}', { club: `${row.loft}/${row.bounce}` })}
                        onClick={() => {
                            setRows(rows.filter((_, at) => at !== i));
                        }}
                    >
                        ×
                    </Button>
                </div>
            ))}
            <div className="flex flex-wrap gap-3 pt-1">
                <Button
                    onClick={() => {
                        setRows([...rows, { loft: '', bounce: '' }]);
                    }}
                >
                    {t('Another club')}
                </Button>
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
            {save.isError && (
                <p role="alert" className="font-semibold whitespace-pre-line text-rust">
                    {told(save.error)}
                </p>
            )}
        </form>
    );
}

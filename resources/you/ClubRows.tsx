import { useTranslation } from 'react-i18next';
import type { Club } from '../api/types.gen';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { numberOr } from '../ui/units';

/** A club while it is typed. */
export interface ClubRow {
    name: string;
    loft: string;
    bounce: string;
}

export const rowsOf = (clubs: Club[]): ClubRow[] =>
    clubs.map((club) => ({ name: club.name ?? '', loft: String(club.loft_deg), bounce: String(club.bounce_deg) }));

/** What is no number goes out as typed: the server names what is wrong with it. */
export const clubsOf = (rows: ClubRow[]): Club[] =>
    rows.map(({ name, loft, bounce }) => ({
        ...(name.trim() === '' ? {} : { name: name.trim() }),
        loft_deg: numberOr(loft),
        bounce_deg: numberOr(bounce),
    }));

/** Clubs to type: a line each. */
export function ClubRows({ rows, onRows }: { rows: ClubRow[]; onRows: (rows: ClubRow[]) => void }) {
    const { t } = useTranslation();
    const change = (at: number, part: Partial<ClubRow>) => {
        onRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
    };
    return (
        <div className="space-y-2">
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
                    <TextField
                        label={t('Name')}
                        outer="flex items-center gap-2"
                        className="mt-0! w-28"
                        value={row.name}
                        onValue={(name) => {
                            change(i, { name });
                        }}
                    />
                    <Button
                        aria-label={t('Take out {{club}}', { club: `${row.loft}/${row.bounce}` })}
                        onClick={() => {
                            onRows(rows.filter((_, at) => at !== i));
                        }}
                    >
                        ×
                    </Button>
                </div>
            ))}
            <Button
                onClick={() => {
                    onRows([...rows, { name: '', loft: '', bounce: '' }]);
                }}
            >
                {t('Another club')}
            </Button>
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import type { Handed, Observable, Reading, Units } from '../api/types.gen';
import { ObservationField } from '../ui/ObservationField';
import { day } from '../ui/reader';

interface Props {
    standing: NonNullable<Reading['standing']>;
    looks: Observable[];
    /** When the lesson began. */
    began: string;
    units: Units;
    handed: Handed;
    faultOf: (what: Observable) => string | undefined;
    onSee: (what: Observable, value: number | string | null) => void;
}

/** Looks of earlier sets that stand until they are taken again: a press says that it is still so, or changes it. */
export function Standing({ standing, looks, began, units, handed, faultOf, onSee }: Props) {
    const { t } = useTranslation();
    const rows = standing.flatMap((one) => {
        const what = looks.find((look) => look.id === one.observable);
        return what === undefined ? [] : [{ what, value: one.value, days: one.days_ago }];
    });
    if (rows.length === 0) return null;
    return (
        <>
            <h2 className="mt-2 mb-1 border-t border-line pt-2 text-lg">{t('From before')}</h2>
            <ul>
                {rows.map(({ what, value, days }) => (
                    <li key={what.id} className="flex items-center gap-2">
                        <ObservationField
                            {...{ what, value, units, handed }}
                            since={days === 0 ? t('earlier today') : day(back(began, days))}
                            fault={faultOf(what)}
                            onSee={(next) => {
                                onSee(what, next);
                            }}
                        />
                        <button
                            type="button"
                            className="min-h-11 shrink-0 text-sm underline underline-offset-4"
                            aria-label={t('{{label}}: still so', { label: what.label })}
                            onClick={() => {
                                onSee(what, value);
                            }}
                        >
                            {t('Still so')}
                        </button>
                    </li>
                ))}
            </ul>
        </>
    );
}

const DAY_MS = 86_400_000;

const back = (iso: string, days: number) => new Date(new Date(iso).getTime() - days * DAY_MS).toISOString();

import { useTranslation } from 'react-i18next';
import { observableOf } from '../api/catalogue';
import type { Catalogue, Observed, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { SelectField } from '../ui/SelectField';
import { observed, shownUnit } from '../ui/units';

export interface TypedFigure {
    observable: string;
    typed: string;
}

interface Props {
    figures: TypedFigure[];
    /** No more than these. */
    most: number;
    /** As it is now. */
    setup: Observed;
    catalogue: Catalogue;
    units: Units;
    onChange: (figures: TypedFigure[]) => void;
}

/** Any figures of the set-up, in the order in which they are taken. */
export function OwnFigures({ figures, most, setup, catalogue, units, onChange }: Props) {
    const { t } = useTranslation();
    const open = catalogue.observables.filter(
        (one) => one.group === 'setup' && one.kind === 'number' && !figures.some((figure) => figure.observable === one.id),
    );
    return (
        <>
            <h3 className="text-lg">{t('Set-up, any figures')}</h3>
            <ol className="mb-1 list-decimal space-y-1 pl-5">
                {figures.map((figure) => {
                    const what = observableOf(catalogue, figure.observable);
                    const now = setup[figure.observable];
                    if (what === undefined) return null;
                    return (
                        <li key={what.id}>
                            <label className="inline-flex items-baseline gap-2">
                                <span className="w-36">{what.label}</span>
                                <input
                                    aria-label={what.label}
                                    inputMode="decimal"
                                    className="min-h-12 w-24 border-[1.5px] border-ink bg-press px-2"
                                    value={figure.typed}
                                    onChange={(event) => {
                                        onChange(figures.map((one) => (one === figure ? { ...one, typed: event.target.value } : one)));
                                    }}
                                />
                                {shownUnit(what.unit, units)}
                            </label>
                            {now !== undefined && now !== null && (
                                <span className="ml-2 text-sm">{t('now {{value}}', { value: observed(what, now, units) })}</span>
                            )}
                            <Button
                                aria-label={t('Leave out {{label}}', { label: what.label })}
                                className="ml-2"
                                onClick={() => {
                                    onChange(figures.filter((one) => one !== figure));
                                }}
                            >
                                ×
                            </Button>
                        </li>
                    );
                })}
            </ol>
            {figures.length < most && (
                <SelectField
                    label={t('Add a figure')}
                    unseen
                    className="mb-4"
                    options={[{ value: '', label: t('Add a figure') }, ...open.map(({ id, label }) => ({ value: id, label }))]}
                    value=""
                    onValue={(id) => {
                        if (id !== '') onChange([...figures, { observable: id, typed: '' }]);
                    }}
                />
            )}
        </>
    );
}

import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { observableOf } from '../api/catalogue';
import type { Catalogue, CoursePoint, Units } from '../api/types.gen';
import { SelectField } from '../ui/SelectField';
import { observed, shownFactor } from '../ui/units';
import { placeOf } from './course';
import { TimeChart } from './TimeChart';
import type { Span } from './timeline';

interface Props {
    course: CoursePoint[];
    catalogue: Catalogue;
    units: Units;
    span: Span;
    flags: string[];
}

/** One figure of the set-up against the card that was in force. */
export function SetupChart({ course, catalogue, units, span, flags }: Props) {
    const { t } = useTranslation();
    const [looked, setLooked] = useState<string>();
    const measured = [...new Set(course.flatMap((one) => Object.keys(one.setup)))].filter(
        (id) => observableOf(catalogue, id) !== undefined,
    );
    const id = measured.find((one) => one === looked) ?? measured.find((one) => one === 'shaft_lean_deg') ?? measured[0] ?? '';
    const what = observableOf(catalogue, id);
    if (what === undefined) return null;
    const factor = shownFactor(what.unit, units);
    const setups = course.flatMap((one) => {
        const value = one.setup[id];
        const card = one.card[id];
        return typeof value === 'number' && card !== undefined ? [{ ...placeOf(catalogue, one), value: value / factor, card }] : [];
    });
    if (setups.length === 0) return null;
    return (
        <TimeChart
            title={t('Set-up against the card')}
            value={what.label}
            span={span}
            flags={flags}
            shown={(value) => observed(what, value * factor, units)}
            band={setups.map(({ card }) => ({ low: card[0] / factor, high: card[1] / factor }))}
            points={setups.map(({ at, label, to, value }) => ({ at, label, to, value, low: null, high: null, n: null }))}
            choice={
                <SelectField
                    label={t('Which look')}
                    unseen
                    options={measured.map((one) => ({ value: one, label: observableOf(catalogue, one)?.label ?? one }))}
                    value={id}
                    onValue={setLooked}
                />
            }
        />
    );
}

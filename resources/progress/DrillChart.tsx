import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import type { DrillCourse } from '../api/types.gen';
import { SelectField } from '../ui/SelectField';
import { percent } from '../ui/units';
import { TimeChart } from './TimeChart';
import type { Span } from './timeline';

interface Props {
    /** Oldest first. */
    results: DrillCourse[];
    span: Span;
    flags: string[];
}

/** The runs of one drill against its pass mark. */
export function DrillChart({ results, span, flags }: Props) {
    const { t } = useTranslation();
    const [trained, setTrained] = useState<string>();
    const drills = [...new Map(results.map((one) => [one.drill, one.name])).entries()];
    const drill = trained ?? drills.at(-1)?.[0];
    const runs = results.filter((one) => one.drill === drill);
    const last = runs.at(-1);
    if (last === undefined) return null;
    return (
        <TimeChart
            title={t('Drill scores')}
            value={last.figure_name}
            span={span}
            flags={flags}
            shown={(value) => (last.is_share ? percent(value) : String(Math.round(value * 10) / 10))}
            mark={last.mark}
            points={runs.map((one) => ({
                at: one.at,
                label: `${one.text}, ${one.passed ? t('passed') : t('not passed')}`,
                value: one.figure,
                low: null,
                high: null,
                n: null,
            }))}
            choice={
                <SelectField
                    label={t('Which drill')}
                    unseen
                    options={drills.map(([id, name]) => ({ value: id, label: name }))}
                    value={drill}
                    onValue={setTrained}
                />
            }
        />
    );
}

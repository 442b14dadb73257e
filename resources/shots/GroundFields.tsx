import { useTranslation } from 'react-i18next';
import type { Catalogue, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { SelectField } from '../ui/SelectField';
import { NumberField } from './NumberField';
import type { Situation } from './PlannerTab';
import { fieldOf } from './shots';

interface Props {
    catalogue: Catalogue;
    units: Units;
    now: Situation;
    /** Length of a step where distances are paced, m. */
    stepM: number;
    onChange: (part: Partial<Situation>) => void;
}

/** Lie, distances, green and what stands in the way, typed or paced. */
export function GroundFields({ catalogue, units, now, stepM, onChange }: Props) {
    const { t } = useTranslation();
    const lies = [...new Map(catalogue.shots.flatMap((shot) => shot.lies).map((lie) => [lie.id, lie])).values()];
    const { obstacle } = now;
    /** An obstacle where one is put up: as far before the green as it is high. */
    const high = catalogue.first_ground.obstacle_m;
    const number = (id: 'edge_m' | 'hole_m' | 'behind_m' | 'slope_deg' | 'stimp' | 'slope_pct') => (
        <NumberField
            key={id}
            field={fieldOf(catalogue.plan, id)}
            value={now[id]}
            units={units}
            stepM={now.step_m ?? undefined}
            stepWord={t('steps')}
            onNumber={(value) => {
                onChange({ [id]: value });
            }}
        />
    );
    return (
        <div className="space-y-2">
            <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
                <SelectField
                    label={t('Lie')}
                    outer="block text-[15px]"
                    className="text-base"
                    options={lies.map(({ id, label }) => ({ value: id, label }))}
                    value={now.lie}
                    onValue={(lie) => {
                        onChange({ lie });
                    }}
                />
                {(['edge_m', 'hole_m', 'behind_m'] as const).map(number)}
                {now.step_m !== null && (
                    <NumberField
                        field={fieldOf(catalogue.plan, 'step_m')}
                        value={now.step_m}
                        units={units}
                        onNumber={(step) => {
                            if (step > 0) onChange({ step_m: step });
                        }}
                    />
                )}
                {obstacle !== null &&
                    (['height_m', 'distance_m'] as const).map((id) => (
                        <NumberField
                            key={id}
                            field={fieldOf(catalogue.plan, id)}
                            value={obstacle[id]}
                            units={units}
                            onNumber={(value) => {
                                onChange({ obstacle: { ...obstacle, [id]: value } });
                            }}
                        />
                    ))}
                <Button
                    chosen={obstacle !== null}
                    onClick={() => {
                        onChange({
                            obstacle: obstacle === null ? { height_m: high, distance_m: Math.max(high, now.edge_m - high) } : null,
                        });
                    }}
                >
                    {t('Obstacle')}
                </Button>
                <Button
                    chosen={now.step_m !== null}
                    onClick={() => {
                        onChange({ step_m: now.step_m === null ? stepM : null });
                    }}
                >
                    {t('Paced')}
                </Button>
            </div>
            <details>
                <summary className="min-h-11 py-2 underline underline-offset-4">
                    {t('Slope {{slope}}°, green {{stimp}} feet, {{pct}} %', { slope: now.slope_deg, stimp: now.stimp, pct: now.slope_pct })}
                </summary>
                <div className="flex flex-wrap items-end gap-x-4 gap-y-2">{(['slope_deg', 'stimp', 'slope_pct'] as const).map(number)}</div>
            </details>
        </div>
    );
}

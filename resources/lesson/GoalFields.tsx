import { said } from '../language';
import { useTranslation } from 'react-i18next';
import type { Goal, GoalChoice } from '../api/types.gen';
import { SelectField } from '../ui/SelectField';
import { numberOr } from '../ui/units';

const SCORED: Record<Goal['kind'], string> = {
    count: said('so many of so many'),
    streak: said('so many in a row'),
    ladder: said('up a ladder'),
    error: said('how far off'),
    timed: said('against time'),
    stations: said('carries from three lengths'),
    contrast: said('two ways in turn'),
    free: said('not scored'),
};

const DOSE = [
    ['sets', said('sets')],
    ['balls', said('balls')],
    ['minutes', said('minutes')],
    ['need', said('pass at')],
    ['of', said('of')],
] as const;

interface Props {
    kinds: Goal['kind'][];
    /** What stands where nothing was changed. */
    goal: GoalChoice;
    over: GoalChoice;
    onChange: (over: GoalChoice) => void;
}

/** Dose and pass mark: how a drill is scored, how much of it, and what passes. */
export function GoalFields({ kinds, goal, over, onChange }: Props) {
    const { t } = useTranslation();
    return (
        <div className="flex flex-wrap items-end gap-2 py-1">
            <SelectField
                label={t('scored by')}
                outer="text-sm"
                className="mt-0! text-base"
                options={kinds.map((kind) => ({ value: kind, label: t(SCORED[kind]) }))}
                value={over.kind ?? goal.kind}
                onValue={(kind) => {
                    onChange({ ...over, kind });
                }}
            />
            {DOSE.map(([key, label]) => (
                <label key={key} className="text-sm">
                    {t(label)}
                    <input
                        inputMode="numeric"
                        className="block min-h-12 w-20 border-[1.5px] border-ink bg-press px-2 text-base"
                        defaultValue={over[key] ?? goal[key] ?? ''}
                        onChange={(event) => {
                            onChange({ ...over, [key]: event.target.value.trim() === '' ? undefined : numberOr(event.target.value) });
                        }}
                    />
                </label>
            ))}
        </div>
    );
}

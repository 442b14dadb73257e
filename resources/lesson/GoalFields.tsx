import { said } from '../language';
import { useTranslation } from 'react-i18next';
import type { Goal, GoalChoice } from '../api/types.gen';
import { numberOr } from '../ui/units';

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
            <label className="text-sm">
                {t('scored by')}
                <select
                    className="block min-h-12 border-[1.5px] border-ink bg-press px-2 text-base"
                    value={over.kind ?? goal.kind}
                    onChange={(event) => {
                        onChange({ ...over, kind: kinds.find((kind) => kind === event.target.value) ?? goal.kind });
                    }}
                >
                    {kinds.map((kind) => (
                        <option key={kind} value={kind}>
                            {kind}
                        </option>
                    ))}
                </select>
            </label>
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

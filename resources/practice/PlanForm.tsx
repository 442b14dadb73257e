import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import type { Catalogue, Coach, Practice, PutPlan } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Check } from '../ui/Check';
import { todayIso, weekdays } from '../ui/reader';
import { numberOr } from '../ui/units';
import { Problem } from '../ui/Problem';

interface Props {
    catalogue: Catalogue;
    coach: Coach;
    practice: Practice;
    busy: boolean;
    problem: string;
    onMake: (body: PutPlan) => void;
}

/** The minutes and days the student really has; the server spreads the drills over them. */
export function PlanForm({ catalogue, coach, practice, busy, problem, onMake }: Props) {
    const { t } = useTranslation();
    const usual = catalogue.usual_plan;
    const made = practice.plan?.made_from;
    const needed = [...new Set(practice.drills.flatMap((drill) => drill.equipment))];
    const [minutes, setMinutes] = useState<Record<number, string>>(() =>
        Object.fromEntries(Object.entries(made?.days ?? usual.days).map(([day, one]) => [day, String(one)])),
    );
    const [grounds, setGrounds] = useState(made?.grounds ?? usual.grounds);
    const [missing, setMissing] = useState<string[]>(
        needed.filter((one) => (made === undefined ? coach : made).equipment?.includes(one) === false),
    );
    const [weeks, setWeeks] = useState(made?.weeks ?? usual.weeks);
    const [game, setGame] = useState(made?.game ?? true);
    const toggle = (list: string[], one: string) => (list.includes(one) ? list.filter((other) => other !== one) : [...list, one]);
    if (practice.drills.length === 0) return null;
    return (
        <form
            className="mt-8 space-y-4"
            aria-label={t('Make the plan')}
            onSubmit={(event) => {
                event.preventDefault();
                onMake({
                    days: Object.fromEntries(Object.entries(minutes).map(([day, typed]) => [day, numberOr(typed)])),
                    grounds,
                    equipment: needed.filter((one) => !missing.includes(one)),
                    weeks,
                    game,
                    from: todayIso(),
                });
            }}
        >
            <h2 className="text-2xl">{practice.plan === null ? t('Make a plan') : t('Change the plan')}</h2>
            <div role="group" aria-label={t('Days and minutes')} className="flex flex-wrap gap-3">
                {weekdays(coach.week_starts).map(({ day, name }) => {
                    const on = minutes[day] !== undefined;
                    return (
                        <div key={name} className="w-20">
                            <Button
                                className="w-full"
                                chosen={on}
                                onClick={() => {
                                    setMinutes(
                                        on
                                            ? Object.fromEntries(Object.entries(minutes).filter(([one]) => one !== String(day)))
                                            : { ...minutes, [day]: String(usual.minutes) },
                                    );
                                }}
                            >
                                {name}
                            </Button>
                            {on && (
                                <label className="mt-1 block text-sm">
                                    {t('minutes')}{' '}
                                    <input
                                        aria-label={t('Minutes on {{name}}', { name })}
                                        inputMode="numeric"
                                        className="min-h-12 w-full border-[1.5px] border-ink bg-press px-2 text-base"
                                        value={minutes[day]}
                                        onChange={(event) => {
                                            setMinutes({ ...minutes, [day]: event.target.value });
                                        }}
                                    />
                                </label>
                            )}
                        </div>
                    );
                })}
            </div>
            <div role="group" aria-label={t('Grounds')} className="flex flex-wrap items-center gap-1.5">
                <span className="mr-2 font-semibold">{t('Grounds')}</span>
                {catalogue.grounds.map((one) => (
                    <Button
                        key={one}
                        chosen={grounds.includes(one)}
                        onClick={() => {
                            setGrounds(toggle(grounds, one));
                        }}
                    >
                        {one === 'none' ? t('indoors') : word(one)}
                    </Button>
                ))}
            </div>
            {needed.length > 0 && (
                <div role="group" aria-label={t('Equipment')} className="flex flex-wrap items-center gap-1.5">
                    <span className="mr-2 font-semibold">{t('At hand')}</span>
                    {needed.map((one) => (
                        <Button
                            key={one}
                            chosen={!missing.includes(one)}
                            onClick={() => {
                                setMissing(toggle(missing, one));
                            }}
                        >
                            {one}
                        </Button>
                    ))}
                </div>
            )}
            <div role="group" aria-label={t('Weeks')} className="flex flex-wrap items-center gap-1.5">
                <span className="mr-2 font-semibold">{t('Weeks')}</span>
                {[1, 2, 3, 4].map((one) => (
                    <Button
                        key={one}
                        chosen={weeks === one}
                        onClick={() => {
                            setWeeks(one);
                        }}
                    >
                        {one}
                    </Button>
                ))}
            </div>
            <Check checked={game} onCheck={setGame}>
                {t('Sessions that are long enough end on a game, so that it holds on the course')}
            </Check>
            <Problem text={problem} />
            <Button type="submit" main className="px-8" disabled={busy}>
                {busy ? t('Making…') : practice.plan === null ? t('Make the plan') : t('Make it anew')}
            </Button>
        </form>
    );
}

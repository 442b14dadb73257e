import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { PlannedOption, ShotPlan, Student, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { withUnit } from '../ui/units';

interface Props {
    plan: ShotPlan;
    chosen: PlannedOption;
    best: boolean;
    units: Units;
    student: Student | undefined;
    /** The landing spot was dragged. */
    spot: boolean;
    onFree: () => void;
}

/** The shot that was chosen: where to land it, why, how to set up, and what nobody measured. */
export function Chosen({ plan, chosen, best, units, student, spot, onFree }: Props) {
    const { t } = useTranslation();
    const { land_m: land, carry_m: carry, leave_80_m: leave } = chosen.figures;
    const on = withUnit(Math.abs(land), 'm', units);
    return (
        <aside className="space-y-3 border-line lg:border-l lg:pl-6" aria-live="polite">
            <p className="text-soft">
                {plan.recommended === null ? t('Nothing here clears it') : best ? t('Best from here') : t('Another way')}
                {student !== undefined && ` · ${plan.strikes}`}
            </p>
            <h2 className="text-2xl [text-wrap:balance]">
                {chosen.name}
                {carry > 0 && `, ${land < 0 ? t('land it {{far}} short', { far: on }) : t('land it {{far}} on', { far: on })}`}
            </h2>
            <p>{chosen.figures.why}</p>
            <p>
                {t('Eight in ten finish {{from}} to {{to}} from the hole.', {
                    from: withUnit(leave[0], 'm', units),
                    to: withUnit(leave[1], 'm', units),
                })}
            </p>
            {spot && <Button onClick={onFree}>{t('Landing spot as each club wants it')}</Button>}
            {chosen.setup.length > 0 && (
                <section className="border-t border-line pt-3">
                    <h3 className="font-text text-base font-semibold">{t('Set it up')}</h3>
                    <ul>
                        {chosen.setup.map((line) => (
                            <li key={line}>{line}</li>
                        ))}
                    </ul>
                </section>
            )}
            <section className="border-t border-line pt-3 text-soft">
                <h3 className="font-text text-base font-semibold">{t('Assumed')}</h3>
                <ul>
                    {plan.assumed.map((line) => (
                        <li key={line}>{line}</li>
                    ))}
                </ul>
            </section>
            {student !== undefined && chosen.task !== null && (
                <Link
                    to={`/students/${student.id}/begin`}
                    state={{ task: chosen.task }}
                    className="flex min-h-12 items-center justify-center border-[1.5px] border-ink bg-ink px-3 font-semibold text-paper"
                >
                    {t('Begin a lesson with this')}
                </Link>
            )}
            <p className="border-l-[6px] border-ochre bg-ochre-wash p-3">{plan.caution}</p>
        </aside>
    );
}

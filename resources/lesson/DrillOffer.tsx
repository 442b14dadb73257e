import { useTranslation } from 'react-i18next';
import type { DrillHandout, GoalChoice } from '../api/types.gen';
import { Button } from '../ui/Button';
import { GoalFields } from './GoalFields';

interface Props {
    drill: DrillHandout;
    chosen: boolean;
    over: GoalChoice;
    onToggle: () => void;
    onGoal: (over: GoalChoice) => void;
}

/** A drill to hand out: what it is for, its dose, what it trades, its steps behind a fold. */
export function DrillOffer({ drill, chosen, over, onToggle, onGoal }: Props) {
    const { t } = useTranslation();
    return (
        <article className={chosen ? 'border-l-[6px] border-marram pl-3' : 'pl-[18px]'}>
            <Button chosen={chosen} onClick={onToggle}>
                {drill.name}
            </Button>
            <p className="mt-1">
                {t('{{purpose}} {{sets}} × {{balls}}, {{minutes}} minutes. Passed: {{goal}}. {{pass}}', {
                    purpose: drill.purpose,
                    sets: drill.dose.sets,
                    balls: drill.dose.balls,
                    minutes: drill.dose.minutes,
                    goal: drill.goal.text,
                    pass: drill.pass.text,
                })}
            </p>
            {chosen && (
                <details>
                    <summary className="min-h-11 cursor-pointer underline">{t('Dose and pass mark')}</summary>
                    <GoalFields kinds={drill.kinds ?? [drill.goal.kind]} goal={drill.goal} over={over} onChange={onGoal} />
                </details>
            )}
            <p className="text-sm">
                {drill.trade.better !== '' && <>{t('Better: {{better}}.', { better: drill.trade.better })} </>}
                {drill.trade.worse !== '' && <>{t('Worse: {{worse}}.', { worse: drill.trade.worse })}</>}
            </p>
            {drill.distances.map((text) => (
                <p key={text} className="font-semibold">
                    {text}
                </p>
            ))}
            <details className="text-sm">
                <summary className="min-h-11 cursor-pointer">{t('Steps and cautions')}</summary>
                <ol className="list-decimal pl-5">
                    {drill.steps.map((step) => (
                        <li key={step}>{step}</li>
                    ))}
                </ol>
                <p>{t('Easier: {{easier}} Harder: {{harder}}', { easier: drill.easier, harder: drill.harder })}</p>
                <ul className="mt-2 list-disc pl-5">
                    {drill.cautions.map((caution) => (
                        <li key={caution}>{caution}</li>
                    ))}
                </ul>
            </details>
        </article>
    );
}

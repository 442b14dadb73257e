import { useTranslation } from 'react-i18next';
import type { DrillResult, PracticeDrill } from '../api/types.gen';
import { Button } from '../ui/Button';
import { begun } from './useRun';
import { Moving } from './Moving';

interface Props {
    path: string;
    drill: PracticeDrill;
    results: DrillResult[];
    /** Where given, it can be run. */
    onRun?: () => void;
}

/** A drill as one line that opens; opening one closes the other. */
const PICTURE = 'max-h-72 w-1/2 max-w-60 object-contain object-top md:w-full';

export function DrillSheet({ path, drill, results, onRun }: Props) {
    const { t } = useTranslation();
    const counted = begun(path, drill.id);
    const last = results.find((one) => one.drill === drill.id);
    const { goal } = drill;
    return (
        <details name="drills" className="border-t border-line">
            <summary className="min-h-12 cursor-pointer py-2.5">
                <strong>{drill.name}</strong>
                <span className="ml-2">
                    {last === undefined ? drill.next.text : t('Last: {{what}}', { what: last.text })}
                    {last?.passed === true && `, ${t('passed')}`}
                </span>
            </summary>
            <div className="grid gap-x-6 gap-y-2 pb-4 md:grid-cols-[15rem_1fr]">
                <div className="flex gap-2 md:flex-col">
                    {drill.figure !== null && (
                        <Moving
                            figure={drill.figure}
                            motion={drill.motion}
                            alt={t('{{drill}}, how it is done', { drill: drill.name })}
                            className={PICTURE}
                        />
                    )}
                    {drill.svg !== null && (
                        <img
                            src={`data:image/svg+xml;utf8,${encodeURIComponent(drill.svg)}`}
                            alt={t('{{drill}}, to scale', { drill: drill.name })}
                            className={PICTURE}
                        />
                    )}
                </div>
                <div>
                    <p>{drill.purpose}</p>
                    <p>
                        {goal.sets} × {goal.balls}, {t('{{count}} minutes', { count: goal.minutes })}.{' '}
                        <strong>{t('Passed: {{mark}}.', { mark: goal.text })}</strong> {drill.pass.text}
                    </p>
                    {drill.distances.map((text) => (
                        <p key={text} className="font-semibold">
                            {text}
                        </p>
                    ))}
                    <ol className="mt-1 list-decimal pl-5">
                        {drill.steps.map((step) => (
                            <li key={step}>{step}</li>
                        ))}
                    </ol>
                    {drill.cautions.length > 0 && <p className="mt-1 text-sm">{drill.cautions.join(' ')}</p>}
                    {last !== undefined && <p className="mt-2 font-semibold">{drill.next.text}</p>}
                    {onRun !== undefined && (
                        <Button main className="mt-2 px-8" onClick={onRun}>
                            {counted === 0
                                ? t('Run {{drill}}', { drill: drill.name })
                                : t('Go on with {{drill}} at ball {{n}}', { drill: drill.name, n: counted + 1 })}
                        </Button>
                    )}
                </div>
            </div>
        </details>
    );
}

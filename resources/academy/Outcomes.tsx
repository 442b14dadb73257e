import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import type { Outcome, OutcomeShare } from '../api/types.gen';
import { Skeleton, Trouble } from '../frame/Page';
import { percent } from '../ui/units';

/** Which causes are found, how often they are fixed, after how many lessons, and beside which drills. */
export function Outcomes() {
    const { t } = useTranslation();
    const outlook = useQuery(ask.outlook());
    if (outlook.isError) return <Trouble error={outlook.error} onRetry={() => void outlook.refetch()} />;
    if (outlook.data === undefined) return <Skeleton />;
    return (
        <div className="max-w-4xl">
            <p>
                {t(
                    'Like is held against like: one cause with one shot. Coaches choose a drill for a reason, so a share says what happened, not what a drill does. What fewer than 20 students tell is not told. Counted anew every ten minutes.',
                )}
            </p>
            {outlook.data.outcomes.length === 0 && <p className="mt-4 font-semibold">{t('Nothing was handed out yet.')}</p>}
            {outlook.data.outcomes.map((one) => (
                <OneCause key={`${one.cause} ${one.shot}`} of={one} />
            ))}
        </div>
    );
}

function OneCause({ of }: { of: Outcome }) {
    const { t } = useTranslation();
    const few = of.drills.filter((drill) => drill.fixed === null);
    return (
        <section aria-label={of.name} className="mt-4 border-t-[1.5px] border-ink pt-2">
            <h2 className="text-xl">
                {of.name.split(':')[0]}, {word(of.shot)}
            </h2>
            <p>
                {t('Found in {{count}} students', { count: of.students })}, {t('{{count}} of them judged so far', { count: of.judged })}.{' '}
                {of.fixed === null ? t('Too few to say how many are fixed.') : <Share label={t('Fixed')} share={of.fixed} />}{' '}
                {of.lessons !== null &&
                    t('Half of those fixed needed {{half}} lessons or fewer, three quarters {{most}}.', {
                        half: of.lessons[1],
                        most: of.lessons[2],
                    })}
            </p>
            <ul className="mt-1">
                {of.drills.map((drill) =>
                    drill.fixed === null ? null : (
                        <li key={drill.name} className="border-b border-line py-1">
                            <strong>{drill.name}:</strong> <Share label={t('fixed with it')} share={drill.fixed} />{' '}
                            {drill.without !== null && <Share label={t('without it')} share={drill.without} />}{' '}
                            {drill.probability !== null && t('More with it: {{share}} likely.', { share: percent(drill.probability) })}
                        </li>
                    ),
                )}
            </ul>
            {few.length > 0 && (
                <p className="text-soft">
                    {t('Drills of too few students: {{drills}}.', {
                        drills: few.map((drill) => `${drill.name} (${String(drill.students)})`).join(', '),
                    })}
                </p>
            )}
        </section>
    );
}

/** A share with the range in which nine of ten such lie. */
function Share({ label, share }: { label: string; share: OutcomeShare }) {
    const { t } = useTranslation();
    return (
        <span>
            {label}: {t('{{n}} of {{of}}', { n: share.count, of: share.of })} (
            {t('{{from}} to {{to}}', { from: percent(share.interval[0]), to: percent(share.interval[1]) })}).
        </span>
    );
}

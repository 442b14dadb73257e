import { useTranslation } from 'react-i18next';
import type { PlanSession, Practice, PracticeDrill } from '../api/types.gen';
import { Button } from '../ui/Button';
import { todayIso, weekday } from '../ui/reader';
import { begun } from './useRun';
import { itemsOf, sessionAt } from './visits';

interface Props {
    path: string;
    practice: Practice;
    /** Where given, drills can be run. */
    onRun?: (drill: PracticeDrill, session: string | null) => void;
}

/** What is practised now, each drill with its last count. */
export function Today({ path, practice, onRun }: Props) {
    const { t } = useTranslation();
    if (practice.drills.length === 0) return null;
    const visit = sessionAt(practice, todayIso());
    const items = itemsOf(practice, visit);
    const resultIn = (of: PlanSession | undefined, drill: PracticeDrill) =>
        of === undefined ? undefined : practice.results.find((one) => one.session === of.id && one.drill === drill.id);
    const title =
        visit === undefined
            ? t('Nothing planned today: any drill counts')
            : visit.day === todayIso()
              ? items.every(({ drill }) => resultIn(visit, drill) !== undefined)
                  ? t('Today, done')
                  : t('Today, {{minutes}} minutes', { minutes: visit.minutes })
              : t('Next: {{day}}, {{minutes}} minutes', { day: weekday(visit.day), minutes: visit.minutes });
    return (
        <section aria-label={t('Today')}>
            <h2 className="mb-2 text-xl">{title}</h2>
            <ul className="space-y-2">
                {items.map(({ drill, minutes, mode }) => {
                    const counted = begun(path, drill.id);
                    const result = resultIn(visit, drill);
                    const last = practice.results.find((one) => one.drill === drill.id);
                    return (
                        <li key={drill.id} className="grid grid-cols-[auto_1fr_auto] items-center gap-3 border border-line bg-press p-2">
                            {drill.figure === null ? (
                                <span />
                            ) : (
                                <img
                                    src={`data:image/svg+xml;utf8,${encodeURIComponent(drill.figure)}`}
                                    alt=""
                                    className="h-16 w-14 object-contain"
                                />
                            )}
                            <span className="min-w-0">
                                <strong className="block">{drill.name}</strong>
                                <span className="text-sm">
                                    {[...(minutes === null ? [] : [t('{{n}} min', { n: minutes })]), ...(mode === null ? [] : [mode])].join(
                                        ', ',
                                    )}
                                    {minutes !== null && ', '}
                                    {drill.goal.text}
                                </span>
                                {drill.added != null && <span className="block text-sm">{drill.added}</span>}
                                {last !== undefined && (
                                    <span className="block text-sm font-semibold">
                                        {result === undefined ? t('Last: {{what}}', { what: last.text }) : `${t('done')}: ${result.text}`},{' '}
                                        {(result ?? last).passed ? t('passed') : t('not passed')}
                                    </span>
                                )}
                            </span>
                            {onRun !== undefined && (
                                <Button
                                    main={result === undefined}
                                    aria-label={
                                        counted === 0
                                            ? t('Run {{drill}}', { drill: drill.name })
                                            : t('Go on with {{drill}} at ball {{n}}', { drill: drill.name, n: counted + 1 })
                                    }
                                    onClick={() => {
                                        onRun(drill, visit?.id ?? null);
                                    }}
                                >
                                    {counted === 0 ? t('Run') : t('Go on at {{n}}', { n: counted + 1 })}
                                </Button>
                            )}
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}

import { useTranslation } from 'react-i18next';
import type { PlanSession, Practice, PracticeDrill } from '../api/types.gen';
import { todayIso, weekday } from '../ui/reader';
import { itemsOf } from './visits';

/** So many visits are told; the rest is folded. */
const TOLD = 3;

interface Props {
    practice: Practice;
    /** Where given, a visit can be made up for. */
    onRun?: (drill: PracticeDrill, session: string | null) => void;
    onMove?: (session: string, day: string) => void;
}

/** The next visits as a list; later ones and those that are over folded. */
export function NextVisits({ practice, onRun, onMove }: Props) {
    const { t } = useTranslation();
    const today = todayIso();
    const all = [...(practice.plan?.sessions ?? [])].sort((a, b) => a.day.localeCompare(b.day));
    const coming = all.filter((one) => one.day > today);
    const [next, later] = [coming.filter((_, i) => i < TOLD), coming.filter((_, i) => i >= TOLD)];
    const over = all.filter((one) => one.day <= today).reverse();
    const list = (visits: PlanSession[]) => (
        <ul>
            {visits.map((visit) => (
                <Visit key={visit.id} visit={visit} practice={practice} {...(visit.day > today ? { onMove } : { onRun })} />
            ))}
        </ul>
    );
    return (
        <section aria-label={t('Plan')}>
            {practice.plan?.notes.map((note) => (
                <p key={note}>{note}</p>
            ))}
            {next.length === 0 ? <p>{t('Nothing is planned from here on.')}</p> : list(next)}
            {later.length > 0 && (
                <details>
                    <summary className="min-h-11 cursor-pointer py-2 underline">{t('Later: {{n}}', { n: later.length })}</summary>
                    {list(later)}
                </details>
            )}
            {over.length > 0 && (
                <details>
                    <summary className="min-h-11 cursor-pointer py-2 underline">
                        {t('So far: {{done}} of {{n}} done', {
                            done: over.filter((one) => one.done).length,
                            n: over.length,
                        })}
                    </summary>
                    {list(over)}
                </details>
            )}
        </section>
    );
}

interface VisitProps {
    visit: PlanSession;
    practice: Practice;
    onRun?: Props['onRun'];
    onMove?: Props['onMove'];
}

function Visit({ visit, practice, onRun, onMove }: VisitProps) {
    const { t } = useTranslation();
    const { done } = visit;
    return (
        <li
            data-session={visit.id}
            data-day={visit.day}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1.5"
        >
            <strong className="w-28 shrink-0">{weekday(visit.day)}</strong>
            <span className="min-w-0 flex-1">
                {itemsOf(practice, visit).map(({ drill, minutes }, i) => (
                    <span key={`${drill.id}${String(i)}`} className="mr-3 inline-block">
                        {onRun === undefined || done ? (
                            drill.name
                        ) : (
                            <button
                                type="button"
                                className="min-h-11 underline"
                                onClick={() => {
                                    onRun(drill, visit.id);
                                }}
                            >
                                {drill.name}
                            </button>
                        )}{' '}
                        {minutes !== null && t('{{n}} min', { n: minutes })}
                    </span>
                ))}
            </span>
            {done && <span>{t('done')}</span>}
            {onMove !== undefined && (
                <label>
                    <span className="sr-only">{t('Move to')}</span>
                    <input
                        type="date"
                        className="min-h-11 border border-line bg-paper px-2"
                        value={visit.day}
                        onChange={(event) => {
                            if (event.target.value !== '') onMove(visit.id, event.target.value);
                        }}
                    />
                </label>
            )}
        </li>
    );
}

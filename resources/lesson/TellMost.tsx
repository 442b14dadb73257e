import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { observableOf } from '../api/catalogue';
import type { BallSet, Catalogue, Observable, Reading } from '../api/types.gen';
import { Answers } from './Answers';

interface Props {
    reading: Reading | undefined;
    set: BallSet;
    catalogue: Catalogue;
    onSee: (what: Observable, value: number | string) => void;
}

/** So many looks stand open. Origin: what a screen holds beside the balls. */
const OPEN = 6;

/** The looks that would tell most for these balls, each answered by one press. */
export function TellMost({ reading, set, catalogue, onSee }: Props) {
    const { t } = useTranslation();
    const rows = useSteady(reading?.would_tell.filter((id) => id !== reading.check_next?.observable) ?? [], {
        ...set.setup,
        ...set.motion,
    });
    if (rows.length === 0) return null;
    return (
        <section aria-label={t('Most useful to check next')} className="mt-2 border-t border-line pt-1.5">
            <h2 className="mb-1.5 text-lg">{t('Most useful to check next')}</h2>
            <div className="grid grid-cols-1 gap-x-4 gap-y-1.5 md:grid-cols-2">
                {rows.map((id) => {
                    const what = observableOf(catalogue, id);
                    return what === undefined ? null : (
                        <div key={id} className="flex min-w-0 items-center gap-2">
                            <span className="w-[4.5rem] shrink-0 text-sm leading-tight">{what.label}</span>
                            <Answers
                                label={what.label}
                                answers={what.answers}
                                onAnswer={(value) => {
                                    onSee(what, value);
                                }}
                            />
                        </div>
                    );
                })}
            </div>
        </section>
    );
}

/** Rows stay where they are while others are answered: nothing moves under a finger. One that was answered gives way to the next. */
function useSteady(ranked: string[], seen: Record<string, unknown>): string[] {
    const [rows, setRows] = useState<string[]>([]);
    const holds = rows.filter((id) => ranked.includes(id) && !(id in seen));
    const fresh = ranked.filter((id) => !rows.includes(id) && !(id in seen));
    const next = [...rows.map((id) => (holds.includes(id) ? id : fresh.shift())), ...fresh].filter((id) => id !== undefined).slice(0, OPEN);
    if (next.join() !== rows.join()) setRows(next);
    return next;
}

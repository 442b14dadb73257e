import { said } from '../language';
import { useTranslation } from 'react-i18next';
import type { Model } from '../api/types.gen';
import { inTen, percent } from '../ui/units';

const REASONS = [
    [said('aim'), said('low point in the middle of the window')],
    [said('scatter'), said('half the scatter')],
    [said('window'), said('shaft and face of the card')],
] as const;

/** Why the misses happen: what each of the three kinds of cure would make of the rate. */
export function Reasons({ model }: { model: Model }) {
    const { t } = useTranslation();
    const { what_if: whatIf, good_rate: now } = model;
    if (whatIf === null)
        return (
            <p className="mt-2 font-semibold">{t('The model does not explain these balls, so it is not asked what would change them.')}</p>
        );
    return (
        <div className="mt-2">
            <ul className="space-y-1">
                {REASONS.map(([id, words]) => (
                    <li key={id} className="grid grid-cols-[3.6rem_1fr_3.6rem] items-center gap-2 text-sm leading-tight">
                        <span className={whatIf.main_reason === id ? 'font-bold' : ''}>{t(id)}</span>
                        <span className="relative block h-4 bg-soil" title={t(words)}>
                            <span
                                className="absolute inset-y-0 left-0 bg-marram/60"
                                style={{ width: percent(whatIf[id]).replace(' ', '') }}
                            />
                            <span className="absolute inset-y-0 w-[3px] bg-ink" style={{ left: percent(now).replace(' ', '') }} />
                        </span>
                        <span className="text-right font-semibold">{inTen(whatIf[id])}</span>
                    </li>
                ))}
            </ul>
            <p className="mt-1 text-sm">
                {t('The line is today, {{rate}}. Aim: {{aim}}; scatter: {{scatter}}; window: {{window}}.', {
                    rate: inTen(now),
                    aim: t(REASONS[0][1]),
                    scatter: t(REASONS[1][1]),
                    window: t(REASONS[2][1]),
                })}
                {whatIf.aim_first && ' ' + t('The average lies outside the window: aim first.')}
            </p>
        </div>
    );
}

import type { Model } from '../api/types.gen';
import { inTen, percent } from '../ui/units';

const REASONS = [
    ['aim', 'low point in the middle of the window'],
    ['scatter', 'half the scatter'],
    ['window', 'shaft and face of the card'],
] as const;

/** Why the misses happen: what each of the three kinds of cure would make of the rate. */
export function Reasons({ model }: { model: Model }) {
    const { what_if: whatIf, good_rate: now } = model;
    if (whatIf === null)
        return <p className="mt-2 font-semibold">The model does not explain these balls, so it is not asked what would change them.</p>;
    return (
        <div className="mt-2">
            <ul className="space-y-1">
                {REASONS.map(([id, words]) => (
                    <li key={id} className="grid grid-cols-[3.6rem_1fr_3.6rem] items-center gap-2 text-sm leading-tight">
                        <span className={whatIf.main_reason === id ? 'font-bold' : ''}>{id}</span>
                        <span className="relative block h-4 bg-soil" title={words}>
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
                The line is today, {inTen(now)}. Aim: {REASONS[0][1]}; scatter: {REASONS[1][1]}; window: {REASONS[2][1]}.
                {whatIf.aim_first && ' The average lies outside the window: aim first.'}
            </p>
        </div>
    );
}

import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import type { Handed, Units } from '../api/types.gen';
import { shownFactor, shownUnit } from '../ui/units';
import { mirror, useHalfMm } from './scale';
import { StrikeShape } from './StrikeShape';
import { useUnit } from './useUnit';

/** A tick every so many shown units. */
const EACH = { metric: 5, imperial: 2 };
const SHAPE_PX = 12;

interface Props {
    handed: Handed;
    units: Units;
    /** Kinds of strike in the strips below, to say what their shapes mean. */
    strikes: string[];
}

/** One ruler over all strips below it, and what their shapes mean. */
export function StripRuler({ handed, units, strikes }: Props) {
    const { t } = useTranslation();
    const half = useHalfMm();
    const [measured] = useUnit(2 * half);
    const m = mirror(handed);
    const each = EACH[units] * shownFactor('mm', units);
    const ticks = Array.from({ length: 2 * Math.floor(half / each) + 1 }, (_, i) => (i - Math.floor(half / each)) * each);
    const present = [...new Set(strikes)].filter((one) => one !== '');
    return (
        <div className="grid grid-cols-[1fr_auto] items-end gap-x-3 sm:grid-cols-[7rem_1fr_9rem]">
            <span className="text-sm max-sm:hidden">
                {shownUnit('mm', units)} {t('from the ball')}
            </span>
            <svg ref={measured} viewBox={`${-half} -14 ${2 * half} 16`} className="block w-full max-sm:col-span-2" aria-hidden>
                {ticks.map((mm) => (
                    <g key={mm}>
                        <path d={`M${m * mm} -3V2`} className="stroke-ink" strokeWidth={1} />
                        {Math.abs(mm) < half - 12 && (
                            <text x={m * mm} y={-4} textAnchor="middle" className="in-figure fill-ink">
                                {Math.abs(Math.round(mm / shownFactor('mm', units)))}
                            </text>
                        )}
                    </g>
                ))}
            </svg>
            {present.length > 0 && (
                <ul aria-label={t('What the shapes mean')} className="col-span-full flex flex-wrap gap-x-4 text-sm sm:ml-[7.75rem]">
                    {present.map((strike) => (
                        <li key={strike} className="flex items-center gap-1.5">
                            <svg viewBox="-6 -6 12 12" width={SHAPE_PX} height={SHAPE_PX} aria-hidden>
                                <StrikeShape strike={strike} x={0} y={0} size={9} />
                            </svg>
                            {word(strike)}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}

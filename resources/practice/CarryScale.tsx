import { useTranslation } from 'react-i18next';
import { type MouseEvent } from 'react';
import type { Units } from '../api/types.gen';
import { useWidth } from '../figures/useWidth';
import { shownFactor, shownUnit } from '../ui/units';

interface Props {
    /** What was asked for, m. */
    targetM: number;
    /** No ball goes further, m. */
    mostM: number;
    units: Units;
    onCarry: (metres: number) => void;
}

const USUAL_PX = 480;
const EDGE = 24;
const HIGH = 76;
/** So far around the number, as a share of it and at least in units of the scale. */
const AROUND = 0.4;
const LEAST_AROUND = 6;
/** Below this number half units can be touched. */
const FINE_BELOW = 25;
/** Each word below the scale has so much room. */
const WORD_PX = 44;

/** The ground around the number that was asked for: one touch says where the ball came down. */
export function CarryScale({ targetM, mostM, units, onCarry }: Props) {
    const { t } = useTranslation();
    const [measured, wide] = useWidth(USUAL_PX);
    const factor = shownFactor('m', units);
    const target = targetM / factor;
    const around = Math.max(LEAST_AROUND, Math.round(AROUND * target));
    const from = Math.max(0, Math.round(target) - around);
    const to = Math.min(Math.floor(mostM / factor), Math.round(target) + around);
    const step = target < FINE_BELOW ? 0.5 : 1;
    const x = (value: number) => EDGE + ((value - from) / (to - from)) * (wide - 2 * EDGE);
    const apart = Math.max(1, Math.ceil(((to - from) * WORD_PX) / (wide - 2 * EDGE)));
    const marks = Array.from({ length: to - from + 1 }, (_, i) => from + i);
    const touch = (event: MouseEvent) => {
        const box = event.currentTarget.getBoundingClientRect();
        if (box.width === 0) return;
        const at = ((event.clientX - box.left) / box.width) * wide;
        const value = from + ((at - EDGE) / (wide - 2 * EDGE)) * (to - from);
        onCarry(Math.max(from, Math.min(to, Math.round(value / step) * step)) * factor);
    };
    return (
        <figure ref={measured} className="mt-3">
            <figcaption className="text-soft">{t('Touch where it came down')}</figcaption>
            <svg
                viewBox={`0 0 ${String(wide)} ${String(HIGH)}`}
                className="block w-full cursor-pointer touch-manipulation border-[1.5px] border-ink bg-press select-none"
                role="application"
                aria-label={t('Scale from {{from}} to {{to}} {{unit}}', { from, to, unit: shownUnit('m', units) })}
                onClick={touch}
            >
                <path d={`M${String(EDGE)} 40H${String(wide - EDGE)}`} className="stroke-ink" strokeWidth={2} />
                {marks.map((one) => (
                    <g key={one}>
                        <path
                            d={`M${String(x(one))} ${(one - from) % apart === 0 ? '30' : '35'}V46`}
                            className="stroke-ink"
                            strokeWidth={1.4}
                        />
                        {(one - from) % apart === 0 && (
                            <text x={x(one)} y={66} textAnchor="middle" className="fill-ink text-[16px]">
                                {one}
                            </text>
                        )}
                    </g>
                ))}
                <path d={`M${String(x(target))} 26l-8 -16h16z`} className="fill-rust" />
            </svg>
        </figure>
    );
}

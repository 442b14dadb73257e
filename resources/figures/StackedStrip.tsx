import { useTranslation } from 'react-i18next';
import { useId } from 'react';
import type { Handed, Units } from '../api/types.gen';
import { place } from '../ui/units';
import { mirror, useHalfMm } from './scale';
import { StrikeShape } from './StrikeShape';
import { useUnit } from './useUnit';

export interface Strip {
    marks: { touch: number | null; strike: string }[] | null;
    good: { count: number; of: number };
    /** What a good strike is called. */
    word: string;
    window: [number, number] | null;
    /** Misses lie in it too. */
    pale?: boolean;
    mean: number | null;
    text: string;
}

interface Props {
    strip: Strip;
    title: string;
    handed: Handed;
    units: Units;
    /** Where a ball leads to, when there is somewhere to go. */
    onBall?: (number: number) => void;
}

/** One set of balls as one slim strip, to be stacked over others: each ball a mark at its first touch, the window of good ones behind them. */
export function StackedStrip({ strip, title, handed, units, onBall }: Props) {
    const { t } = useTranslation();
    const m = mirror(handed);
    const hatch = useId();
    const half = useHalfMm();
    const [measured] = useUnit(2 * half);
    const { marks, good, word, window, pale, mean } = strip;
    // The two words stand on either side of the ball, so that they never lie over one another.
    const side = mean !== null && mean > 0 ? -1 : 1;
    const without = marks?.filter((one) => one.touch === null).length ?? 0;
    return (
        <div className="grid grid-cols-[1fr_auto] items-center gap-x-3 sm:grid-cols-[7rem_1fr_9rem]">
            <h3 className="font-text text-base">{title}</h3>
            <svg
                ref={measured}
                viewBox={`${-half} -34 ${2 * half} 60`}
                className="block w-full max-sm:order-last max-sm:col-span-2"
                role={onBall === undefined ? 'img' : 'group'}
                aria-label={`${title}: ${strip.text}`}
            >
                <pattern id={hatch} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <path d="M0 0V5" className="stroke-marram" strokeWidth={1.6} strokeOpacity={0.4} />
                </pattern>
                {window && (
                    <rect
                        x={Math.min(m * window[0], m * window[1])}
                        y={-32}
                        width={window[1] - window[0]}
                        height={44}
                        fill={`url(#${hatch})`}
                        opacity={pale === true ? 0.3 : 1}
                        className="stroke-marram"
                        strokeWidth={0.6}
                        strokeDasharray="2 2"
                    />
                )}
                <path d={`M${-half} 0H${half}`} className="stroke-ink" strokeWidth={1.2} />
                <path d="M0 -33V12" className="stroke-line" strokeWidth={1.5} />
                {marks?.map((ball, i) => {
                    if (ball.touch === null) return null;
                    if (Math.abs(ball.touch) > half - 4) return <Beyond key={i} x={m * ball.touch} half={half} lane={i % 3} />;
                    const shape = (
                        <>
                            <path
                                d={`M${m * ball.touch} 0v8`}
                                className={ball.touch < 0 ? 'stroke-rust' : 'stroke-slate'}
                                strokeWidth={2}
                            />
                            <StrikeShape strike={ball.strike} x={m * ball.touch} y={-8 - (i % 3) * 10} size={7} />
                        </>
                    );
                    if (onBall === undefined) return <g key={i}>{shape}</g>;
                    return (
                        <g
                            key={i}
                            role="link"
                            aria-label={t('Ball {{i}}: {{strike}}, {{place}}', {
                                i: i + 1,
                                strike: t(ball.strike),
                                place: place(ball.touch, units),
                            })}
                            className="cursor-pointer"
                            onClick={() => {
                                onBall(i + 1);
                            }}
                        >
                            <rect x={m * ball.touch - 6} y={-34} width={12} height={46} className="fill-transparent" />
                            {shape}
                        </g>
                    );
                })}
                {mean !== null && <path d={`M${m * Math.max(6 - half, Math.min(half - 6, mean))} 3l-4.5 8h9z`} className="fill-slate" />}
                <text x={m * side * 4} y={24} textAnchor={m * side > 0 ? 'start' : 'end'} className="in-figure fill-ink">
                    {t('ball')}
                </text>
                {mean !== null && (
                    <text
                        x={m * -side * Math.max(8, Math.min(half - 70, Math.abs(mean) - 8))}
                        y={24}
                        textAnchor={m * side > 0 ? 'end' : 'start'}
                        className="in-figure fill-ink"
                    >
                        {t('touch {{place}}', { place: place(mean, units) })}
                    </text>
                )}
            </svg>
            <p className="leading-tight max-sm:text-right">
                <span className="display text-3xl">{good.count}</span> {t('of {{of}} {{word}}', { of: good.of, word: t(word) })}
                {without > 0 && <span className="text-sm sm:block"> {t('{{without}} without a touch', { without })}</span>}
            </p>
        </div>
    );
}

/** A touch further out than the strip: an arrow at its edge; how far is in the table. */
function Beyond({ x, half, lane }: { x: number; half: number; lane: number }) {
    const out = Math.sign(x);
    return <path d={`M${out * half} ${-8 - lane * 10}l${-out * 7} -4v8z`} className="fill-ink" />;
}

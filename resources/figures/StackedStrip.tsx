import type { BallSet, Handed, Reading, Units } from '../api/types';
import { place } from '../ui/units';
import { mirror } from './scale';
import { StrikeShape } from './StrikeShape';

interface Props {
    set: BallSet;
    title: string;
    handed: Handed;
    units: Units;
    reading?: Reading;
}

const HALF_MM = 222;

/** One set of balls as one slim strip, to be stacked over others: each ball a mark, the window behind them. */
export function StackedStrip({ set, title, handed, units, reading }: Props) {
    const m = mirror(handed);
    const touched = set.balls.filter((ball) => typeof ball.seen.touch_mm === 'number');
    const without = set.balls.length - touched.length;
    const good = reading?.pattern.good;
    const window = reading?.model?.window_mm;
    const mean = reading?.pattern.low_point_mm.mean;
    return (
        <div className="grid grid-cols-[7rem_1fr_9rem] items-center gap-4">
            <h3 className="font-text text-base">{title}</h3>
            <svg viewBox={`${-HALF_MM} -34 ${2 * HALF_MM} 58`} className="block w-full" role="img" aria-label={`${title}: ${reading?.pattern.text ?? `${String(set.balls.length)} balls`}`}>
                {window && <rect x={Math.min(m * window[0], m * window[1])} y={-32} width={window[1] - window[0]} height={44} className="fill-marram/20" />}
                <path d={`M${-HALF_MM} 0H${HALF_MM}`} className="stroke-ink" strokeWidth={1.2} />
                <path d="M0 -33V12" className="stroke-line" strokeWidth={1.5} />
                {touched.map((ball, i) => {
                    const touch = ball.seen.touch_mm ?? 0;
                    return (
                        <g key={ball.id}>
                            <path d={`M${m * touch} 0v8`} className={touch < 0 ? 'stroke-rust' : 'stroke-slate'} strokeWidth={2} />
                            <StrikeShape strike={ball.seen.strike ?? ''} x={m * touch} y={-8 - (i % 3) * 10} size={7} />
                        </g>
                    );
                })}
                {mean !== undefined && mean !== null && <path d={`M${m * mean} 3l-4.5 8h9z`} className="fill-slate" />}
                <text x={-m * 4} y={21} textAnchor={m > 0 ? 'end' : 'start'} className="fill-ink text-[8.5px]">ball</text>
                {mean !== undefined && mean !== null && (
                    <text x={m * (Math.max(mean, -20) + 8)} y={21} textAnchor={m > 0 ? 'start' : 'end'} className="fill-ink text-[8.5px]">low point {place(mean, units)}</text>
                )}
            </svg>
            <p className="leading-tight">
                <span className="display text-3xl">{good?.count ?? 0}</span> of {good?.of ?? 0} {set.balls.some((ball) => ball.seen.strike === 'splash') ? 'splash' : 'clean'}
                {without > 0 && <span className="block text-sm">{without} without a touch</span>}
            </p>
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import type { Cell, Units } from '../api/types.gen';
import { useWidth } from '../figures/useWidth';
import { word } from '../language/trade';
import { shownFactor, withUnit } from '../ui/units';

interface Props {
    chart: Cell[];
    target: number | null;
    units: Units;
}

const USUAL_PX = 820;
const NAME_PX = 64;
/** Half of the last number of the axis. */
const END_PX = 28;
const ROW_PX = 48;
const TOP_PX = 30;
/** Between the marks of the axis, in the coach's units. */
const TICK = 10;

/** Every carry there is on one axis: holes and overlaps are seen at once. A bar is a standard deviation to either side. */
export function CarryLadder({ chart, target, units }: Props) {
    const { t } = useTranslation();
    const [measured, width] = useWidth(USUAL_PX);
    const clubs = [...new Set(chart.map((one) => one.club))];
    const tick = TICK * shownFactor('m', units);
    const from = Math.floor((Math.min(...chart.map((one) => one.mean_m - one.sd_m)) - 2) / tick) * tick;
    const to = Math.ceil((Math.max(...chart.map((one) => one.mean_m + one.sd_m)) + 2) / tick) * tick;
    const x = (m: number) => NAME_PX + ((m - from) / (to - from)) * (width - NAME_PX - END_PX);
    const height = TOP_PX + clubs.length * ROW_PX;
    const ticks = Array.from({ length: Math.round((to - from) / tick) + 1 }, (_, i) => from + i * tick);
    return (
        <figure ref={measured}>
            <svg
                viewBox={`0 0 ${width} ${height}`}
                width={width}
                height={height}
                role="img"
                aria-label={t('Carries of each club on one axis')}
                className="block max-w-full"
            >
                {ticks.map((m) => (
                    <g key={m}>
                        <path d={`M${x(m)} ${TOP_PX - 8}V${height}`} className="stroke-line" strokeWidth={1} strokeDasharray="1 4" />
                        <text x={x(m)} y={16} textAnchor="middle" className="fill-ink text-[15px]">
                            {withUnit(m, 'm', units)}
                        </text>
                    </g>
                ))}
                {clubs.map((club, row) => {
                    const y = TOP_PX + row * ROW_PX;
                    return (
                        <g key={club}>
                            <text x={0} y={y + 29} className="fill-ink text-[16px] font-semibold">
                                {club}
                            </text>
                            {chart
                                .filter((one) => one.club === club)
                                .map((one) => (
                                    <g key={one.backswing}>
                                        <rect
                                            x={x(one.mean_m - one.sd_m)}
                                            y={y + 22}
                                            width={Math.max(2, x(one.mean_m + one.sd_m) - x(one.mean_m - one.sd_m))}
                                            height={12}
                                            className={one.source === 'fitted' ? 'fill-none stroke-slate' : 'fill-slate stroke-slate'}
                                            strokeDasharray={one.source === 'fitted' ? '3 3' : undefined}
                                            fillOpacity={0.35}
                                        />
                                        <path d={`M${x(one.mean_m)} ${y + 18}v20`} className="stroke-ink" strokeWidth={2.5} />
                                        <text x={x(one.mean_m)} y={y + 14} textAnchor="middle" className="fill-ink text-[14px]">
                                            {word(one.backswing)}
                                        </text>
                                    </g>
                                ))}
                        </g>
                    );
                })}
                {target !== null && target >= from && target <= to && (
                    <path d={`M${x(target)} ${TOP_PX - 8}V${height}`} className="stroke-rust" strokeWidth={2} />
                )}
            </svg>
        </figure>
    );
}

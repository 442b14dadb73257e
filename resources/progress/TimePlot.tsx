import { useTranslation } from 'react-i18next';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { RefObject } from 'react';
import { useNavigate } from 'react-router-dom';
import { day } from '../ui/reader';
import { linesOf, placed, scaleOf, type Point, type Span } from './timeline';

export interface PlotProps {
    svg: RefObject<SVGSVGElement | null>;
    /** As wide as it is shown, px. */
    wide: number;
    title: string;
    points: Point[];
    span: Span;
    /** Values as they are shown. */
    shown: (value: number) => string;
    /** Lowest and highest value where they are given by nature. */
    ends?: [number, number];
    /** Between these it should lie; as of each point. */
    band?: { low: number; high: number }[];
    /** A line that should be met. */
    mark?: number | null;
    /** When something was handed out. */
    flags: string[];
    /** Values that are no course: yes or no of each visit. */
    apart?: boolean;
}

const HEIGHT = 108;
const LEFT = 112;
const RIGHT = 14;
const FOOT = 20;
const HEAD = 8;
const SIDE_BY_SIDE = 7;
/** More flags than these carry no number, and more points than these are drawn small. */
const FLAGS_NUMBERED = 26;
const POINTS_LARGE = 60;
/** An interval of two or three balls can be huge; it is cut where it reaches further than so many times the largest value. */
const CUT_AT = 4;

/** What the scale has to hold. */
function reachOf({ points, band, mark }: Pick<PlotProps, 'points' | 'band' | 'mark'>): number[] {
    const wide = CUT_AT * Math.max(...points.map((one) => Math.abs(one.value)));
    const reach = points.flatMap((one) => [one.value, one.low, one.high]).filter((one) => one !== null && Math.abs(one) <= wide);
    return [...reach, ...(band ?? []).flatMap((one) => [one.low, one.high]), mark ?? null].filter((one) => one !== null);
}

/** The picture of a chart. */
export function TimePlot({ svg, wide, title, points, span, shown, ends, band, mark, flags, apart }: PlotProps) {
    const { t } = useTranslation();
    const width = wide - LEFT - RIGHT;
    const y = (ends === undefined ? scaleOf(reachOf({ points, band, mark }), 0.1) : scaleLinear().domain(ends).clamp(true)).range([
        HEIGHT - FOOT,
        HEAD,
    ]);
    const at = points.map((one) => one.at);
    const along = placed(at, span, width, SIDE_BY_SIDE).map((x) => LEFT + x);
    const flagged = placed(flags, span, width, 0).map((x) => LEFT + x);
    const place = (_: unknown, i: number) => along[i] ?? 0;
    const course = line<Point>(place, (one) => y(one.value))(points);
    const between = area<{ low: number; high: number }>(
        place,
        (one) => y(one.low),
        (one) => y(one.high),
    )(band ?? []);
    const [first, last] = [points[0], points.at(-1)];
    const told = (one: Point | undefined) => (one === undefined ? '' : `${day(one.at)}, ${shown(one.value)}`);
    return (
        <svg
            ref={svg}
            viewBox={`0 0 ${wide} ${HEIGHT}`}
            className="block w-full"
            role="group"
            aria-label={t('{{title}}: {{n}} from {{from}} to {{to}}. All of them in the table.', {
                title,
                n: points.length,
                from: told(first),
                to: told(last),
            })}
        >
            {(ends === undefined ? linesOf(y) : [ends[0], (ends[0] + ends[1]) / 2, ends[1]]).map((one) => (
                <g key={one}>
                    <path d={`M${LEFT} ${y(one)}H${wide}`} className="stroke-line" strokeWidth={0.6} />
                    <text x={LEFT - 6} y={y(one) + 5} textAnchor="end" className="fill-ink text-sm">
                        {shown(one)}
                    </text>
                </g>
            ))}
            {band !== undefined && <path d={between ?? ''} className="fill-marram/20" />}
            {mark != null && <path d={`M${LEFT} ${y(mark)}H${wide}`} className="stroke-marram" strokeWidth={1} strokeDasharray="5 3" />}
            {flagged.map((x, i) => (
                <g key={i}>
                    <path d={`M${x} 0V${HEIGHT - FOOT}`} className="stroke-ochre" strokeWidth={1.4} />
                    <text x={x} y={HEIGHT - 4} textAnchor="middle" className="fill-ink text-sm font-bold">
                        {flags.length > FLAGS_NUMBERED ? '' : i + 1}
                    </text>
                </g>
            ))}
            {apart !== true && <path d={course ?? ''} className="fill-none stroke-marram" strokeWidth={1.6} />}
            {points.map((one, i) => (
                <Mark
                    key={i}
                    point={one}
                    x={along[i] ?? 0}
                    y={y}
                    title={title}
                    text={`${day(one.at)}, ${one.label}: ${shown(one.value)}`}
                    large={points.length <= POINTS_LARGE}
                    empty={apart === true && one.value === y.domain()[0]}
                />
            ))}
        </svg>
    );
}

interface MarkProps {
    point: Point;
    x: number;
    y: (value: number) => number;
    title: string;
    text: string;
    large: boolean;
    empty: boolean;
}

/** One value with its interval; where it leads somewhere, it is pressed. */
function Mark({ point: { value, low, high, to }, x, y, title, text, large, empty }: MarkProps) {
    const navigate = useNavigate();
    const link =
        to === undefined
            ? {}
            : {
                  role: 'link',
                  'aria-label': `${title}, ${text}`,
                  className: 'cursor-pointer',
                  onClick: () => {
                      void navigate(to);
                  },
              };
    return (
        <g {...link}>
            <title>{text}</title>
            <rect x={x - 5} y={0} width={10} height={HEIGHT - FOOT} className="fill-transparent" />
            {low !== null && high !== null && <path d={`M${x} ${y(low)}V${y(high)}`} className="stroke-ink" strokeWidth={1} />}
            <circle
                cx={x}
                cy={y(value)}
                r={large ? 3.4 : 2.2}
                strokeWidth={1.4}
                className={empty ? 'fill-paper stroke-ink' : 'fill-marram stroke-marram'}
            />
        </g>
    );
}

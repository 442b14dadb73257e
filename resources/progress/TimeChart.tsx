import { useId, useRef, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { day } from '../ui/units';
import { standalone, take } from './take';
import { csv, placed, rowsOf, scaleOf, type Point, type Span } from './timeline';

interface Props {
    title: string;
    /** What a value is, with its unit, for the head of the table. */
    value: string;
    points: Point[];
    span: Span;
    /** Values as they are shown, for axis and table. */
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
    /** What is chosen for this chart. */
    choice?: ReactNode;
}

const WIDTH = 720;
const HEIGHT = 92;
const LEFT = 74;
const RIGHT = 14;
const FOOT = 16;
const SIDE_BY_SIDE = 7;

/** A figure over the time in which all charts of the page stand, with its 90 % interval; as picture and as table, both to take along. */
export function TimeChart({ title, value, points, span, shown, ends, band, mark, flags, apart, choice }: Props) {
    const [listed, setListed] = useState(false);
    const svg = useRef<SVGSVGElement>(null);
    const id = useId();
    const navigate = useNavigate();
    if (points.length === 0) return null;
    const reach = points.flatMap((one) => [one.value, one.low, one.high]).filter((one) => one !== null);
    const wide = 4 * Math.max(...points.map((one) => Math.abs(one.value)));
    // An interval of two or three balls can be huge; it is cut where it tells nothing.
    const { bottom, top, step } =
        ends === undefined
            ? scaleOf(
                  [
                      ...reach.filter((one) => Math.abs(one) <= wide),
                      ...(band ?? []).flatMap((one) => [one.low, one.high]),
                      ...(mark == null ? [] : [mark]),
                  ],
                  0.1,
              )
            : { bottom: ends[0], top: ends[1], step: (ends[1] - ends[0]) / 2 };
    const along = placed(
        points.map((one) => one.at),
        span,
        WIDTH - LEFT - RIGHT,
        SIDE_BY_SIDE,
    ).map((x) => LEFT + x);
    const y = (one: number) => 4 + (HEIGHT - FOOT - 4) * (1 - (Math.min(top, Math.max(bottom, one)) - bottom) / (top - bottom));
    const lines = Array.from({ length: Math.round((top - bottom) / step) + 1 }, (_, i) => bottom + i * step);
    const flagged = placed(flags, span, WIDTH - LEFT - RIGHT, 0).map((x) => LEFT + x);
    const edge = (of: (one: { low: number; high: number }) => number) =>
        (band ?? []).map((one, i) => `${String(along[i])},${String(y(of(one)))}`);
    const [first, last] = [points[0], points[points.length - 1]];
    return (
        <figure aria-labelledby={id} className="border-t border-line pt-2 pb-1">
            <figcaption id={id} className="flex flex-wrap items-center gap-x-4">
                <span className="font-semibold">{title}</span>
                {choice}
                <span className="ml-auto flex gap-x-4">
                    <button
                        type="button"
                        className="min-h-8 underline"
                        aria-expanded={listed}
                        onClick={() => {
                            setListed(!listed);
                        }}
                    >
                        As a table
                    </button>
                    <button
                        type="button"
                        className="min-h-8 underline"
                        onClick={() => {
                            take(`${title}.csv`, 'text/csv', csv(rowsOf(value, points)));
                        }}
                    >
                        CSV
                    </button>
                    <button
                        type="button"
                        className="min-h-8 underline"
                        onClick={() => {
                            if (svg.current !== null) take(`${title}.svg`, 'image/svg+xml', standalone(svg.current));
                        }}
                    >
                        SVG
                    </button>
                </span>
            </figcaption>
            <svg
                ref={svg}
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                className="block w-full"
                role="group"
                aria-label={`${title}: ${String(points.length)} from ${first === undefined ? '' : `${day(first.at)}, ${shown(first.value)}`} to ${last === undefined ? '' : `${day(last.at)}, ${shown(last.value)}`}. All of them in the table.`}
            >
                {lines.map((one) => (
                    <g key={one}>
                        <path d={`M${LEFT} ${y(one)}H${WIDTH}`} className="stroke-line" strokeWidth={0.6} />
                        <text x={LEFT - 6} y={y(one) + 3.5} textAnchor="end" className="fill-ink text-[10.5px]">
                            {shown(one)}
                        </text>
                    </g>
                ))}
                {band !== undefined && (
                    <polygon
                        points={[...edge((one) => one.low), ...edge((one) => one.high).reverse()].join(' ')}
                        className="fill-marram/20"
                    />
                )}
                {mark != null && (
                    <path d={`M${LEFT} ${y(mark)}H${WIDTH}`} className="stroke-marram" strokeWidth={1} strokeDasharray="5 3" />
                )}
                {flagged.map((x, i) => (
                    <g key={i}>
                        <path d={`M${x} 0V${HEIGHT - FOOT}`} className="stroke-ochre" strokeWidth={1.4} />
                        <text x={x} y={HEIGHT - 4} textAnchor="middle" className="fill-ink text-[10px] font-bold">
                            {flags.length > 26 ? '' : i + 1}
                        </text>
                    </g>
                ))}
                {apart !== true && (
                    <polyline
                        points={points.map((one, i) => `${String(along[i])},${String(y(one.value))}`).join(' ')}
                        className="fill-none stroke-marram"
                        strokeWidth={1.6}
                    />
                )}
                {points.map((one, i) => (
                    <g
                        key={i}
                        role={one.to === undefined ? undefined : 'link'}
                        aria-label={one.to === undefined ? undefined : `${title}, ${day(one.at)}, ${one.label}: ${shown(one.value)}`}
                        className={one.to === undefined ? undefined : 'cursor-pointer'}
                        onClick={
                            one.to === undefined
                                ? undefined
                                : () => {
                                      void navigate(one.to ?? '');
                                  }
                        }
                    >
                        <title>{`${day(one.at)}, ${one.label}: ${shown(one.value)}`}</title>
                        <rect x={(along[i] ?? 0) - 5} y={0} width={10} height={HEIGHT - FOOT} className="fill-transparent" />
                        {one.low !== null && one.high !== null && (
                            <path d={`M${along[i] ?? 0} ${y(one.low)}V${y(one.high)}`} className="stroke-ink" strokeWidth={1} />
                        )}
                        <circle
                            cx={along[i]}
                            cy={y(one.value)}
                            r={points.length > 60 ? 2.2 : 3.4}
                            strokeWidth={1.4}
                            className={apart === true && one.value === bottom ? 'fill-paper stroke-ink' : 'fill-marram stroke-marram'}
                        />
                    </g>
                ))}
            </svg>
            {listed && (
                <table className="w-full text-left text-sm">
                    <thead>
                        <tr>
                            <th>Day</th>
                            <th>Of</th>
                            <th>{value}</th>
                            <th>90 %</th>
                            <th>n</th>
                        </tr>
                    </thead>
                    <tbody>
                        {points.map((one, i) => (
                            <tr key={i} className="border-t border-line">
                                <td>
                                    {one.to === undefined ? (
                                        day(one.at)
                                    ) : (
                                        <Link to={one.to} className="underline">
                                            {day(one.at)}
                                        </Link>
                                    )}
                                </td>
                                <td>{one.label}</td>
                                <td>{shown(one.value)}</td>
                                <td>{one.low === null || one.high === null ? '' : `${shown(one.low)} to ${shown(one.high)}`}</td>
                                <td>{one.n}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </figure>
    );
}

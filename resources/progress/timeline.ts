import { scaleLinear, scaleUtc, type ScaleLinear } from 'd3-scale';

/** One figure at a time: what is drawn, told and taken along. Values are in the unit that is shown. */
export interface Point {
    at: string;
    label: string;
    value: number;
    low: number | null;
    high: number | null;
    n: number | null;
    /** Where it leads, when there is somewhere to go. */
    to?: string;
}

export interface Span {
    from: number;
    to: number;
}

const DAY_MS = 86_400_000;

/** From the first to the last of these times; a single day gets room on both sides. */
export function spanOf(times: string[]): Span {
    const all = times.map((time) => Date.parse(time));
    const [from, to] = [Math.min(...all), Math.max(...all)];
    return to - from < DAY_MS ? { from: from - DAY_MS, to: to + DAY_MS } : { from, to };
}

/** Places of the times on a line of this width, in order; marks of one moment stand beside each other, not on each other. */
export function placed(times: string[], span: Span, width: number, apart: number): number[] {
    const scale = scaleUtc([new Date(span.from), new Date(span.to)], [0, width]);
    let last = -Infinity;
    let wanted = NaN;
    return times.map((time) => {
        const exact = scale(new Date(time));
        const x = exact === wanted ? last + apart : exact;
        wanted = exact;
        last = x;
        return x;
    });
}

/** So many lines at most are wished for across a chart. */
const LINES = 3;

/** A scale that holds all of these and ends on round figures, at least so wide. */
export function scaleOf(values: number[], least = 1): ScaleLinear<number, number> {
    const [low, high] = [Math.min(...values), Math.max(...values)];
    const wide = Math.max(high - low, Math.abs(high) * 0.1, least);
    return scaleLinear()
        .domain([low, low + wide])
        .nice(LINES)
        .clamp(true);
}

/** The round figures of a scale, its ends among them. */
export const linesOf = (scale: ScaleLinear<number, number>): number[] => scale.ticks(LINES);

/** A table by RFC 4180; no cell of it is a formula. */
export function csv(rows: (string | number | null)[][]): string {
    // A table program would run what begins like a formula.
    const safe = (cell: string | number | null) =>
        typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : String(cell ?? '');
    const quoted = (cell: string | number | null) => `"${safe(cell).replaceAll('"', '""')}"`;
    return rows.map((row) => `${row.map(quoted).join(',')}\r\n`).join('');
}

/** The rows of a chart. */
export const rowsOf = (value: string, points: Point[]) => [
    ['date', 'of', value, '90 % from', '90 % to', 'n'],
    ...points.map((one) => [one.at.slice(0, 10), one.label, one.value, one.low, one.high, one.n]),
];

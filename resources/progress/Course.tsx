import { useId, useRef } from 'react';
import { Button } from '../ui/Button';
import { day } from '../ui/units';

export interface Point {
    at: string;
    label: string;
    value: number;
    low: number | null;
    high: number | null;
    n: number;
}

interface Props {
    title: string;
    unit: string;
    points: Point[];
    highest: number;
    /** Values as they are shown, for axis and table. */
    shown: (value: number) => string;
}

const WIDTH = 460;
const HEIGHT = 150;
const LEFT = 44;
const BOTTOM = 22;

/** A figure over the lessons with its 90 % interval, as picture and as table; both can be taken along. */
export function Course({ title, unit, points, highest, shown }: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const id = useId();
    const x = (i: number) => LEFT + 14 + (points.length < 2 ? 0 : (i * (WIDTH - LEFT - 28)) / (points.length - 1));
    const y = (value: number) => (HEIGHT - BOTTOM) * (1 - Math.min(1, value / highest)) + 6;
    const take = (name: string, type: string, text: string) => {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob([text], { type }));
        link.download = name;
        link.click();
        URL.revokeObjectURL(link.href);
    };
    const csv = () => [['date', 'set', 'value', 'from', 'to', 'balls'], ...points.map((one) => [one.at.slice(0, 10), one.label, String(one.value), String(one.low ?? ''), String(one.high ?? ''), String(one.n)])].map((row) => row.map((cell) => `"${cell.replaceAll('"', '""')}"`).join(',')).join('\r\n');
    if (points.length === 0) return null;
    const every = Math.ceil(points.length / 6);
    return (
        <figure aria-labelledby={id}>
            <figcaption id={id} className="font-semibold">{title}, with the 90 % interval</figcaption>
            <svg ref={svg} viewBox={`0 0 ${WIDTH} ${HEIGHT + 10}`} className="block w-full" role="img" aria-label={`${title}: ${points.map((one) => `${day(one.at)} ${shown(one.value)}`).join(', ')}`}>
                {[0, 0.5, 1].map((share) => (
                    <g key={share}>
                        <path d={`M${LEFT} ${y(share * highest)}H${WIDTH}`} className="stroke-line" strokeWidth={0.7} />
                        <text x={LEFT - 6} y={y(share * highest) + 4} textAnchor="end" className="fill-ink text-[11px]">{shown(share * highest)}</text>
                    </g>
                ))}
                <polyline points={points.map((one, i) => `${String(x(i))},${String(y(one.value))}`).join(' ')} className="fill-none stroke-marram" strokeWidth={2} />
                {points.map((one, i) => (
                    <g key={one.at + one.label + String(i)}>
                        {one.low !== null && one.high !== null && <path d={`M${x(i)} ${y(one.low)}V${y(one.high)}`} className="stroke-ink" strokeWidth={1.2} />}
                        <circle cx={x(i)} cy={y(one.value)} r={3.5} className="fill-marram" />
                        {i % every === 0 && <text x={x(i)} y={HEIGHT + 6} textAnchor="middle" className="fill-ink text-[10.5px]">{new Date(one.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}</text>}
                    </g>
                ))}
            </svg>
            <details>
                <summary className="min-h-8 cursor-pointer underline">As a table</summary>
                <table className="w-full text-left text-sm">
                    <thead><tr><th>Lesson</th><th>Set</th><th>{unit}</th><th>90 %</th><th>n</th></tr></thead>
                    <tbody>{points.map((one, i) => <tr key={i} className="border-t border-line"><td>{day(one.at)}</td><td>{one.label}</td><td>{shown(one.value)}</td><td>{one.low === null || one.high === null ? 'too few' : `${shown(one.low)} to ${shown(one.high)}`}</td><td>{one.n}</td></tr>)}</tbody>
                </table>
            </details>
            <span className="mt-1 flex gap-1.5">
                <Button onClick={() => { take(`${title}.csv`, 'text/csv', csv()); }}>CSV</Button>
                <Button onClick={() => { if (svg.current !== null) take(`${title}.svg`, 'image/svg+xml', standalone(svg.current)); }}>SVG</Button>
            </span>
        </figure>
    );
}

/** The picture with its colours written into it, so that it looks the same anywhere. */
function standalone(svg: SVGSVGElement): string {
    const copy = svg.cloneNode(true) as SVGSVGElement;
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const [from, to] = [[...svg.querySelectorAll('*')], [...copy.querySelectorAll('*')]];
    from.forEach((element, i) => {
        const style = getComputedStyle(element);
        for (const property of ['fill', 'stroke', 'font-size', 'font-family']) to[i]?.setAttribute(property, style.getPropertyValue(property));
    });
    return new XMLSerializer().serializeToString(copy);
}

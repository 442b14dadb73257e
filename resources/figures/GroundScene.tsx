import { useId } from 'react';
import type { Model, Units } from '../api/types.gen';
import { shownFactor, shownUnit } from '../ui/units';
import { BALL_RADIUS_MM, points, STRIP } from './scale';

interface Props {
    m: number;
    halfMm: number;
    units: Units;
    sand: boolean;
    model: Model | null;
    /** The range that comes out good, and what it is a range of. */
    window: { mm: [number, number]; of: string } | null;
    /** The low point is marked only where it is known. */
    lowPoint: boolean;
    /** Where the school wants the club to enter the sand. */
    entryMm: [number, number] | null;
}

/** Where the clubhead stands in the picture, short of the ball. */
const HEAD_AT_MM = -95;
const SOLE_MM = 24;
const FACE_MM = 44;
const TOPLINE_MM = 6;
const SHAFT_MM = 90;

/** Ground, ball, arc, club and window, face-on and to scale: the picture behind every strip. */
export function GroundScene({ m, halfMm, units, sand, model, window, lowPoint, entryMm }: Props) {
    const id = useId();
    const { soilMm } = STRIP;
    return (
        <g>
            <defs>
                <pattern id={`${id}hatch`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <path d="M0 0V5" className="stroke-marram" strokeWidth="1" />
                </pattern>
                <pattern id={`${id}grain`} width="9" height="9" patternUnits="userSpaceOnUse">
                    <path d="M1 2h1M5 4h1M3 7h1M7 8h1" className="stroke-ochre" strokeWidth="1.1" />
                </pattern>
            </defs>
            <rect x={-halfMm} y={0} width={2 * halfMm} height={soilMm} className="fill-soil" />
            {sand ? <rect x={-halfMm} y={0} width={2 * halfMm} height={soilMm} fill={`url(#${id}grain)`} /> : <Grass halfMm={halfMm} />}
            {window && <WindowBand window={window.mm} name={window.of} m={m} halfMm={halfMm} fill={`url(#${id}hatch)`} />}
            {entryMm && <Entry entry={entryMm} m={m} />}
            <path d={`M${-halfMm} 0H${halfMm}`} className="stroke-ink" strokeWidth={1.2} />
            <circle cx={0} cy={-BALL_RADIUS_MM + (sand ? 3 : 0)} r={BALL_RADIUS_MM} className="fill-press stroke-ink" strokeWidth={1.2} />
            {model && (
                <>
                    <polyline
                        points={points(model.arc.map(([x, z]) => [m * x, -z]))}
                        className="fill-none stroke-slate"
                        strokeWidth={1.4}
                    />
                    <ClubHead model={model} m={m} />
                    {lowPoint && <path d={`M${m * model.low_point_mm.mean} 2l-5 9h10z`} className="fill-slate" />}
                </>
            )}
            <Ruler m={m} halfMm={halfMm} units={units} />
        </g>
    );
}

function Grass({ halfMm }: { halfMm: number }) {
    const blades = [];
    for (let x = -halfMm + 4; x < halfMm; x += 7) blades.push(`M${x} 0l${(x * 7) % 3} ${-3 - (Math.abs(x * 13) % 3)}`);
    return <path d={blades.join('')} className="stroke-line" strokeWidth={0.8} />;
}

function WindowBand({
    window: [from, to],
    name,
    m,
    halfMm,
    fill,
}: {
    window: [number, number];
    name: string;
    m: number;
    halfMm: number;
    fill: string;
}) {
    const { soilMm } = STRIP;
    const left = Math.min(m * from, m * to);
    return (
        <g>
            <rect x={left} y={-44} width={to - from} height={soilMm + 44} fill={fill} opacity={0.35} />
            <path
                d={`M${m * from} -44V${soilMm}M${m * to} -44V${soilMm}`}
                className="stroke-marram"
                strokeWidth={1}
                strokeDasharray="2 3"
            />
            <text
                x={Math.max(-halfMm + 30, Math.min(halfMm - 30, (m * (from + to)) / 2))}
                y={-49}
                textAnchor="middle"
                className="fill-marram text-[9px] font-semibold"
            >
                {name}
            </text>
        </g>
    );
}

/** The line to enter at, drawn into the sand. */
function Entry({ entry: [from, to], m }: { entry: [number, number]; m: number }) {
    return (
        <g>
            <path d={`M${m * from} 1V8H${m * to}V1`} className="fill-none stroke-ink" strokeWidth={1.2} />
            <text x={(m * (from + to)) / 2} y={-4} textAnchor="middle" className="fill-ink text-[8.5px]">
                enter here
            </text>
        </g>
    );
}

/** Sole and leading edge at their delivered angles, at the height of the arc. */
function ClubHead({ model, m }: { model: Model; m: number }) {
    const z = model.arc.reduce((best, point) => (Math.abs(point[0] - HEAD_AT_MM) < Math.abs(best[0] - HEAD_AT_MM) ? point : best))[1];
    const bounce = (model.delivered.bounce_deg * Math.PI) / 180;
    const loft = (model.delivered.loft_deg * Math.PI) / 180;
    // The lowest point of the sole rides on the arc: the trailing edge with bounce, the leading edge when it digs.
    const lead: [number, number] = [HEAD_AT_MM, z + Math.max(0, SOLE_MM * Math.sin(bounce))];
    const trail: [number, number] = [lead[0] - SOLE_MM * Math.cos(bounce), lead[1] - SOLE_MM * Math.sin(bounce)];
    const top: [number, number] = [lead[0] - FACE_MM * Math.sin(loft), lead[1] + FACE_MM * Math.cos(loft)];
    const back: [number, number] = [top[0] - TOPLINE_MM * Math.cos(loft), top[1] - TOPLINE_MM * Math.sin(loft)];
    const outline = [lead, trail, back, top].map(([x, y]) => [m * x, -y] as const);
    const lean = (model.lean_deg * Math.PI) / 180;
    const grip: [number, number] = [lead[0] - 4 + SHAFT_MM * Math.sin(lean), lead[1] + SHAFT_MM * Math.cos(lean)];
    return (
        <g>
            <path d={`M${m * (lead[0] - 4)} ${-lead[1] - 4}L${m * grip[0]} ${-grip[1]}`} className="stroke-soft" strokeWidth={5} />
            <polygon points={points(outline)} className="fill-ink" />
        </g>
    );
}

function Ruler({ m, halfMm, units }: { m: number; halfMm: number; units: Units }) {
    const { soilMm } = STRIP;
    const factor = shownFactor('mm', units);
    const [label, tick] = units === 'metric' ? [5, 1] : [2, 1];
    const far = Math.floor(halfMm / factor);
    const ticks = [];
    for (let at = -far; at <= far; at += tick) ticks.push(at);
    return (
        <g>
            <path d={`M${-halfMm} ${soilMm}H${halfMm}`} className="stroke-ink" strokeWidth={0.8} />
            {ticks.map((at) => (
                <path key={at} d={`M${m * at * factor} ${soilMm}v${at % label === 0 ? -6 : -3}`} className="stroke-ink" strokeWidth={0.8} />
            ))}
            {ticks
                .filter((at) => at % label === 0 && Math.abs(at * factor) < halfMm - 50)
                .map((at) => (
                    <text key={at} x={m * at * factor} y={soilMm + 11} textAnchor="middle" className="fill-ink text-[9px]">
                        {at === 0 ? 'ball' : Math.abs(at)}
                    </text>
                ))}
            <text x={-m * (halfMm - 3)} y={soilMm + 11} textAnchor={m > 0 ? 'start' : 'end'} className="fill-ink text-[9px]">
                {shownUnit('mm', units)} behind
            </text>
            <text x={m * (halfMm - 3)} y={soilMm + 11} textAnchor={m > 0 ? 'end' : 'start'} className="fill-ink text-[9px]">
                ahead, target
            </text>
        </g>
    );
}

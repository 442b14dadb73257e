import { useRef, useState, type PointerEvent } from 'react';
import type { Ball, Handed, Reading, Units } from '../api/types';
import { place, shownFactor, shownUnit } from '../ui/units';
import { mirror, points } from './scale';
import { StrikeShape } from './StrikeShape';

export interface Draft {
    touchMm: number | null;
    lengthMm: number;
}

interface Props {
    balls: Ball[];
    draft: Draft | undefined;
    handed: Handed;
    units: Units;
    model: Reading['model'];
    onDraft: (draft: Draft) => void;
}

const HALF_MM = 222;
const SKY_MM = 66;
const SOIL_MM = 104;
const BALL_RADIUS_MM = 21.335;
const LANES = 9;
const LANE_MM = 9;
const FIRST_LANE_MM = 18;
/** Where the clubhead stands in the picture, short of the ball. */
const HEAD_AT_MM = -95;
const SOLE_MM = 24;
const FACE_MM = 44;
const TOPLINE_MM = 6;
const SHAFT_MM = 90;
/** A finger is not finer than this; a shorter drag is a tap. */
const SHORTEST_DRAG_MM = 14;
const KEY_STEP_MM = 5;
/** Touches further out than the picture are typed or reached by arrow keys. */
const FARTHEST_MM = 300;

const rounded = (mm: number) => Math.round(mm / KEY_STEP_MM) * KEY_STEP_MM;

/** Face-on slice of ground, one scale in both directions. Tap where the club met the ground, drag for the length of the mark. */
export function GroundStrip({ balls, draft, handed, units, model, onDraft }: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const [from, setFrom] = useState<number | null>(null);
    const m = mirror(handed);
    const at = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (box === undefined) return 0;
        return m * ((event.clientX - box.left) / box.width - 0.5) * 2 * HALF_MM;
    };
    const touched = (mm: number): Draft => {
        if (from === null) return { touchMm: Math.round(mm), lengthMm: 0 };
        const length = Math.abs(mm - from);
        return length < SHORTEST_DRAG_MM ? { touchMm: Math.round(from), lengthMm: 0 } : { touchMm: Math.round(Math.min(from, mm)), lengthMm: Math.round(length) };
    };
    const keyed = draft?.touchMm ?? 0;
    const shown = balls.slice(-LANES);
    return (
        <div
            role="slider"
            tabIndex={0}
            aria-label="First touch of the club, along the target line"
            aria-valuemin={-FARTHEST_MM}
            aria-valuemax={FARTHEST_MM}
            aria-valuenow={keyed}
            aria-valuetext={draft === undefined ? 'not tapped' : draft.touchMm === null ? 'no ground contact' : place(draft.touchMm, units)}
            className="touch-none select-none"
            onKeyDown={(event) => {
                const step = event.key === 'ArrowRight' ? m : event.key === 'ArrowLeft' ? -m : 0;
                if (step === 0) return;
                event.preventDefault();
                const next = rounded(keyed) + step * KEY_STEP_MM;
                onDraft({ touchMm: Math.max(-FARTHEST_MM, Math.min(FARTHEST_MM, next)), lengthMm: draft?.lengthMm ?? 0 });
            }}
        >
            <svg
                ref={svg}
                viewBox={`${-HALF_MM} ${-SKY_MM} ${2 * HALF_MM} ${SKY_MM + SOIL_MM + 16}`}
                className="block w-full cursor-crosshair"
                data-testid="ground-strip"
                role="img"
                aria-label={`Ground strip, target to the ${handed === 'left' ? 'left' : 'right'}, ${String(balls.length)} balls`}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    const mm = at(event);
                    setFrom(mm);
                    onDraft({ touchMm: Math.round(mm), lengthMm: 0 });
                }}
                onPointerMove={(event) => { if (from !== null) onDraft(touched(at(event))); }}
                onPointerUp={() => { setFrom(null); }}
                onPointerCancel={() => { setFrom(null); }}
            >
                <defs>
                    <pattern id="hatch" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                        <path d="M0 0V5" className="stroke-marram" strokeWidth="1" />
                    </pattern>
                </defs>
                <rect x={-HALF_MM} y={0} width={2 * HALF_MM} height={SOIL_MM} className="fill-soil" />
                {model?.window_mm && <WindowBand window={model.window_mm} m={m} />}
                <path d={`M${-HALF_MM} 0H${HALF_MM}`} className="stroke-ink" strokeWidth={1.2} />
                <circle cx={0} cy={-BALL_RADIUS_MM} r={BALL_RADIUS_MM} className="fill-press stroke-ink" strokeWidth={1.2} />
                {model && (
                    <>
                        <polyline points={points(model.arc.map(([x, z]) => [m * x, -z]))} className="fill-none stroke-slate" strokeWidth={1.4} />
                        <ClubHead model={model} m={m} />
                        <path d={`M${m * model.low_point_mm.mean} 2l-5 9h10z`} className="fill-slate" />
                    </>
                )}
                {shown.map((ball, lane) => (
                    <BallLane key={ball.id} ball={ball} number={balls.length - shown.length + lane + 1} y={FIRST_LANE_MM + lane * LANE_MM} m={m} />
                ))}
                {draft?.touchMm !== undefined && draft.touchMm !== null && (
                    <g className="stroke-ink" strokeWidth={2}>
                        <path d={`M${m * draft.touchMm} -14V${SOIL_MM}`} strokeDasharray="4 3" />
                        {draft.lengthMm > 0 && <path d={`M${m * draft.touchMm} -3H${m * (draft.touchMm + draft.lengthMm)}`} strokeWidth={6} />}
                        <text x={m * draft.touchMm} y={-20} textAnchor="middle" className="fill-ink stroke-none text-[11px] font-bold">
                            {place(draft.touchMm, units)}
                        </text>
                    </g>
                )}
                <Ruler m={m} units={units} />
            </svg>
        </div>
    );
}

function WindowBand({ window: [from, to], m }: { window: [number, number]; m: number }) {
    const left = Math.min(m * from, m * to);
    return (
        <g>
            <rect x={left} y={-44} width={to - from} height={SOIL_MM + 44} fill="url(#hatch)" opacity={0.35} />
            <path d={`M${m * from} -44V${SOIL_MM}M${m * to} -44V${SOIL_MM}`} className="stroke-marram" strokeWidth={1} strokeDasharray="2 3" />
            <text x={Math.max(-HALF_MM + 4, Math.min(HALF_MM - 4, (m * (from + to)) / 2))} y={-50} textAnchor="middle" className="fill-marram text-[9px] font-semibold">
                strike window
            </text>
        </g>
    );
}

/** Sole and leading edge at their delivered angles, at the height of the arc. */
function ClubHead({ model, m }: { model: NonNullable<Reading['model']>; m: number }) {
    const leanDeg = model.lean_deg;
    const z = model.arc.reduce((best, point) => (Math.abs(point[0] - HEAD_AT_MM) < Math.abs(best[0] - HEAD_AT_MM) ? point : best))[1];
    const bounce = (model.delivered.bounce_deg * Math.PI) / 180;
    const loft = (model.delivered.loft_deg * Math.PI) / 180;
    // The lowest point of the sole rides on the arc: the trailing edge with bounce, the leading edge when it digs.
    const lead: [number, number] = [HEAD_AT_MM, z + Math.max(0, SOLE_MM * Math.sin(bounce))];
    const trail: [number, number] = [lead[0] - SOLE_MM * Math.cos(bounce), lead[1] - SOLE_MM * Math.sin(bounce)];
    const top: [number, number] = [lead[0] - FACE_MM * Math.sin(loft), lead[1] + FACE_MM * Math.cos(loft)];
    const back: [number, number] = [top[0] - TOPLINE_MM * Math.cos(loft), top[1] - TOPLINE_MM * Math.sin(loft)];
    const outline = [lead, trail, back, top].map(([x, y]) => [m * x, -y] as const);
    const lean = (leanDeg * Math.PI) / 180;
    const grip: [number, number] = [lead[0] - 4 + SHAFT_MM * Math.sin(lean), lead[1] + SHAFT_MM * Math.cos(lean)];
    return (
        <g>
            <path d={`M${m * (lead[0] - 4)} ${-lead[1] - 4}L${m * grip[0]} ${-grip[1]}`} className="stroke-soft" strokeWidth={5} />
            <polygon points={points(outline)} className="fill-ink" />
        </g>
    );
}

function BallLane({ ball, number, y, m }: { ball: Ball; number: number; y: number; m: number }) {
    const touch = ball.seen.touch_mm;
    const strike = ball.seen.strike;
    if (touch === null || touch === undefined) {
        return (
            <g>
                <text x={m * -HALF_MM + m * 12} y={y + 3.5} textAnchor="middle" className="fill-ink text-[9px]">{number}</text>
                <text x={m * -HALF_MM + m * 24} y={y + 3.5} textAnchor={m > 0 ? 'start' : 'end'} className="fill-ink text-[9px]">
                    {touch === null ? 'no ground contact' : 'touch not looked at'}
                </text>
                {strike !== undefined && <StrikeShape strike={strike} x={m * (-HALF_MM + 130)} y={y} size={7} />}
            </g>
        );
    }
    const end = touch + Math.max(ball.seen.mark_length_mm ?? 0, 3);
    const colour = touch < 0 ? 'stroke-rust' : 'stroke-slate';
    return (
        <g>
            <text x={m * (touch - 9)} y={y + 3.5} textAnchor="middle" className="fill-ink text-[9px]">{number}</text>
            <path d={`M${m * touch} ${y}H${m * end}`} className={colour} strokeWidth={3} />
            <path d={`M${m * touch} ${y - 3.5}V${y + 3.5}`} className={colour} strokeWidth={2} />
            {strike !== undefined && <StrikeShape strike={strike} x={m * (end + 12)} y={y} size={7} />}
        </g>
    );
}

function Ruler({ m, units }: { m: number; units: Units }) {
    const factor = shownFactor('mm', units);
    const [label, tick] = units === 'metric' ? [5, 1] : [2, 1];
    const far = Math.floor(HALF_MM / factor / label) * label;
    const ticks = [];
    for (let at = -far; at <= far; at += tick) ticks.push(at);
    return (
        <g>
            <path d={`M${-HALF_MM} ${SOIL_MM}H${HALF_MM}`} className="stroke-ink" strokeWidth={0.8} />
            {ticks.map((at) => (
                <path key={at} d={`M${m * at * factor} ${SOIL_MM}v${at % label === 0 ? -6 : -3}`} className="stroke-ink" strokeWidth={0.8} />
            ))}
            {ticks.filter((at) => at % label === 0 && Math.abs(at) < far).map((at) => (
                <text key={at} x={m * at * factor} y={SOIL_MM + 11} textAnchor="middle" className="fill-ink text-[9px]">{at === 0 ? 'ball' : Math.abs(at)}</text>
            ))}
            <text x={-m * (HALF_MM - 3)} y={SOIL_MM + 11} textAnchor={m > 0 ? 'start' : 'end'} className="fill-ink text-[9px]">{shownUnit('mm', units)} behind</text>
            <text x={m * (HALF_MM - 3)} y={SOIL_MM + 11} textAnchor={m > 0 ? 'end' : 'start'} className="fill-ink text-[9px]">ahead, target</text>
        </g>
    );
}

import { useTranslation } from 'react-i18next';
import { useRef, useState, type PointerEvent } from 'react';
import type { Ball, Handed, Model, Units } from '../api/types.gen';
import { place } from '../ui/units';
import { GroundScene } from './GroundScene';
import { mirror, STRIP, useHalfMm } from './scale';
import { StrikeShape } from './StrikeShape';
import { useUnit } from './useUnit';

export interface Draft {
    touchMm: number | null;
    lengthMm: number;
}

interface Props {
    balls: Ball[];
    draft: Draft | undefined;
    handed: Handed;
    units: Units;
    sand: boolean;
    model: Model | null;
    /** False where misses touch down as good ones do. */
    touchTells: boolean | null;
    /** The low point is known, by lengths that were drawn. */
    lowPoint: boolean;
    entryMm: [number, number] | null;
    /** Touches further out than the picture are reached by arrow keys, as far as this. */
    farthestMm: number;
    onDraft: (draft: Draft) => void;
}

const { skyMm, soilMm, rulerMm } = STRIP;
const LANES = 7;
const LANE_MM = 13;
const FIRST_LANE_MM = 17;
/** A finger is not finer than this; a shorter drag is a tap. */
const SHORTEST_DRAG_MM = 14;
const KEY_STEP_MM = 5;

/** One step of an arrow key, to the right of the picture or to its left. */
export function stepped(draft: Draft | undefined, rightward: boolean, handed: Handed, farthestMm: number): Draft {
    const from = Math.round((draft?.touchMm ?? 0) / KEY_STEP_MM) * KEY_STEP_MM;
    const to = from + (rightward ? 1 : -1) * mirror(handed) * KEY_STEP_MM;
    return { touchMm: Math.max(-farthestMm, Math.min(farthestMm, to)), lengthMm: draft?.lengthMm ?? 0 };
}

/** Face-on slice of ground, one scale in both directions. Tap where the club met the ground, drag for the length of the mark. */
export function GroundStrip({ balls, draft, handed, units, sand, model, touchTells, lowPoint, entryMm, farthestMm, onDraft }: Props) {
    const { t } = useTranslation();
    const svg = useRef<SVGSVGElement>(null);
    const [measured, unit] = useUnit(2 * useHalfMm());
    const [from, setFrom] = useState<number | null>(null);
    const m = mirror(handed);
    const halfMm = useHalfMm();
    const at = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        if (box === undefined) return 0;
        return m * ((event.clientX - box.left) / box.width - 0.5) * 2 * halfMm;
    };
    const touched = (mm: number): Draft => {
        if (from === null) return { touchMm: Math.round(mm), lengthMm: 0 };
        const length = Math.abs(mm - from);
        return length < SHORTEST_DRAG_MM
            ? { touchMm: Math.round(from), lengthMm: 0 }
            : { touchMm: Math.round(Math.min(from, mm)), lengthMm: Math.round(length) };
    };
    const shown = balls.slice(-LANES);
    const last = balls.at(-1);
    return (
        <div
            role="slider"
            tabIndex={0}
            aria-label={t('First touch of the club, along the target line')}
            aria-valuemin={-farthestMm}
            aria-valuemax={farthestMm}
            aria-valuenow={draft?.touchMm ?? 0}
            aria-valuetext={
                draft === undefined ? t('not tapped') : draft.touchMm === null ? t('no ground contact') : place(draft.touchMm, units)
            }
            className="mx-auto max-w-2xl touch-none select-none 2xl:max-w-4xl"
        >
            <svg
                ref={(figure) => {
                    svg.current = figure;
                    return measured(figure);
                }}
                viewBox={`${-halfMm} ${-skyMm} ${2 * halfMm} ${skyMm + soilMm + rulerMm}`}
                className="block w-full cursor-crosshair"
                data-testid="ground-strip"
                role="img"
                aria-label={
                    handed === 'left'
                        ? t('Ground strip, target to the left, {{count}} balls', { count: balls.length })
                        : t('Ground strip, target to the right, {{count}} balls', { count: balls.length })
                }
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    const mm = at(event);
                    setFrom(mm);
                    onDraft({ touchMm: Math.round(mm), lengthMm: 0 });
                }}
                onPointerMove={(event) => {
                    if (from !== null) onDraft(touched(at(event)));
                }}
                onPointerUp={() => {
                    setFrom(null);
                }}
                onPointerCancel={() => {
                    setFrom(null);
                }}
            >
                <GroundScene
                    m={m}
                    halfMm={halfMm}
                    unit={unit}
                    units={units}
                    sand={sand}
                    model={model}
                    window={
                        model?.touch_window_mm
                            ? touchTells === false
                                ? { mm: model.touch_window_mm, of: t('touch alone does not tell'), pale: true }
                                : { mm: model.touch_window_mm, of: t('good first touches') }
                            : null
                    }
                    lowPoint={lowPoint}
                    entryMm={sand ? entryMm : null}
                />
                {sand && last && <Splash ball={last} m={m} />}
                {shown.map((ball, lane) => (
                    <BallLane
                        key={ball.id}
                        ball={ball}
                        number={balls.length - shown.length + lane + 1}
                        y={FIRST_LANE_MM + lane * LANE_MM}
                        m={m}
                        halfMm={halfMm}
                        units={units}
                    />
                ))}
                {draft?.touchMm !== undefined && draft.touchMm !== null && (
                    <g className="stroke-ink" strokeWidth={2}>
                        <path d={`M${m * draft.touchMm} -14V${soilMm}`} strokeDasharray="4 3" />
                        {draft.lengthMm > 0 && (
                            <path d={`M${m * draft.touchMm} -3H${m * (draft.touchMm + draft.lengthMm)}`} strokeWidth={6} />
                        )}
                        <text
                            x={Math.max(60 - halfMm, Math.min(halfMm - 60, m * draft.touchMm))}
                            y={-20}
                            textAnchor="middle"
                            className="in-figure-16 fill-ink stroke-none font-bold"
                        >
                            {place(draft.touchMm, units)}
                        </text>
                    </g>
                )}
            </svg>
        </div>
    );
}

const USUAL_SPLASH_MM = 120;

/** The sand of the last ball in the air: from where the club went in to where it came out. */
function Splash({ ball, m }: { ball: Ball; m: number }) {
    const touch = ball.seen.touch_mm;
    if (touch === null || touch === undefined) return null;
    const length = ball.seen.mark_length_mm ?? USUAL_SPLASH_MM;
    const drops = Array.from({ length: 18 }, (_, i) => {
        const along = (i % 9) / 8;
        const height = 8 + 26 * Math.sin(Math.PI * (0.2 + 0.7 * along)) * (i < 9 ? 1 : 0.55);
        return <circle key={i} cx={m * (touch + length * (0.15 + 0.95 * along))} cy={-height} r={1.5} className="fill-ochre" />;
    });
    return <g aria-hidden="true">{drops}</g>;
}

interface LaneProps {
    ball: Ball;
    number: number;
    y: number;
    m: number;
    halfMm: number;
    units: Units;
}

function BallLane({ ball, number, y, m, halfMm, units }: LaneProps) {
    const { t } = useTranslation();
    const touch = ball.seen.touch_mm;
    const strike = ball.seen.strike;
    if (touch === null || touch === undefined) {
        return (
            <g>
                <text x={m * -halfMm + m * 12} y={y + 4.5} textAnchor="middle" className="in-figure fill-ink">
                    {number}
                </text>
                <text x={m * -halfMm + m * 28} y={y + 4.5} textAnchor={m > 0 ? 'start' : 'end'} className="in-figure fill-ink">
                    {touch === null ? t('no ground contact') : t('touch not seen')}
                </text>
                {strike !== undefined && <StrikeShape strike={strike} x={m * (-halfMm + 165)} y={y} size={9} />}
            </g>
        );
    }
    const edge = halfMm - 7;
    const inside = (mm: number) => Math.max(-edge, Math.min(edge, mm));
    if (Math.abs(touch) > edge) {
        // It lies further out than the picture: told at the edge, with an arrow.
        const out = m * Math.sign(touch);
        return (
            <g>
                <path d={`M${out * halfMm} ${y}l${-out * 8} -4.5v9z`} className={touch < 0 ? 'fill-rust' : 'fill-slate'} />
                <text x={out * (halfMm - 12)} y={y + 4.5} textAnchor={out > 0 ? 'end' : 'start'} className="in-figure fill-ink">
                    {number}: {place(touch, units)}
                </text>
                {strike !== undefined && <StrikeShape strike={strike} x={out * (halfMm - 120)} y={y} size={9} />}
            </g>
        );
    }
    const end = touch + Math.max(ball.seen.mark_length_mm ?? 0, 3);
    const colour = touch < 0 ? 'stroke-rust' : 'stroke-slate';
    return (
        <g>
            <text x={m * Math.max(-edge + 8, inside(touch - 11))} y={y + 4.5} textAnchor="middle" className="in-figure fill-ink">
                {number}
            </text>
            <path d={`M${m * touch} ${y}H${m * end}`} className={colour} strokeWidth={3} />
            <path d={`M${m * touch} ${y - 4.5}V${y + 4.5}`} className={colour} strokeWidth={2} />
            {strike !== undefined && <StrikeShape strike={strike} x={m * inside(end + 12)} y={y} size={9} />}
        </g>
    );
}

import { useTranslation } from 'react-i18next';
import { useState, type ReactNode } from 'react';
import type { Handed, Observable, Observed, Reading, Units } from '../api/types.gen';
import { withUnit } from '../ui/units';
import { Handle } from './Handle';
import { mirror } from './scale';
import { useUnit } from './useUnit';

interface Props {
    looks: Observable[];
    setup: Observed;
    card: Reading['card'] | undefined;
    handed: Handed;
    units: Units;
    /** Of the lie, + = uphill: the ground is drawn so. */
    slopeDeg?: number;
    onSee: (what: Observable, value: number | null) => void;
}

// From above: feet over the target line, target to the right of the picture. One pixel of the drawing is PX_PER_MM of a stance.
const PX_PER_MM = 0.5;
const TOES_Y = 62;
const LINE_Y = 96;
const WEIGHT_Y = 142;
const FARTHEST = 112;
const TOE_LINE = 96;
const FACE_LINE = 34;
/** A stance is drawn this share as open as it is, so that the feet stay in the picture; the figure is the true one. */
const OPEN_DRAWN = 0.5;
// Face-on: shaft and chest over the ground.
const GROUND_Y = 310;
const SHAFT = 70;
const CHEST_Y = 190;
const CHEST_PX_PER_MM = 0.55;

/** What is drawn; where neither a look nor the card says anything, as the catalogue takes it. */
type Id =
    | 'ball_position_pct'
    | 'stance_width_mm'
    | 'lead_weight_pct'
    | 'shaft_lean_deg'
    | 'face_open_deg'
    | 'stance_open_deg'
    | 'sternum_ahead_mm';

const radians = (degrees: number) => (degrees * Math.PI) / 180;
const degrees = (rad: number) => (rad * 180) / Math.PI;

type HandleRest = Omit<Parameters<typeof Handle>[0], 'what' | 'value' | 'ghost' | 'units' | 'onDraft' | 'onSee'>;

/** All that the two pictures are drawn from. */
interface Plan {
    /** Toward the target: 1 to the right, -1 to the left. */
    m: number;
    card: Props['card'];
    units: Units;
    /** As looked at, or null. */
    seen: (id: Id) => number | null;
    /** As looked at, else as the card or most players have it. */
    figure: (id: Id) => number;
    handle: (id: Id, rest: HandleRest) => ReactNode;
    faint: (id: Id) => string;
    toTarget: 'ArrowRight' | 'ArrowLeft';
}

/** The set-up from above and face-on: all of it is dragged or moved by key. What nobody looked at stands empty where the card has it. */
export function StancePlan({ looks, setup, card, handed, units, slopeDeg = 0, onSee }: Props) {
    const { t } = useTranslation();
    const [draft, setDraft] = useState<{ id: Id; value: number } | null>(null);
    const m = mirror(handed);
    const [measured] = useUnit(264);
    const seen = (id: Id) => {
        if (draft?.id === id) return draft.value;
        const value = setup[id];
        return typeof value === 'number' ? value : null;
    };
    const stock = (id: Id) => {
        const range = card?.[id];
        return range === undefined ? (looks.find((one) => one.id === id)?.usual ?? 0) : (range[0] + range[1]) / 2;
    };
    const handle = (id: Id, rest: HandleRest) => {
        const what = looks.find((one) => one.id === id);
        if (what === undefined) return null;
        const value = setup[id];
        return (
            <Handle
                {...rest}
                what={what}
                value={typeof value === 'number' ? value : null}
                ghost={stock(id)}
                units={units}
                onDraft={(next) => {
                    setDraft(next === null ? null : { id, value: next });
                }}
                onSee={(next) => {
                    onSee(what, next);
                }}
            />
        );
    };
    const plan: Plan = {
        m,
        card,
        units,
        seen,
        figure: (id) => seen(id) ?? stock(id),
        handle,
        faint: (id) => (seen(id) === null ? 'stroke-line' : 'stroke-ink'),
        toTarget: m > 0 ? 'ArrowRight' : 'ArrowLeft',
    };
    return (
        <svg
            ref={measured}
            viewBox="-132 -16 264 336"
            className="mx-auto block w-full max-w-xs"
            role="group"
            aria-label={t('Set-up from above and face-on')}
        >
            <FromAbove {...plan} />
            <Weight {...plan} />
            <FaceOn {...plan} slopeDeg={slopeDeg} />
        </svg>
    );
}

/** Feet, target line, face and ball. */
function FromAbove({ m, card, seen, figure, handle, faint, toTarget }: Plan) {
    const half = Math.min(FARTHEST, (figure('stance_width_mm') * PX_PER_MM) / 2);
    const ballX = (pct: number) => m * Math.max(-128, Math.min(128, -half + (2 * half * pct) / 100));
    const ball = ballX(figure('ball_position_pct'));
    const openness = radians(figure('stance_open_deg') * OPEN_DRAWN);
    const foot = (side: number) => [m * side * half, TOES_Y - 16 - side * half * Math.sin(openness)] as const;
    const open = radians(figure('face_open_deg'));
    const faceTip = (deg: number) => [ball + m * Math.cos(radians(deg)) * FACE_LINE, LINE_Y + Math.sin(radians(deg)) * FACE_LINE] as const;
    const [faceX, faceY] = faceTip(figure('face_open_deg'));
    // The face itself is a bar square to where it looks, behind the ball.
    const [normalX, normalY] = [m * Math.cos(open), Math.sin(open)];
    const [barX, barY] = [ball - 12 * normalX, LINE_Y - 12 * normalY];
    const stanceTip = (deg: number) =>
        [m * TOE_LINE * Math.cos(radians(deg * OPEN_DRAWN)), TOES_Y - TOE_LINE * Math.sin(radians(deg * OPEN_DRAWN))] as const;
    const [stanceX, stanceY] = stanceTip(figure('stance_open_deg'));
    const empty = seen('ball_position_pct') === null;
    return (
        <>
            <path
                d={`M${-m * TOE_LINE} ${2 * TOES_Y - stanceY}L${stanceX} ${stanceY}`}
                className={faint('stance_open_deg')}
                strokeWidth={1.2}
                strokeDasharray="5 4"
            />
            {[-1, 1].map((side) => (
                <Foot key={side} at={foot(side)} turn={m * side * 8} className={faint('stance_width_mm')} />
            ))}
            <path d={`M-130 ${LINE_Y}H130`} className="stroke-ink" strokeWidth={1} strokeDasharray="6 4" />
            <path d={`M${m * 122} ${LINE_Y - 5}l${m * 8} 5l${-m * 8} 5`} className="fill-none stroke-ink" strokeWidth={1.2} />
            <CardRange range={card?.ball_position_pct} at={ballX} y={LINE_Y - 14} />
            <path d={`M${ball} ${LINE_Y}L${faceX} ${faceY}`} className={faint('face_open_deg')} strokeWidth={1.5} />
            <path
                d={`M${barX - 12 * -normalY} ${barY - 12 * normalX}L${barX + 12 * -normalY} ${barY + 12 * normalX}`}
                className={faint('face_open_deg')}
                strokeWidth={3}
            />
            <text x={Math.max(-100, Math.min(100, ball))} y={LINE_Y + 27} textAnchor="middle" className="in-figure-16 fill-ink font-bold">
                {empty ? '' : `${String(Math.round(figure('ball_position_pct')))} %`}
            </text>
            {handle('stance_open_deg', {
                step: 1,
                grows: 'ArrowUp',
                at: stanceTip,
                fromPoint: (x, y) => degrees(Math.atan2(TOES_Y - y, Math.max(10, m * x))) / OPEN_DRAWN,
            })}
            {handle('stance_width_mm', {
                step: 10,
                grows: toTarget,
                at: (mm) => [m * Math.min(FARTHEST, (mm * PX_PER_MM) / 2), foot(1)[1] - 10],
                fromPoint: (x) => (Math.abs(x) * 2) / PX_PER_MM,
            })}
            {handle('face_open_deg', {
                step: 1,
                grows: 'ArrowUp',
                at: faceTip,
                fromPoint: (x, y) => degrees(Math.atan2(y - LINE_Y, Math.max(6, m * (x - ball)))),
            })}
            {handle('ball_position_pct', {
                step: 1,
                grows: toTarget,
                at: (pct) => [ballX(pct), LINE_Y],
                fromPoint: (x) => ((m * x + half) / (2 * half)) * 100,
                children: (
                    <circle
                        cx={ball}
                        cy={LINE_Y}
                        r={9}
                        className={`fill-press ${faint('ball_position_pct')}`}
                        strokeWidth={1.8}
                        strokeDasharray={empty ? '3 2' : undefined}
                    />
                ),
            })}
        </>
    );
}

function Foot({ at: [x, y], turn, className }: { at: readonly [number, number]; turn: number; className: string }) {
    return (
        <ellipse
            cx={x}
            cy={y - 10}
            rx={11}
            ry={23}
            transform={`rotate(${String(turn)} ${String(x)} ${String(y)})`}
            className={`fill-press ${className}`}
            strokeWidth={1.5}
        />
    );
}

/** How the weight is shared between the feet. */
function Weight({ m, card, seen, handle, faint, toTarget }: Plan) {
    const { t } = useTranslation();
    const weight = seen('lead_weight_pct');
    return (
        <>
            <path d={`M-100 ${WEIGHT_Y}H100`} className={faint('lead_weight_pct')} strokeWidth={1.5} />
            <path d={`M0 ${WEIGHT_Y - 5}v10`} className={faint('lead_weight_pct')} strokeWidth={1} />
            <CardRange range={card?.lead_weight_pct} at={(pct) => m * (2 * pct - 100)} y={WEIGHT_Y} />
            {handle('lead_weight_pct', {
                step: 1,
                grows: toTarget,
                at: (pct) => [m * (2 * pct - 100), WEIGHT_Y],
                fromPoint: (x) => (m * x + 100) / 2,
            })}
            <text x={-m * 130} y={WEIGHT_Y + 19} textAnchor={m > 0 ? 'start' : 'end'} className="in-figure fill-ink">
                {weight === null ? t('weight not looked at') : t('{{weight}} % trail', { weight: Math.round(100 - weight) })}
            </text>
            {weight !== null && (
                <text x={m * 130} y={WEIGHT_Y + 19} textAnchor={m > 0 ? 'end' : 'start'} className="in-figure fill-ink font-bold">
                    {t('{{weight}} % lead', { weight: Math.round(weight) })}
                </text>
            )}
        </>
    );
}

/** Shaft and chest over the ground. */
function FaceOn({ m, card, units, seen, figure, handle, faint, toTarget, slopeDeg }: Plan & { slopeDeg: number }) {
    const { t } = useTranslation();
    const tip = (lean: number) => [m * Math.sin(radians(lean)) * SHAFT, GROUND_Y - Math.cos(radians(lean)) * SHAFT] as const;
    const lean = seen('shaft_lean_deg');
    const [shaftX, shaftY] = tip(figure('shaft_lean_deg'));
    const chest = m * figure('sternum_ahead_mm') * CHEST_PX_PER_MM;
    const unseen = seen('sternum_ahead_mm') === null;
    const side = { x: m * 130, textAnchor: m > 0 ? 'end' : 'start' } as const;
    return (
        <>
            <path
                data-testid="ground"
                d={slopeDeg === 0 ? `M-110 ${GROUND_Y}H110` : `M-60 ${GROUND_Y}H60`}
                transform={`rotate(${String(-m * slopeDeg)} 0 ${String(GROUND_Y)})`}
                className="stroke-ink"
                strokeWidth={1.5}
            />
            <circle cx={0} cy={GROUND_Y - 5} r={5} className="fill-press stroke-ink" strokeWidth={1.2} />
            {card?.shaft_lean_deg && (
                <path
                    d={`M0 ${GROUND_Y}L${tip((card.shaft_lean_deg[0] + card.shaft_lean_deg[1]) / 2).join(' ')}`}
                    className="stroke-marram"
                    strokeWidth={2}
                    strokeDasharray="4 4"
                />
            )}
            <path d={`M0 ${GROUND_Y}L${shaftX} ${shaftY}`} className={faint('shaft_lean_deg')} strokeWidth={lean === null ? 2 : 5} />
            {handle('shaft_lean_deg', {
                step: 1,
                grows: toTarget,
                at: tip,
                fromPoint: (x, y) => degrees(Math.atan2(m * x, Math.max(8, GROUND_Y - y))),
            })}
            <path d={`M${chest} ${CHEST_Y + 6}V${GROUND_Y}`} className={faint('sternum_ahead_mm')} strokeWidth={1} strokeDasharray="2 4" />
            {handle('sternum_ahead_mm', {
                step: 5,
                grows: toTarget,
                at: (mm) => [m * mm * CHEST_PX_PER_MM, CHEST_Y],
                fromPoint: (x) => (m * x) / CHEST_PX_PER_MM,
                children: (
                    <path
                        d={`M${chest - 16} ${CHEST_Y - 6}h32l-16 13z`}
                        className={unseen ? 'fill-paper stroke-soft' : 'fill-ink stroke-ink'}
                        strokeWidth={1.5}
                        strokeDasharray={unseen ? '3 2' : undefined}
                    />
                ),
            })}
            <text {...side} y={GROUND_Y - 44} className="display in-figure-24 fill-ink">
                {lean === null ? '' : withUnit(Math.abs(lean), 'degrees', units)}
            </text>
            <text {...side} y={GROUND_Y - 26} className="in-figure fill-ink">
                {lean === null ? t('shaft not') : lean > 0.5 ? t('toward') : lean < -0.5 ? t('away from') : t('shaft')}
            </text>
            <text {...side} y={GROUND_Y - 11} className="in-figure fill-ink">
                {lean === null ? t('looked at') : Math.abs(lean) > 0.5 ? t('the target') : t('upright')}
            </text>
        </>
    );
}

/** The school's stock figure as a faint mark beside what is there. */
function CardRange({ range, at, y }: { range: [number, number] | undefined; at: (value: number) => number; y: number }) {
    if (range === undefined) return null;
    return <path d={`M${at(range[0])} ${y}H${at(range[1])}`} className="stroke-marram" strokeWidth={5} opacity={0.7} />;
}

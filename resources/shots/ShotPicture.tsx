import { useTranslation } from 'react-i18next';
import { useId } from 'react';
import type { Catalogue, Handed, PlannedOption, Units } from '../api/types.gen';
import { Handle } from '../figures/Handle';
import { mirror, points } from '../figures/scale';
import { useWidth } from '../figures/useWidth';
import { withUnit } from '../ui/units';
import type { Situation } from './PlannerTab';
import { fieldOf } from './shots';

interface Props {
    catalogue: Catalogue;
    units: Units;
    now: Situation;
    options: PlannedOption[];
    place: number;
    handed: Handed;
    onDraft: (part: Partial<Situation>) => void;
    onSee: (part: Partial<Situation>) => void;
}

const LEFT_M = 1;
const RIGHT_M = 1;
const FLAG_M = 2;
const SOIL_PX = 56;
const RULER_PX = 52;
/** A drawing of a long shot is as high as a hand, of a short one no higher than the screen allows. */
const SKY_PX = { least: 96, most: 230 };
/** Steps of a drag, m. */
const STEP_M = 0.1;
const USUAL_PX = 820;

/** The ground from the side, to scale in both directions: what was chosen in full, the others as ghosts. */
export function ShotPicture({ catalogue, units, now, options, place, handed, onDraft, onSee }: Props) {
    const { t } = useTranslation();
    const [measured, width] = useWidth(USUAL_PX);
    const hatch = useId();
    const m = mirror(handed);
    const chosen = options[place];
    const total = now.edge_m + now.hole_m;
    const end = total + now.behind_m;
    const apex = Math.max(FLAG_M, now.obstacle?.height_m ?? 0, ...options.flatMap((one) => one.path.map(([, z]) => z)));
    const px = Math.min(width / (LEFT_M + end + RIGHT_M), SKY_PX.most / apex);
    const sky = Math.max(SKY_PX.least, px * apex + 30);
    const x = (metres: number) => m * metres * px;
    const left = m === 1 ? -LEFT_M * px : LEFT_M * px - width;
    /** Metres from the ball of a point of the drawing. */
    const metres = (at: number) => (m * at) / px;
    const box = (from: number, to: number) => ({ x: Math.min(x(from), x(to)), width: Math.abs(x(to) - x(from)) });
    const drag = (
        id: string,
        value: number,
        at: (value: number) => readonly [number, number],
        fromPoint: (px: number, py: number) => number,
        part: (value: number) => Partial<Situation>,
        up = false,
    ) => (
        <Handle
            key={id}
            what={fieldOf(catalogue.plan, id)}
            value={value}
            ghost={value}
            units={units}
            step={STEP_M}
            grows={up ? 'ArrowUp' : m === 1 ? 'ArrowRight' : 'ArrowLeft'}
            at={at}
            fromPoint={fromPoint}
            onDraft={(next) => {
                if (next !== null) onDraft(part(next));
            }}
            onSee={(next) => {
                if (next !== null) onSee(part(next));
            }}
        />
    );
    return (
        <figure ref={measured} className="my-3">
            <svg
                viewBox={`${left} ${-sky} ${width} ${sky + SOIL_PX + RULER_PX}`}
                width={width}
                height={sky + SOIL_PX + RULER_PX}
                role="group"
                aria-label={t('The shot from the side, to scale')}
                className="block max-w-full touch-pan-y"
            >
                <defs>
                    <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                        <path d="M0 0V7" className="stroke-marram" strokeWidth="1.2" />
                    </pattern>
                </defs>
                <rect x={left} y={0} width={width} height={SOIL_PX} className="fill-soil" />
                <rect {...box(now.edge_m, end)} y={0} height={SOIL_PX} fill="var(--ground)" />
                {chosen && <Finish chosen={chosen} box={box} fill={`url(#${hatch})`} />}
                <path d={`M${left} 0h${width}`} className="stroke-ink" strokeWidth={2} />
                {now.obstacle && <Obstacle {...now.obstacle} x={x} px={px} />}
                {options.map((one, i) => i !== place && <Flight key={one.name} option={one} x={x} px={px} ghost />)}
                {chosen && <Flight option={chosen} x={x} px={px} />}
                <Flag at={x(total)} m={m} px={px} />
                <circle cx={0} cy={-6} r={6} className="fill-press stroke-ink" strokeWidth={1.6} />
                {chosen && chosen.figures.carry_m > 0 && (
                    <Landing
                        at={x(chosen.figures.carry_m)}
                        words={t('land here, {{far}}', { far: withUnit(chosen.figures.carry_m, 'm', units) })}
                    />
                )}
                <Paces {...{ now, x, units, total, end }} y={SOIL_PX + 18} />
                {drag(
                    'edge_m',
                    now.edge_m,
                    (v) => [x(v), SOIL_PX + 18],
                    (at) => metres(at),
                    (edge) => ({
                        edge_m: edge,
                        hole_m: Math.max(fieldOf(catalogue.plan, 'hole_m').min, total - edge),
                    }),
                )}
                {drag(
                    'hole_m',
                    now.hole_m,
                    (v) => [x(now.edge_m + v), SOIL_PX + 18],
                    (at) => metres(at) - now.edge_m,
                    (hole) => ({ hole_m: hole }),
                )}
                {now.obstacle &&
                    drag(
                        'height_m',
                        now.obstacle.height_m,
                        (v) => [x(now.obstacle?.distance_m ?? 0), -v * px],
                        (_, y) => -y / px,
                        (height) => ({ obstacle: { height_m: height, distance_m: now.obstacle?.distance_m ?? 1 } }),
                        true,
                    )}
                {chosen &&
                    chosen.figures.carry_m > 0 &&
                    drag(
                        'land_m',
                        now.land_m ?? chosen.figures.land_m,
                        (v) => [x(now.edge_m + v), 0],
                        (at) => metres(at) - now.edge_m,
                        (land) => ({ land_m: land }),
                    )}
            </svg>
        </figure>
    );
}

interface Drawn {
    x: (metres: number) => number;
    px: number;
}

function Flight({ option, x, px, ghost = false }: Drawn & { option: PlannedOption; ghost?: boolean }) {
    const { carry_m: carry, roll_m: roll } = option.figures;
    return (
        <g>
            {carry > 0 && (
                <polyline
                    points={points(option.path.map(([along, up]) => [x(along), -up * px]))}
                    className={`fill-none ${ghost ? 'stroke-soft' : 'stroke-slate'}`}
                    strokeWidth={ghost ? 1.4 : 3}
                    strokeDasharray={ghost ? '1 5' : undefined}
                    strokeLinecap="round"
                />
            )}
            {!ghost && <path d={`M${x(carry)} -4H${x(carry + roll)}`} className="stroke-slate" strokeWidth={4} strokeDasharray="9 4" />}
        </g>
    );
}

function Finish({
    chosen,
    box,
    fill,
}: {
    chosen: PlannedOption;
    box: (from: number, to: number) => { x: number; width: number };
    fill: string;
}) {
    const { t } = useTranslation();
    const [from, to] = chosen.rests_80_m;
    const at = box(from, to);
    return (
        <g>
            <rect {...at} y={0} height={SOIL_PX} fill={fill} opacity={0.55} />
            <path
                d={`M${at.x} 0v${SOIL_PX}M${at.x + at.width} 0v${SOIL_PX}`}
                className="stroke-marram"
                strokeWidth={2}
                strokeDasharray="2 4"
            />
            <text
                x={at.x + at.width / 2}
                y={SOIL_PX - 8}
                textAnchor="middle"
                className="fill-marram text-[15px] font-semibold"
                stroke="var(--paper)"
                strokeWidth={4}
                paintOrder="stroke"
            >
                {t('8 in 10 finish here')}
            </text>
        </g>
    );
}

function Obstacle({ height_m: height, distance_m: at, x, px }: Drawn & { height_m: number; distance_m: number }) {
    const w = 9;
    return (
        <path
            d={`M${x(at) - w} 0L${x(at) - w * 0.6} ${-height * px}h${w * 1.2}L${x(at) + w} 0z`}
            className="fill-soil stroke-ink"
            strokeWidth={1.5}
        />
    );
}

function Flag({ at, m, px }: { at: number; m: number; px: number }) {
    const top = -FLAG_M * px;
    return (
        <g>
            <path d={`M${at} 0V${top}`} className="stroke-ink" strokeWidth={2} />
            <path d={`M${at} ${top}h${m * 30}l${-m * 8} 8 ${m * 8} 8h${-m * 30}z`} className="fill-rust" />
        </g>
    );
}

function Landing({ at, words }: { at: number; words: string }) {
    return (
        <g>
            <path d={`M${at} -30v24m-6 -8l6 8 6 -8`} className="fill-none stroke-ink" strokeWidth={2} />
            <text
                x={at}
                y={26}
                textAnchor="middle"
                className="fill-ink text-[15px] font-semibold"
                stroke="var(--paper)"
                strokeWidth={4}
                paintOrder="stroke"
            >
                {words}
            </text>
        </g>
    );
}

function Paces({
    now,
    x,
    units,
    total,
    end,
    y,
}: {
    now: Situation;
    x: (metres: number) => number;
    units: Units;
    total: number;
    end: number;
    y: number;
}) {
    const { t } = useTranslation();
    const parts = [
        { from: 0, to: now.edge_m, words: t('{{far}} to the edge', { far: withUnit(now.edge_m, 'm', units) }) },
        { from: now.edge_m, to: total, words: t('{{far}} of green', { far: withUnit(now.hole_m, 'm', units) }) },
        { from: total, to: end, words: t('{{far}} behind', { far: withUnit(now.behind_m, 'm', units) }) },
    ];
    return (
        <g>
            {parts.map(({ from, to, words }) => (
                <g key={from}>
                    <path
                        d={`M${x(from)} ${y}H${x(to)}M${x(from)} ${y - 6}v12M${x(to)} ${y - 6}v12`}
                        className="stroke-ink"
                        strokeWidth={1.5}
                    />
                    <text x={(x(from) + x(to)) / 2} y={y + 24} textAnchor="middle" className="fill-ink text-[15px]">
                        {Math.abs(x(to) - x(from)) > 96 ? words : withUnit(to - from, 'm', units)}
                    </text>
                </g>
            ))}
        </g>
    );
}

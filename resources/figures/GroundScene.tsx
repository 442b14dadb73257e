import { useTranslation } from 'react-i18next';
import { useId } from 'react';
import type { Model, Units } from '../api/types.gen';
import { shownFactor, shownUnit, withUnit } from '../ui/units';
import { BALL_RADIUS_MM, points, STRIP } from './scale';

interface Props {
    m: number;
    halfMm: number;
    /** Units of the figure, mm, to a pixel. */
    unit: number;
    units: Units;
    sand: boolean;
    model: Model | null;
    /** The range that comes out good, and what it is a range of. */
    /** Pale: misses lie in it too, so that it does not explain them. */
    window: { mm: [number, number]; of: string; pale?: boolean } | null;
    /** The low point is marked only where it is known. */
    lowPoint: boolean;
    /** Where the school wants the club to enter the sand. */
    entryMm: [number, number] | null;
}

/** Where the clubhead stands in the picture, short of the ball: where no ball is drawn. */
const headAt = (halfMm: number) => -0.68 * halfMm;
/** From here on there is room for words about the club; beside narrower figures they are told. */
const ROOMY_PX = 500;
/** A letter of the words at a ruler is about so wide. */
const LETTER_PX = 9;
const SOLE_MM = 24;
const FACE_MM = 44;

/** Ground, ball, arc, club and window, face-on and to scale: the picture behind every strip. */
export function GroundScene({ m, halfMm, unit, units, sand, model, window, lowPoint, entryMm }: Props) {
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
            {window && (
                <WindowBand
                    window={window.mm}
                    name={window.of}
                    pale={window.pale === true}
                    m={m}
                    halfMm={halfMm}
                    fill={`url(#${id}hatch)`}
                />
            )}
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
                    <Club model={model} m={m} halfMm={halfMm} unit={unit} />
                    {lowPoint && <path d={`M${m * model.low_point_mm.mean} 2l-5 9h10z`} className="fill-slate" />}
                </>
            )}
            <Ruler m={m} halfMm={halfMm} unit={unit} units={units} />
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
    pale,
    m,
    halfMm,
    fill,
}: {
    window: [number, number];
    name: string;
    pale: boolean;
    m: number;
    halfMm: number;
    fill: string;
}) {
    const { soilMm } = STRIP;
    const left = Math.min(m * from, m * to);
    return (
        <g>
            <rect x={left} y={-44} width={to - from} height={soilMm + 44} fill={fill} opacity={pale ? 0.1 : 0.35} />
            <path
                d={`M${m * from} -44V${soilMm}M${m * to} -44V${soilMm}`}
                className="stroke-marram"
                strokeWidth={1}
                strokeDasharray="2 3"
            />
            <text
                x={Math.max(-halfMm + 60, Math.min(halfMm - 60, (m * (from + to)) / 2))}
                y={-49}
                textAnchor="middle"
                className="in-figure fill-marram font-semibold"
            >
                {name}
            </text>
        </g>
    );
}

/** The line to enter at, drawn into the sand. */
function Entry({ entry: [from, to], m }: { entry: [number, number]; m: number }) {
    const { t } = useTranslation();
    return (
        <g>
            <path d={`M${m * from} 1V8H${m * to}V1`} className="fill-none stroke-ink" strokeWidth={1.2} />
            <text x={(m * (from + to)) / 2} y={-4} textAnchor="middle" className="in-figure fill-ink">
                {t('enter here')}
            </text>
        </g>
    );
}

/** Face and sole at their delivered angles, to scale, riding on the arc. */
function Club({ model, m, halfMm, unit }: Pick<Props, 'm' | 'halfMm' | 'unit'> & { model: Model }) {
    const { t } = useTranslation();
    const at = headAt(halfMm);
    const z = model.arc.reduce((best, point) => (Math.abs(point[0] - at) < Math.abs(best[0] - at) ? point : best))[1];
    const { bounce_deg: bounceDeg, loft_deg: loftDeg } = model.delivered;
    const bounce = (bounceDeg * Math.PI) / 180;
    const loft = (loftDeg * Math.PI) / 180;
    // The lowest point of the sole rides on the arc: the trailing edge with bounce, the leading edge when it digs.
    const lead: [number, number] = [at, z + Math.max(0, SOLE_MM * Math.sin(bounce))];
    const trail: [number, number] = [lead[0] - SOLE_MM * Math.cos(bounce), lead[1] - SOLE_MM * Math.sin(bounce)];
    const top: [number, number] = [lead[0] - FACE_MM * Math.sin(loft), lead[1] + FACE_MM * Math.cos(loft)];
    return (
        <g>
            <polyline
                points={points([top, lead, trail].map(([x, y]) => [m * x, -y] as const))}
                className="fill-none stroke-ink"
                strokeWidth={2}
            />
            {2 * halfMm > ROOMY_PX * unit && (
                <text x={m * (halfMm - 4)} y={-STRIP.skyMm + 14} textAnchor={m > 0 ? 'end' : 'start'} className="in-figure fill-ink">
                    {t('loft {{loft}}°, bounce', { loft: Math.round(loftDeg) })} {withUnit(Math.round(bounceDeg), 'degrees', 'metric')}{' '}
                    {t('as delivered')}
                </text>
            )}
        </g>
    );
}

function Ruler({ m, halfMm, unit, units }: Pick<Props, 'm' | 'halfMm' | 'unit' | 'units'>) {
    const { t } = useTranslation();
    const [behind, ahead] = [`${shownUnit('mm', units)} ${t('behind')}`, t('ahead, target')];
    /** Whether a number has room beside the words at its end of the ruler, and is not read as one with them. */
    const hasRoom = (mm: number) => Math.abs(mm) + unit * LETTER_PX * ((mm < 0 ? behind : ahead).length + 3) < halfMm;
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
                .filter((at) => at % label === 0 && hasRoom(at * factor))
                .map((at) => (
                    <text key={at} x={m * at * factor} y={soilMm + 15} textAnchor="middle" className="in-figure-16 fill-ink">
                        {at === 0 ? t('ball') : Math.abs(at)}
                    </text>
                ))}
            <text x={-m * (halfMm - 3)} y={soilMm + 15} textAnchor={m > 0 ? 'start' : 'end'} className="in-figure-16 fill-ink">
                {behind}
            </text>
            <text x={m * (halfMm - 3)} y={soilMm + 15} textAnchor={m > 0 ? 'end' : 'start'} className="in-figure-16 fill-ink">
                {ahead}
            </text>
        </g>
    );
}

import { useTranslation } from 'react-i18next';
import type { MeasuredTrace, Units } from '../api/types.gen';
import { BALL_RADIUS_MM } from '../figures/scale';
import { off, place, withUnit } from '../ui/units';
import type { Target } from './marks';

const HALF_MM = 220;
const SKY_MM = 90;
const SOIL_MM = 60;

/** The arc that was measured, to scale: where it is lowest, how sure that is, and where the ball lies. */
export function ArcStrip({ trace, target, units }: { trace: MeasuredTrace['trace']; target: Target; units: Units }) {
    const { t } = useTranslation();
    const m = target === 'right' ? 1 : -1;
    const { low_point_mm: low, arc_radius_mm: radius } = trace;
    const height = (x: number) => -((x - low.value) ** 2) / (2 * radius.value);
    const arc = Array.from({ length: 45 }, (_, i) => -HALF_MM + 10 * i).map((x) => `${String(m * x)} ${height(x).toFixed(1)}`);
    const bar = (mm: number) => Math.max(-HALF_MM, Math.min(HALF_MM, m * mm));
    return (
        <figure>
            <svg
                viewBox={`${String(-HALF_MM)} ${String(-SKY_MM)} ${String(2 * HALF_MM)} ${String(SKY_MM + SOIL_MM)}`}
                className="block w-full border border-line bg-paper"
                role="img"
                aria-label={t('Low point {{place}} {{off}}', {
                    place: place(low.value, units),
                    off: off(low.high - low.value, 'mm', units),
                })}
            >
                <rect x={-HALF_MM} y={0} width={2 * HALF_MM} height={SOIL_MM} className="fill-soil" />
                <circle cx={0} cy={-BALL_RADIUS_MM} r={BALL_RADIUS_MM} className="fill-paper stroke-ink" strokeWidth={1.5} />
                <path d={`M${arc.join('L')}`} className="fill-none stroke-slate" strokeWidth={2.5} />
                <path d={`M${String(bar(low.low))} 14H${String(bar(low.high))}`} className="stroke-slate" strokeWidth={5} />
                <path d={`M${String(bar(low.value))} 2v24`} className="stroke-ink" strokeWidth={2} />
                <text x={bar(low.value)} y={46} textAnchor="middle" style={{ fontSize: 17 }} className="fill-ink font-semibold">
                    {place(low.value, units)}
                </text>
            </svg>
            <figcaption className="text-sm">
                {t('Radius {{radius}}, speed {{speed}} m/s.', {
                    radius: withUnit(radius.value, 'mm', units),
                    speed: Math.round(trace.speed_m_s.value * 10) / 10,
                })}
                {trace.shaft_back_mm !== null &&
                    ` ${t('The shaft is back at its lean of address {{place}}.', { place: place(trace.shaft_back_mm, units) })}`}
            </figcaption>
        </figure>
    );
}

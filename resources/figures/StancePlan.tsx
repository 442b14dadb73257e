import type { Handed, Observed, Reading, Units } from '../api/types';
import { withUnit } from '../ui/units';
import { mirror } from './scale';

interface Props {
    setup: Observed;
    card: Reading['card'] | undefined;
    handed: Handed;
    units: Units;
}

const HEELS = 70;
const figure = (value: unknown): number | null => (typeof value === 'number' ? value : null);

/** Feet and ball from above, shaft face-on. What was not looked at is drawn as a faint outline of the card. */
export function StancePlan({ setup, card, handed, units }: Props) {
    const m = mirror(handed);
    const ball = figure(setup.ball_position_pct);
    const weight = figure(setup.lead_weight_pct);
    const lean = figure(setup.shaft_lean_deg);
    const stock = card?.ball_position_pct;
    const place = (pct: number) => m * (-HEELS + (2 * HEELS * pct) / 100);
    const tip = (degrees: number) => [m * Math.sin((degrees * Math.PI) / 180) * 74, -Math.cos((degrees * Math.PI) / 180) * 74] as const;
    const cardLean = card?.shaft_lean_deg;
    const [sx, sy] = tip(lean ?? 0);
    return (
        <svg viewBox="-140 -8 280 210" className="mx-auto block w-full max-w-xs" role="img" aria-label={told(ball, weight, lean)}>
            {[-1, 1].map((side) => (
                <ellipse key={side} cx={m * side * HEELS} cy={34} rx={21} ry={30} transform={`rotate(${String(m * side * 10)} ${String(m * side * HEELS)} 32)`} className="fill-press stroke-ink" strokeWidth={1.5} />
            ))}
            {weight !== null && (
                <>
                    <text x={m * HEELS} y={38} textAnchor="middle" className="fill-ink text-[15px] font-bold">{Math.round(weight)} %</text>
                    <text x={-m * HEELS} y={38} textAnchor="middle" className="fill-ink text-[15px]">{Math.round(100 - weight)} %</text>
                </>
            )}
            <path d="M-136 90H136" className="stroke-ink" strokeWidth={1} strokeDasharray="6 4" />
            <path d={`M${m * 130} 85l${m * 8} 5l${-m * 8} 5`} className="fill-none stroke-ink" strokeWidth={1.2} />
            <path d={`M${-HEELS} 67V79M${HEELS} 67V79M${-HEELS} 73H${HEELS}`} className="stroke-ink" strokeWidth={1} />
            {stock && <path d={`M${place(stock[0])} 73H${place(stock[1])}`} className="stroke-marram" strokeWidth={6} />}
            {stock && <text x={place((stock[0] + stock[1]) / 2)} y={62} textAnchor="middle" className="fill-marram text-[13px] font-semibold">card</text>}
            {ball !== null && <circle cx={place(ball)} cy={90} r={8} className="fill-press stroke-ink" strokeWidth={1.5} />}
            {ball !== null && <text x={place(ball)} y={112} textAnchor="middle" className="fill-ink text-[15px] font-bold">{Math.round(ball)} %</text>}
            <g transform="translate(-40 198)">
                <path d="M-90 0H170" className="stroke-ink" strokeWidth={1.5} />
                {cardLean && <path d={`M0 0L${tip((cardLean[0] + cardLean[1]) / 2).join(' ')}`} className="stroke-marram" strokeWidth={2} strokeDasharray="4 4" />}
                {lean !== null && <path d={`M0 0L${String(sx)} ${String(sy)}`} className="stroke-ink" strokeWidth={5} />}
                <text x={50} y={-44} className="display fill-ink text-[27px]">{lean === null ? '' : withUnit(Math.abs(lean), 'degrees', units)}</text>
                <text x={50} y={-24} className="fill-ink text-[15px]">{lean === null ? 'shaft not looked at' : lean > 0.5 ? 'toward the target' : lean < -0.5 ? 'away from it' : 'shaft upright'}</text>
            </g>
        </svg>
    );
}

function told(ball: number | null, weight: number | null, lean: number | null): string {
    return [
        `Ball ${ball === null ? 'not looked at' : `at ${String(ball)} % of the stance`}`,
        `weight ${weight === null ? 'not looked at' : `${String(weight)} % on the lead foot`}`,
        `shaft ${lean === null ? 'not looked at' : `leaning ${String(lean)} degrees`}`,
    ].join(', ');
}

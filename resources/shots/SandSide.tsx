import { useTranslation } from 'react-i18next';
import { useId } from 'react';
import type { Catalogue, Handed, SandPlan, Units } from '../api/types.gen';
import { Handle } from '../figures/Handle';
import { mirror, points } from '../figures/scale';
import { useWidth } from '../figures/useWidth';
import type { SandSituation } from './SandTab';
import { fieldOf } from './shots';

interface Props {
    catalogue: Catalogue;
    units: Units;
    now: SandSituation;
    plan: SandPlan | undefined;
    handed: Handed;
    onDraft: (part: Partial<SandSituation>) => void;
    onSee: (part: Partial<SandSituation>) => void;
}

const USUAL_PX = 820;
const SKY_PX = 190;
const LEAST_SKY_PX = 70;
const SOIL_PX = 36;
const LEFT_M = 1.2;
const LIP_TOP_M = 0.4;
const STEP_M = 0.1;

/** Sand, lip and flight from the side, to scale: the lip's top and the end of the carry are dragged. */
export function SandSide({ catalogue, units, now, plan, handed, onDraft, onSee }: Props) {
    const { t } = useTranslation();
    const [measured, width] = useWidth(USUAL_PX);
    const grain = useId();
    const m = mirror(handed);
    const apex = Math.max(1.5, now.lip_height_m, ...(plan?.path.map(([, z]) => z) ?? []));
    const end = now.carry_m + Math.max(2, now.room_m);
    const px = Math.min(width / (LEFT_M + end), (SKY_PX - 26) / apex);
    const sky = Math.max(LEAST_SKY_PX, px * apex + 26);
    const x = (metres: number) => m * metres * px;
    const left = m === 1 ? -LEFT_M * px : LEFT_M * px - width;
    const green = plan?.card.clears_lip === true;
    const lip = x(now.lip_distance_m);
    /** The lip falls away behind its top, and the ball comes down on level ground: so the model has it. */
    const levels = Math.max(now.lip_distance_m + LIP_TOP_M, now.carry_m - LIP_TOP_M);
    const bank = `M${lip} 0V${-now.lip_height_m * px}H${x(now.lip_distance_m + LIP_TOP_M)}L${x(levels)} 0H${m === 1 ? left + width : left}`;
    const sand = m === 1 ? [left, x(now.lip_distance_m)] : [x(now.lip_distance_m), left + width];
    const common = { units, step: STEP_M };
    return (
        <figure ref={measured}>
            <svg
                viewBox={`${left} ${-sky} ${width} ${sky + SOIL_PX}`}
                width={width}
                height={sky + SOIL_PX}
                role="group"
                aria-label={t('The bunker from the side, to scale')}
                className="block max-w-full touch-pan-y"
            >
                <defs>
                    <pattern id={grain} width="9" height="9" patternUnits="userSpaceOnUse">
                        <path d="M1 2h1M5 4h1M3 7h1M7 8h1" className="stroke-ochre" strokeWidth="1.1" />
                    </pattern>
                </defs>
                <rect x={sand[0]} y={0} width={(sand[1] ?? 0) - (sand[0] ?? 0)} height={SOIL_PX} className="fill-soil" />
                <rect x={sand[0]} y={0} width={(sand[1] ?? 0) - (sand[0] ?? 0)} height={SOIL_PX} fill={`url(#${grain})`} />
                <path d={`${bank}V${SOIL_PX}H${lip}z`} className="fill-soil" />
                <path
                    d={`M${m === 1 ? left : left + width} 0H${lip}${bank.slice(bank.indexOf('V'))}`}
                    className="fill-none stroke-ink"
                    strokeWidth={2}
                />
                {plan && (
                    <polyline
                        points={points(plan.path.map(([along, up]) => [x(along), -up * px]))}
                        className={`fill-none ${green ? 'stroke-slate' : 'stroke-rust'}`}
                        strokeWidth={3}
                        strokeDasharray={green ? undefined : '7 5'}
                    />
                )}
                <circle cx={0} cy={-5} r={5.5} className="fill-press stroke-ink" strokeWidth={1.6} />
                {plan?.lip != null && (
                    <text
                        x={x(now.lip_distance_m) + m * 10}
                        y={-Math.max(now.lip_height_m * px, 16) - 10}
                        textAnchor={m === 1 ? 'start' : 'end'}
                        className={`text-[15px] font-semibold ${green ? 'fill-ink' : 'fill-rust'}`}
                        stroke="var(--paper)"
                        strokeWidth={4}
                        paintOrder="stroke"
                    >
                        {plan.lip}
                    </text>
                )}
                <Handle
                    what={fieldOf(catalogue.sand, 'lip_height_m')}
                    value={now.lip_height_m}
                    ghost={now.lip_height_m}
                    {...common}
                    grows="ArrowUp"
                    at={(v) => [x(now.lip_distance_m), -v * px]}
                    fromPoint={(_, y) => -y / px}
                    onDraft={(v) => {
                        if (v !== null) onDraft({ lip_height_m: v });
                    }}
                    onSee={(v) => {
                        if (v !== null) onSee({ lip_height_m: v });
                    }}
                />
                <Handle
                    what={fieldOf(catalogue.sand, 'carry_m')}
                    value={now.carry_m}
                    ghost={now.carry_m}
                    {...common}
                    grows={m === 1 ? 'ArrowRight' : 'ArrowLeft'}
                    at={(v) => [x(v), 0]}
                    fromPoint={(at) => (m * at) / px}
                    onDraft={(v) => {
                        if (v !== null) onDraft({ carry_m: v });
                    }}
                    onSee={(v) => {
                        if (v !== null) onSee({ carry_m: v });
                    }}
                />
            </svg>
        </figure>
    );
}

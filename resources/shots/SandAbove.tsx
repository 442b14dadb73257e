import { useTranslation } from 'react-i18next';
import type { Handed, SandPlan } from '../api/types.gen';
import { mirror } from '../figures/scale';
import { useUnit } from '../figures/useUnit';

interface Props {
    plan: SandPlan;
    handed: Handed;
}

const WIDE = 560;
const HIGH = 313;
const BALL = { x: 210, y: 74 };
const LINE = 330;
const FEET_APART = 84;
const TO_FEET = 128;
const BEHIND = 14;
const BAR = 46;

/** Face, stance and path from above: why an open face can start the ball at the target. The target is to the right, left-handers mirrored. */
export function SandAbove({ plan, handed }: Props) {
    const { t } = useTranslation();
    const m = mirror(handed);
    const [measured] = useUnit(WIDE);
    /** A line from the ball, + = to the trail side, which is down for a right-hander who looks to the right. */
    const ray = (degrees: number, long: number, from = BALL) => {
        const turn = (degrees * Math.PI) / 180;
        return { x: from.x + long * Math.cos(turn), y: from.y + m * long * Math.sin(turn) };
    };
    const stance = -plan.card.stance_open_deg + plan.card.aim_deg;
    /** The ball lies so far from the middle of the feet, along their line. */
    const ahead = (plan.card.ball_position_pct / 100 - 0.5) * FEET_APART;
    const along = ray(stance + 180, ahead);
    const feet = { x: along.x, y: along.y + m * TO_FEET };
    const [toe, heel] = [ray(stance, FEET_APART, feet), ray(stance + 180, FEET_APART, feet)];
    const path = ray(plan.path_deg, 120);
    const back = ray(plan.path_deg + 180, 120);
    // As the set-up of a lesson draws it: a bar square to where it looks, behind the ball.
    const looks = plan.card.face_open_deg + plan.card.aim_deg;
    const face = ray(looks, 84);
    const behind = ray(looks + 180, BEHIND);
    const [toeEnd, heelEnd] = [ray(looks - 90, BAR / 2, behind), ray(looks + 90, BAR / 2, behind)];
    const top = m === 1 ? 0 : 2 * BALL.y - HIGH;
    return (
        <figure>
            <svg
                ref={measured}
                viewBox={`0 ${top} ${WIDE} ${HIGH}`}
                className="block w-full max-w-[32rem]"
                role="img"
                aria-label={t('Face, stance and swing from above')}
            >
                <path d={`M${BALL.x} ${BALL.y}H${BALL.x + LINE}`} className="stroke-line" strokeWidth={1.5} strokeDasharray="2 5" />
                <text x={BALL.x + LINE} y={BALL.y + m * 20} textAnchor="end" className="fill-soft in-figure-16">
                    {t('toward the target')}
                </text>
                <path d={`M${back.x} ${back.y}L${path.x} ${path.y}`} className="stroke-slate" strokeWidth={2.5} strokeDasharray="8 5" />
                <text
                    x={path.x - 20}
                    y={path.y + (plan.path_deg * m <= 0 ? -12 : 26)}
                    textAnchor="middle"
                    className="in-figure-16 fill-slate font-semibold"
                >
                    {t('swing and sand')}
                </text>
                <path d={`M${BALL.x} ${BALL.y}L${face.x} ${face.y}`} className="stroke-rust" strokeWidth={2} />
                <path d={`M${toeEnd.x} ${toeEnd.y}L${heelEnd.x} ${heelEnd.y}`} className="stroke-rust" strokeWidth={5} />
                <text x={face.x + 8} y={face.y + 5} className="fill-rust in-figure-16 font-semibold">
                    {t('face')}
                </text>
                <path d={`M${heel.x} ${heel.y}L${toe.x} ${toe.y}`} className="stroke-ink" strokeWidth={2} />
                {[-0.55, 0.55].map((side) => {
                    const foot = ray(side < 0 ? stance + 180 : stance, FEET_APART / 2, feet);
                    return (
                        <ellipse
                            key={side}
                            cx={foot.x}
                            cy={foot.y}
                            rx={9}
                            ry={20}
                            className="fill-press stroke-ink"
                            strokeWidth={1.5}
                            transform={`rotate(${String(m * stance)} ${String(foot.x)} ${String(foot.y)})`}
                        />
                    );
                })}
                <text x={toe.x + 8} y={toe.y + 5} className="fill-ink in-figure-16 font-semibold">
                    {t('feet')}
                </text>
                <path d={`M${BALL.x} ${BALL.y}H${BALL.x + 70}`} className="stroke-ink" strokeWidth={3} />
                <circle cx={BALL.x} cy={BALL.y} r={8} className="fill-press stroke-ink" strokeWidth={1.8} />
            </svg>
        </figure>
    );
}

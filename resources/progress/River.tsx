import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import { area, curveMonotoneY } from 'd3-shape';
import { titleOf } from '../api/catalogue';
import type { Catalogue, DrawnSet, Handed, ProgressLesson, Work } from '../api/types.gen';
import { mirror, useHalfMm } from '../figures/scale';
import { StrikeShape } from '../figures/StrikeShape';
import { useUnit } from '../figures/useUnit';
import { day } from '../ui/reader';

interface Props {
    /** The latest first. */
    lessons: ProgressLesson[];
    catalogue: Catalogue;
    handed: Handed;
    /** What is worked on: how the first touch changed since then is told where it is of these shots. */
    work: Work | undefined;
}

/** Each set has so much of the picture's height, and the words beside it so much of its width, mm. */
const ROW_MM = 44;
const WORDS_MM = 130;

/** Touches that all lie on one place are seen all the same. */
const NARROWEST_MM = 3;

interface Reach {
    set: DrawnSet;
    at: string;
    task: ProgressLesson['task'];
    from: number;
    to: number;
}

/** Sets of the same kind as the last one, the oldest first, with where most of their touches lie. */
export function reachesOf(lessons: ProgressLesson[], middleSd: number): Reach[] {
    const last = lessons.find((one) => one.sets.some((set) => set.touch !== null))?.task;
    return [...lessons]
        .reverse()
        .filter((one) => one.task.shot === last?.shot && one.task.lie === last.lie)
        .flatMap((one) =>
            one.sets.flatMap((set) => {
                if (set.touch === null) return [];
                const half = Math.max(NARROWEST_MM, middleSd * (set.touch.sd ?? 0));
                return [{ set, at: one.began_at, task: one.task, from: set.touch.mean - half, to: set.touch.mean + half }];
            }),
        );
}

/** The course of a student as one picture: his touches flow down from set to set, and narrow into the window where good ones lie. */
export function River({ lessons, catalogue, handed, work }: Props) {
    const { t } = useTranslation();
    const reaches = reachesOf(lessons, catalogue.middle_sd ?? 0);
    const m = mirror(handed);
    const half = useHalfMm();
    const [measured] = useUnit(2 * (half + WORDS_MM));
    const hatch = useId();
    if (reaches.length < 2) return null;
    const [first, last] = [reaches[0], reaches[reaches.length - 1]] as [Reach, Reach];
    const within = (mm: number) => Math.max(4 - half, Math.min(half - 4, mm));
    const middle = (i: number) => (i + 0.5) * ROW_MM;
    const height = reaches.length * ROW_MM;
    // Above the first set and below the last the river runs on straight.
    const banks = [{ ...first, y: 0 }, ...reaches.map((one, i) => ({ ...one, y: middle(i) })), { ...last, y: height }];
    const water = area<(typeof banks)[number]>()
        .x0((one) => m * within(one.from))
        .x1((one) => m * within(one.to))
        .y((one) => one.y)
        .curve(curveMonotoneY)(banks);
    const { window } = last.set;
    const touch = work?.task.shot === last.task.shot && work.task.lie === last.task.lie ? work.touch : null;
    return (
        <figure className="mb-6">
            <figcaption className="text-xl font-semibold">{t('First touches from set to set')}</figcaption>
            {touch != null && <p>{touch}</p>}
            <svg
                ref={measured}
                viewBox={`${-half - WORDS_MM} -26 ${2 * (half + WORDS_MM)} ${height + 30}`}
                className="mt-2 block w-full max-w-4xl"
                role="img"
                aria-label={reaches.map((one) => `${day(one.at)}, ${titleOf(catalogue, one.set.purpose)}: ${one.set.text}`).join('; ')}
            >
                <pattern id={hatch} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <path d="M0 0V5" className="stroke-marram" strokeWidth={1.6} strokeOpacity={0.5} />
                </pattern>
                <path d={water ?? ''} className="fill-soil" />
                {window !== null && (
                    <rect
                        x={Math.min(m * window[0], m * window[1])}
                        y={0}
                        width={window[1] - window[0]}
                        height={height}
                        fill={`url(#${hatch})`}
                        className="stroke-marram"
                        strokeWidth={0.6}
                        strokeDasharray="2 2"
                    />
                )}
                <path d={`M0 -6V${String(height)}`} className="stroke-ink" strokeWidth={1.2} />
                <text x={0} y={-12} textAnchor="middle" className="in-figure fill-ink">
                    {t('ball')}
                </text>
                <text x={m * (half - 4)} y={-12} textAnchor={m > 0 ? 'end' : 'start'} className="in-figure fill-ink">
                    {t('ahead, target')}
                </text>
                <text x={m * (4 - half)} y={-12} textAnchor={m > 0 ? 'start' : 'end'} className="in-figure fill-ink">
                    {t('behind')}
                </text>
                {reaches.map((one, i) => (
                    <g key={one.set.id}>
                        <text x={-half - WORDS_MM} y={middle(i) + 4} className="in-figure fill-ink">
                            {i === 0 || reaches[i - 1]?.at !== one.at ? day(one.at) : ''}
                        </text>
                        {one.set.marks.map((ball, n) =>
                            ball.touch === null ? null : (
                                <StrikeShape
                                    key={n}
                                    strike={ball.strike}
                                    x={m * within(ball.touch)}
                                    y={middle(i) - 10 + 10 * (n % 3)}
                                    size={7}
                                />
                            ),
                        )}
                        <path
                            d={`M${String(m * within(one.set.touch?.mean ?? 0))} ${String(middle(i) - 16)}v32`}
                            className="stroke-slate"
                            strokeWidth={2}
                        />
                        <text x={half + WORDS_MM} y={middle(i) + 4} textAnchor="end" className="in-figure fill-ink">
                            {`${String(one.set.good.count)} / ${String(one.set.good.of)}`}
                        </text>
                    </g>
                ))}
            </svg>
        </figure>
    );
}

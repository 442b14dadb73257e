import type { MeasurePicture, MeasureTrace } from '../api/types.gen';
import { BALL_RADIUS_MM } from '../figures/scale';
import { said } from '../language';

export type Px = [number, number];

export type Target = 'right' | 'left';

const BALL = [
    { id: 'ball_a', words: said('the edge of the ball on its left'), short: said('ball, left edge') },
    { id: 'ball_b', words: said('the edge of the ball on its right'), short: said('ball, right edge') },
] as const;

const LEVEL = [
    { id: 'level_a', words: said('a point of level ground, far to the left'), short: said('level, left') },
    { id: 'level_b', words: said('a point of the same level, far to the right'), short: said('level, right') },
] as const;

const HEAD = { id: 'head', words: said('the clubhead, where the shaft meets it'), short: said('clubhead') } as const;

/** What is marked in a picture at address, one after the other, in words. */
export const STEPS = [
    ...BALL,
    { id: 'grip', words: said('the grip end'), short: said('grip end') },
    HEAD,
    { id: 'trail_heel', words: said('the trail heel'), short: said('trail heel') },
    { id: 'lead_heel', words: said('the lead heel'), short: said('lead heel') },
    { id: 'sternum', words: said('the breastbone'), short: said('breastbone') },
    ...LEVEL,
] as const;

/** What is marked once in a film, at address: scale, level, and the lean with which the swing began. */
export const FILM_STEPS = [
    ...BALL,
    ...LEVEL,
    HEAD,
    { id: 'grip', words: said('the shaft, as high up as it is seen'), short: said('shaft') },
] as const;

export interface Step {
    id: Mark;
    words: string;
    short: string;
}

export type Mark = (typeof STEPS)[number]['id'];
export type Marks = Partial<Record<Mark, Px>>;

/** The first that is neither marked nor skipped. */
export const nextOf = (steps: readonly Step[], marks: Marks, skipped: Mark[]): Mark | undefined =>
    steps.find(({ id }) => marks[id] === undefined && !skipped.includes(id))?.id;

const scaleOf = ({ ball_a: a, ball_b: b }: Marks) =>
    a !== undefined && b !== undefined ? { scale: { from: a, to: b, mm: 2 * BALL_RADIUS_MM } } : {};

const levelOf = ({ level_a: from, level_b: to }: Marks) => (from !== undefined && to !== undefined ? { level: [from, to] } : {});

export const ballOf = ({ ball_a: a, ball_b: b }: Marks): Px | undefined =>
    a !== undefined && b !== undefined ? [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] : undefined;

/** How much of the world one px shows, by the ball. */
export const mmPerPx = ({ ball_a: a, ball_b: b }: Marks): number | undefined =>
    a === undefined || b === undefined ? undefined : (2 * BALL_RADIUS_MM) / Math.max(1, Math.hypot(a[0] - b[0], a[1] - b[1]));

/** The question to the server: marks alone, never the picture. */
export function questionOf(marks: Marks, target: Target, size: Px): MeasurePicture {
    const named = (['grip', 'head', 'lead_heel', 'trail_heel', 'sternum'] as const).flatMap((id) => {
        const at = marks[id];
        return at === undefined ? [] : [[id, at] as const];
    });
    const ball = ballOf(marks);
    return {
        target,
        size,
        points: Object.fromEntries([...named, ...(ball === undefined ? [] : [['ball', ball] as const])]),
        ...scaleOf(marks),
        ...levelOf(marks),
    };
}

/** What was marked in one frame round the strike. */
export interface Traced {
    n: number;
    /** Seconds from the beginning: where it is found again. */
    time: number;
    head: Px;
    grip?: Px;
}

/** The question about frames; null while a ball, and with it the scale, is not marked. */
export function traceOf(
    marks: Marks,
    traced: Traced[],
    target: Target,
    size: Px,
    fps: number,
    addressLean: number | undefined,
): MeasureTrace | null {
    const ball = ballOf(marks);
    const { scale } = scaleOf(marks);
    if (ball === undefined || scale === undefined) return null;
    return {
        target,
        size,
        fps,
        ball,
        scale,
        ...levelOf(marks),
        ...(addressLean === undefined ? {} : { address_lean_deg: addressLean }),
        frames: [...traced].sort((a, b) => a.n - b.n).map(({ n, head, grip }) => ({ n, head, ...(grip === undefined ? {} : { grip }) })),
    };
}

import { said } from '../language';
import type { MeasurePicture } from '../api/types.gen';
import { BALL_RADIUS_MM } from '../figures/scale';

export type Px = [number, number];

/** What is marked, one after the other, in words. */
export const STEPS = [
    { id: 'ball_a', words: said('the edge of the ball on its left'), short: said('ball, left edge') },
    { id: 'ball_b', words: said('the edge of the ball on its right'), short: said('ball, right edge') },
    { id: 'grip', words: said('the grip end'), short: said('grip end') },
    { id: 'head', words: said('the clubhead, where the shaft meets it'), short: said('clubhead') },
    { id: 'trail_heel', words: said('the trail heel'), short: said('trail heel') },
    { id: 'lead_heel', words: said('the lead heel'), short: said('lead heel') },
    { id: 'sternum', words: said('the breastbone'), short: said('breastbone') },
    { id: 'level_a', words: said('a point of level ground, far to the left'), short: said('level, left') },
    { id: 'level_b', words: said('a point of the same level, far to the right'), short: said('level, right') },
] as const;

export type Mark = (typeof STEPS)[number]['id'];
export type Marks = Partial<Record<Mark, Px>>;

/** The first that is neither marked nor skipped. */
export const nextOf = (marks: Marks, skipped: Mark[]): Mark | undefined =>
    STEPS.find(({ id }) => marks[id] === undefined && !skipped.includes(id))?.id;

/** The question to the server: marks alone, never the picture. */
export function questionOf(marks: Marks, target: 'right' | 'left', size: Px): MeasurePicture {
    const { ball_a: a, ball_b: b, level_a: from, level_b: to } = marks;
    const named = (['grip', 'head', 'lead_heel', 'trail_heel', 'sternum'] as const).flatMap((id) => {
        const at = marks[id];
        return at === undefined ? [] : [[id, at] as const];
    });
    const ball = a !== undefined && b !== undefined ? [['ball', [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2] as Px] as const] : [];
    return {
        target,
        size,
        points: Object.fromEntries([...named, ...ball]),
        ...(a !== undefined && b !== undefined ? { scale: { from: a, to: b, mm: 2 * BALL_RADIUS_MM } } : {}),
        ...(from !== undefined && to !== undefined ? { level: [from, to] } : {}),
    };
}

import type { MeasurePicture } from '../api/types.gen';
import { BALL_RADIUS_MM } from '../figures/scale';

export type Px = [number, number];

/** What is marked, one after the other, in words. */
export const STEPS = [
    { id: 'ball_a', words: 'the edge of the ball on its left', short: 'ball, left edge' },
    { id: 'ball_b', words: 'the edge of the ball on its right', short: 'ball, right edge' },
    { id: 'grip', words: 'the grip end', short: 'grip end' },
    { id: 'head', words: 'the clubhead, where the shaft meets it', short: 'clubhead' },
    { id: 'trail_heel', words: 'the trail heel', short: 'trail heel' },
    { id: 'lead_heel', words: 'the lead heel', short: 'lead heel' },
    { id: 'sternum', words: 'the breastbone', short: 'breastbone' },
    { id: 'level_a', words: 'a point of level ground, far to the left', short: 'level, left' },
    { id: 'level_b', words: 'a point of the same level, far to the right', short: 'level, right' },
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

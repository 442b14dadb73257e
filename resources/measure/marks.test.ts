import { describe, expect, it } from 'vitest';
import { nextOf, questionOf, STEPS } from './marks';

describe('what is marked', () => {
    it('is asked for in order, but for what was marked or skipped', () => {
        expect(nextOf({}, [])).toBe('ball_a');
        expect(nextOf({ ball_a: [1, 1] }, ['ball_b'])).toBe('grip');
        expect(
            nextOf(
                {},
                STEPS.map(({ id }) => id),
            ),
        ).toBeUndefined();
    });

    it('goes out as points, with the ball between its edges for a scale, and without what is not known', () => {
        expect(questionOf({ ball_a: [100, 50], ball_b: [140, 52], grip: [90, 10] }, 'left', [800, 600])).toEqual({
            target: 'left',
            size: [800, 600],
            points: { grip: [90, 10], ball: [120, 51] },
            scale: { from: [100, 50], to: [140, 52], mm: 42.67 },
        });
        expect(questionOf({ ball_a: [100, 50], level_a: [0, 1], level_b: [9, 1] }, 'right', [8, 6])).toEqual({
            target: 'right',
            size: [8, 6],
            points: {},
            level: [
                [0, 1],
                [9, 1],
            ],
        });
    });
});

import { describe, expect, it } from 'vitest';
import type { Catalogue, Task } from '../api/types.gen';
import { taskLine, touchText } from './words';

const catalogue = {
    shots: [{ id: 'chip', lies: [{ id: 'ball_down', label: 'ball down in rough' }], strikes: [] }],
} as unknown as Catalogue;
const task: Task = { shot: 'chip', lie: 'ball_down', club: { loft_deg: 56, bounce_deg: 12 }, carry_m: 9.144 };

describe('a task in one line', () => {
    it('names shot, lie, club and carry in the units of the reader', () => {
        expect(taskLine(task, catalogue, 'metric')).toBe('chip, ball down in rough, 56/12, carry 9.1 m');
        expect(taskLine(task, catalogue, 'imperial')).toBe('chip, ball down in rough, 56/12, carry 10 yd');
    });

    it('leaves out a carry that was not asked', () => {
        expect(taskLine({ ...task, carry_m: null }, catalogue, 'metric')).toBe('chip, ball down in rough, 56/12');
    });

    it('does without the catalogue while it is on its way', () => {
        expect(taskLine(task, undefined, 'metric')).toContain('ball_down');
    });
});

describe('a first touch in words', () => {
    it.each([
        [{}, 'touch not seen'],
        [{ touch_mm: null }, 'no contact'],
        [{ touch_mm: -41 }, '4.1 cm behind'],
        [{ touch_mm: 20, mark_length_mm: 60 }, '2 cm ahead, 6 cm'],
        [{ touch_mm: 0 }, 'at the ball'],
    ])('says of %j: %s', (seen, words) => {
        expect(touchText(seen, 'metric')).toBe(words);
    });

    it('says it in inches too', () => {
        expect(touchText({ touch_mm: -50.8, mark_length_mm: 25.4 }, 'imperial')).toBe('2 in behind, 1 in');
    });
});

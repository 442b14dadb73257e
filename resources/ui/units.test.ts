import { describe, expect, it } from 'vitest';
import type { Field } from '../api/types.gen';
import { chance, inTen, numberOr, observed, percent, place, shownFactor, withUnit } from './units';

const field: Field = {
    kind: 'number',
    label: 'Feet apart',
    unit: 'mm',
    min: 0,
    max: 800,
    answers: [{ label: 'together', value: 120 }],
    sand_only: false,
};

it('tells a chance as less or more than a tenth where it would be none or all', () => {
    expect([0.0001, 0.04, 0.05, 0.5, 0.94, 0.99].map(chance)).toEqual([
        'less than 1 in 10',
        'less than 1 in 10',
        '1 in 10',
        '5 in 10',
        '9 in 10',
        'more than 9 in 10',
    ]);
    // A rate is counted: none of ten can be good.
    expect(inTen(0)).toBe('0 in 10');
});

describe('figures in the units of the reader', () => {
    it('names the side in words, not by a sign', () => {
        expect(place(-41, 'metric')).toBe('4.1 cm behind');
        expect(place(41, 'imperial')).toBe('1.6 in ahead');
        expect(place(0.2, 'metric')).toBe('at the ball');
    });

    it('shows a minus that is one, and no space before the degree', () => {
        expect(withUnit(-3, 'degrees', 'metric')).toBe('−3°');
        expect(withUnit(9.144, 'm', 'imperial')).toBe('10 yd');
    });

    it.each(['metric', 'imperial'] as const)('comes back to the stored figure (%s)', (units) => {
        for (const unit of ['mm', 'm', 'degrees', '%']) {
            const factor = shownFactor(unit, units);
            expect((137 / factor) * factor).toBeCloseTo(137, 9);
        }
    });

    it('words a choice by its label and a figure with its unit', () => {
        expect(observed({ ...field, kind: 'choice', answers: [{ label: 'held off', value: 'held_off' }] }, 'held_off', 'metric')).toBe(
            'held off',
        );
        expect(observed(field, 120, 'metric')).toBe('12 cm');
        expect(observed({ ...field, id: 'low_point_mm' }, -14, 'metric')).toBe('1.4 cm behind');
    });

    it('rounds a share to whole per cent', () => {
        expect(percent(0.666)).toBe('67 %');
    });
});

describe('what was typed', () => {
    it.each([
        ['12', 12],
        ['4,5', 4.5],
        ['−3', -3],
        [' 7 ', 7],
    ])('reads %s', (typed, number) => {
        expect(numberOr(typed)).toBe(number);
    });

    it('lets pass what is no number, for the server to name', () => {
        expect(numberOr('near')).toBe('near');
        expect(numberOr('')).toBe('');
    });
});

// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { OutboxContext } from '../outbox/context';
import type { Outbox } from '../outbox/outbox';
import { goal, practice, practiceDrill } from '../test/make';
import { Runner } from './Runner';

const run = (over: Parameters<typeof practiceDrill>[0]) => {
    const add = vi.fn();
    const onDone = vi.fn();
    render(
        <OutboxContext value={{ add } as unknown as Outbox}>
            <Runner path="students/S" practice={practice()} drill={practiceDrill(over)} session="V" onDone={onDone} />
        </OutboxContext>,
    );
    return { add, onDone };
};
const count = () => screen.getByTestId('count').textContent;
const press = (...names: string[]) => {
    for (const name of names) fireEvent.click(screen.getByRole('button', { name }));
};

afterEach(cleanup);

describe('a drill that is counted', () => {
    it('keeps hits and misses in order, takes the last back, and sends them once', () => {
        const { add, onDone } = run({});
        press('Hit', 'Miss', 'Hit', 'Hit', 'Undo the last');
        expect(count()).toBe('2 of 3');
        press('8', 'Save');
        expect(add).toHaveBeenCalledTimes(1);
        expect(add.mock.calls[0]?.[0]).toMatchObject({
            kind: 'result',
            path: 'students/S',
            run: { drill: 'brush_line', attempts: [true, false, true], session: 'V', confidence: 8 },
        });
        expect(onDone).toHaveBeenCalledTimes(1);
    });

    it('cannot be saved before anything was counted', () => {
        run({});
        expect(screen.getByRole('button', { name: 'Save' })).toHaveProperty('disabled', true);
    });

    it('counts a row from the last miss', () => {
        run({ goal: goal({ kind: 'streak', need: 5, of: null }) });
        press('Hit', 'Hit', 'Miss', 'Hit');
        expect(count()).toBe('1 in a row');
    });
});

describe('a ladder', () => {
    // From each rung: no hit or one of two back to the first, both one up; the third is the last.
    const ladder = goal({
        kind: 'ladder',
        need: 2,
        of: 2,
        rungs: 2,
        ladder: [
            [0, 0, 1],
            [0, 0, 2],
            [0, 0, 2],
        ],
    });

    it('stands where the table that came with it says', () => {
        run({ goal: ladder });
        press('Hit', 'Hit');
        expect(count()).toBe('Rung 1 of 2');
        press('Hit', 'Hit', 'Hit', 'Hit');
        expect(count()).toBe('Rung 2 of 2');
        press('Hit', 'Miss');
        expect(count()).toBe('Rung 0 of 2');
    });

    it('tells the block begun and leaves the rung while it is not full', () => {
        run({ goal: ladder });
        press('Hit', 'Hit', 'Hit');
        expect(count()).toBe('Rung 1 of 2');
        expect(screen.getByText(/this block: 1 of 1/)).toBeTruthy();
    });
});

describe('random numbers', () => {
    it('ask for each carry in turn and refuse what no ball can do', () => {
        const { add } = run({ goal: goal({ kind: 'error', need: 10, of: 3, farthest_m: 60 }) });
        expect(count()).toBe('12 m');
        const carried = () => screen.getByLabelText(/It carried/);
        fireEvent.change(carried(), { target: { value: '61' } });
        expect(screen.getByRole('button', { name: 'Next number' })).toHaveProperty('disabled', true);
        fireEvent.change(carried(), { target: { value: '11,5' } });
        press('Next number');
        expect(count()).toBe('18 m');
        press('Save');
        expect(add.mock.calls[0]?.[0]).toMatchObject({ run: { attempts: [[12, 11.5]] } });
    });
});

// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { OutboxContext } from '../outbox/context';
import type { Counting } from '../api/types.gen';
import type { Outbox } from '../outbox/outbox';
import { chain, goal, practice, practiceDrill } from '../test/make';
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

afterEach(() => {
    cleanup();
    localStorage.clear();
});

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

    it('rests between two sets for as long as the clock says, or until the next ball', () => {
        run({ goal: goal({ of: 2, need: 1, most: 2, sets: 2, runs: 2, counting: chain(2) }) });
        press('Hit', 'Miss', 'Save, then set 2');
        expect(screen.getByRole('timer').textContent).toBe('Rest: 60 s');
        press('Hit');
        expect(screen.queryByRole('timer')).toBeNull();
    });

    it('is heard once that is wished for: a hit higher than a miss', () => {
        const heard: number[] = [];
        const node = { connect: () => node, gain: { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() } };
        class Speaker {
            currentTime = 0;
            destination = {};
            createGain = () => node;
            createOscillator = () => {
                const frequency = { value: 0 };
                return { frequency, connect: () => node, start: () => heard.push(frequency.value), stop: vi.fn() };
            };
        }
        vi.stubGlobal('AudioContext', Speaker);
        run({});
        press('Hit');
        expect(heard).toEqual([]);
        press('Sound', 'Hit', 'Miss');
        expect(heard).toHaveLength(2);
        expect(heard[0]).toBeGreaterThan(heard[1] ?? Infinity);
        press('Sound', 'Hit');
        expect(heard).toHaveLength(2);
    });

    it('stops at the last ball of the set: an eleventh cannot mend ten', () => {
        run({ goal: goal({ of: 3, need: 2, most: 3, counting: chain(3) }) });
        press('Hit', 'Miss', 'Miss');
        expect(screen.getByRole('status').textContent).toBe('That is the set. Save it.');
        expect(screen.getByTestId('count').closest('[inert]')).not.toBeNull();
        press('Undo the last');
        expect(screen.getByTestId('count').closest('[inert]')).toBeNull();
    });

    it('goes on where it was left, also after a reload, until it is saved', () => {
        run({});
        press('Hit', 'Miss');
        press('Leave');
        cleanup();
        run({});
        expect(count()).toBe('1 of 2');
        press('Save');
        cleanup();
        run({});
        expect(count()).toBe('0 of 0');
    });

    it('counts one set after another, each saved by itself', () => {
        const { add, onDone } = run({ goal: goal({ runs: 2, of: 2, need: 1, most: 2, counting: chain(2) }) });
        press('Hit', 'Miss', 'Save, then set 2');
        expect(onDone).not.toHaveBeenCalled();
        expect(count()).toBe('0 of 0');
        press('Hit', 'Hit', 'Save');
        const ids = add.mock.calls.map(([one]) => (one as { resultId: string }).resultId);
        expect(new Set(ids).size).toBe(2);
        expect(onDone).toHaveBeenCalledTimes(1);
    });

    it('cannot be saved before anything was counted', () => {
        run({});
        expect(screen.getByRole('button', { name: 'Save' })).toHaveProperty('disabled', true);
    });

    it('tells the row that the table tells, and ends where it ends', () => {
        const counting = { ...chain(2), hit: [1, 2, 2], miss: [0, 0, 2], row: [0, 1, 2] };
        run({ goal: goal({ kind: 'streak', need: 2, of: null, most: null, counting }) });
        press('Hit', 'Miss', 'Hit');
        expect(count()).toBe('1 in a row');
        press('Hit');
        expect(count()).toBe('2 in a row');
        expect(screen.getByRole('status').textContent).toBe('That is the set. Save it.');
    });

    it('counts what an earlier version has kept: no row or rung that is not known, no ball too many', () => {
        run({ goal: goal({ kind: 'streak', need: 2, of: null, most: null }) });
        press('Hit', 'Hit', 'Miss');
        expect(count()).toBe('2 of 3');
        expect(screen.queryByRole('status')).toBeNull();
        cleanup();
        localStorage.clear();
        run({ goal: goal({ kind: 'error', need: 10, of: 2, most: 2 }) });
        for (const asked of ['12 m', '18 m']) {
            expect(count()).toBe(asked);
            fireEvent.change(screen.getByLabelText(/It carried/), { target: { value: '10' } });
            press('Next ball');
        }
        expect(screen.getByText('That is the set. Save it.')).toBeTruthy();
        cleanup();
        localStorage.clear();
        run({ goal: goal({ kind: 'contrast', need: 30, of: 4, most: 4, parts: ['held', 'released'] }) });
        fireEvent.change(screen.getByLabelText(/It rolled/), { target: { value: '9' } });
        press('Next ball');
        expect(count()).toBe('released');
    });
});

describe('a ladder', () => {
    // Two hits of two lead one rung up, of two rungs.
    const counting: Counting = {
        hit: [1, 2, 3, 4, 4],
        miss: [1, 0, 3, 0, 4],
        over: [false, false, false, false, true],
        row: [0, 0, 0, 0, 0],
        rung: [0, 0, 1, 1, 2],
        block: [0, 1, 0, 1, 0],
        good: [0, 1, 0, 1, 0],
        part: [0, 0, 0, 0, 0],
    };
    const ladder = goal({ kind: 'ladder', need: 2, of: 2, rungs: 2, most: null, counting });

    it('stands where the table that came with it says', () => {
        run({ goal: ladder });
        press('Hit', 'Hit');
        expect(count()).toBe('Rung 1 of 2');
        press('Hit', 'Hit');
        expect(count()).toBe('Rung 2 of 2');
        expect(screen.getByRole('status').textContent).toBe('That is the set. Save it.');
    });

    it('tells the block begun and leaves the rung while it is not full', () => {
        run({ goal: ladder });
        press('Hit', 'Hit', 'Hit');
        expect(count()).toBe('Rung 1 of 2');
        expect(screen.getByText(/this block: 1 of 1/)).toBeTruthy();
    });
});

describe('balls in parts', () => {
    it('asks for each station in turn', () => {
        const { add } = run({
            goal: goal({ kind: 'stations', need: 8, of: 1, most: 3, parts: ['hip', 'rib', 'shoulder'], counting: chain(3) }),
        });
        for (const [part, carry] of [
            ['hip', '10'],
            ['rib', '20'],
            ['shoulder', '30'],
        ] as const) {
            expect(count()).toBe(part);
            fireEvent.change(screen.getByLabelText(/It carried/), { target: { value: carry } });
            press('Next ball');
        }
        press('Save');
        expect(add.mock.calls[0]?.[0]).toMatchObject({
            run: {
                attempts: [
                    [0, 10],
                    [1, 20],
                    [2, 30],
                ],
            },
        });
    });

    it('asks for two finishes by turns', () => {
        run({ goal: goal({ kind: 'contrast', need: 30, of: 4, most: 4, parts: ['held', 'released'], counting: chain(4, (n) => n % 2) }) });
        expect(count()).toBe('held');
        fireEvent.change(screen.getByLabelText(/It rolled/), { target: { value: '9' } });
        press('Next ball');
        expect(count()).toBe('released');
    });
});

describe('random numbers', () => {
    it('ask for each carry in turn and refuse what no ball can do', () => {
        const { add } = run({ goal: goal({ kind: 'error', need: 10, of: 3, farthest_m: 60, counting: chain(3) }) });
        expect(count()).toBe('12 m');
        const carried = () => screen.getByLabelText(/It carried/);
        fireEvent.change(carried(), { target: { value: '61' } });
        expect(screen.getByRole('button', { name: 'Next ball' })).toHaveProperty('disabled', true);
        fireEvent.change(carried(), { target: { value: '11,5' } });
        press('Next ball');
        expect(count()).toBe('18 m');
        press('Save');
        expect(add.mock.calls[0]?.[0]).toMatchObject({ run: { attempts: [[12, 11.5]] } });
    });
});

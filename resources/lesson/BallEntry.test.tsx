// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BallSet, Handed } from '../api/types.gen';
import { bench, catalogue, set } from '../test/make';
import { BallEntry } from './BallEntry';

// A tablet; the picture asks how wide the window is.
vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }));

const enter = (shot: string, over: Partial<BallSet> = {}, handed: Handed = 'right') => {
    const noted = bench();
    render(
        <BallEntry
            opened={0}
            bench={noted}
            lessonId="L"
            set={set(over)}
            catalogue={catalogue()}
            shot={shot}
            handed={handed}
            units="metric"
            reading={undefined}
            closed={false}
        />,
    );
    return noted;
};
const key = (...keys: string[]) => {
    for (const one of keys) fireEvent.keyDown(document.body, { key: one });
};

afterEach(cleanup);

describe('a ball by keys', () => {
    it('is a touch and a strike', () => {
        const { addBall } = enter('chip');
        key('d', '2');
        expect(addBall.mock.calls.map(([, seen]) => seen as unknown)).toEqual([{ strike: 'heavy', touch_mm: -40 }]);
    });

    it('lies in the mirror for a left-hander', () => {
        const { addBall } = enter('chip', {}, 'left');
        key('d', '2');
        expect(addBall.mock.calls[0]?.[1]).toEqual({ strike: 'heavy', touch_mm: 40 });
    });

    it('without a touch says nothing of the ground, and no contact says so', () => {
        const { addBall } = enter('chip');
        key('1');
        key('n', '3');
        expect(addBall.mock.calls.map(([, seen]) => seen as unknown)).toEqual([{ strike: 'clean' }, { strike: 'thin', touch_mm: null }]);
    });

    it('takes a mark with it, which is gone for the next one', () => {
        const { addBall } = enter('chip');
        key('g', 'e', '2', '1');
        expect(addBall.mock.calls.map(([, seen]) => seen as unknown)).toEqual([
            { strike: 'heavy', touch_mm: 0, mark: 'deep' },
            { strike: 'clean' },
        ]);
    });

    it('goes no further out by arrows than the catalogue allows', () => {
        const { addBall } = enter('chip');
        key('l', ...Array.from({ length: 80 }, () => 'ArrowRight'), '1');
        expect(addBall.mock.calls[0]?.[1]).toEqual({ strike: 'clean', touch_mm: 300 });
    });

    it('is dropped by Escape', () => {
        const { addBall } = enter('chip');
        key('a', 'Escape', '1');
        expect(addBall.mock.calls[0]?.[1]).toEqual({ strike: 'clean' });
    });
});

describe('what can be said of a ball', () => {
    it('is of the shot: strikes of the sand and its words only there', () => {
        enter('bunker', { balls: [{ id: 'X', seen: { strike: 'short' } }] });
        const last = screen.getByRole('group', { name: 'The ball just hit' });
        expect(screen.getByRole('toolbar', { name: 'Strike' }).textContent).toBe('1splash2short');
        expect(last.textContent).toContain('sand left');
        expect(last.textContent).not.toContain('flew low');
    });

    it('says of all balls what was seen of the last one, and changes nothing that was seen of another', () => {
        const { correctBall } = enter('bunker', {
            balls: [
                { id: 'A', seen: { strike: 'short' } },
                { id: 'B', seen: { strike: 'splash', sound: 'scrape' } },
                { id: 'C', seen: { strike: 'short', sound: 'thud', sand_direction: 'left', mark: 'deep' } },
            ],
        });
        fireEvent.click(screen.getByRole('button', { name: 'all 3 alike' }));
        expect(correctBall.mock.calls.map(([, ball, seen]) => [(ball as { id: string }).id, seen])).toEqual([
            ['A', { strike: 'short', sound: 'thud', sand_direction: 'left', mark: 'deep' }],
            ['B', { strike: 'splash', sound: 'scrape', sand_direction: 'left', mark: 'deep' }],
        ]);
    });

    it('asks how sure the student is before the first ball of a retest, and of no other set', () => {
        const { sure } = enter('chip', { purpose: 'retest' });
        fireEvent.click(screen.getByRole('button', { name: '7' }));
        expect(sure.mock.calls[0]?.[1]).toBe(7);
        cleanup();
        enter('chip', { purpose: 'after' });
        expect(screen.queryByRole('button', { name: '7' })).toBeNull();
    });
});

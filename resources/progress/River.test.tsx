// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { DrawnSet, ProgressLesson, Work } from '../api/types.gen';
import { catalogue } from '../test/make';
import { reachesOf, River } from './River';

afterEach(cleanup);

const set = (id: string, mean: number, sd: number | null) =>
    ({
        id,
        purpose: 'before',
        text: `Set ${id}.`,
        good: { count: 3, of: 6 },
        touch: { mean, sd, n: 6 },
        window: [-20, 30],
        marks: [{ touch: mean, strike: 'clean' }],
    }) as unknown as DrawnSet;
const lesson = (at: string, shot: string, sets: DrawnSet[]) =>
    ({ began_at: at, task: { shot, lie: 'fairway' }, sets }) as unknown as ProgressLesson;
const lessons = [
    lesson('2026-11-20T10:00:00Z', 'chip', [set('b', -20, 10), set('c', -5, null)]),
    lesson('2026-11-13T10:00:00Z', 'pitch', [set('x', 80, 10)]),
    lesson('2026-11-06T10:00:00Z', 'chip', [set('a', -50, 20)]),
];
const work = (shot: string) => ({ touch: 'Nearer.', task: { shot, lie: 'fairway' } }) as unknown as Work;
const show = (handed: 'left' | 'right', shot = 'chip') => {
    render(<River lessons={lessons} catalogue={catalogue()} handed={handed} work={work(shot)} />);
    const picture = screen.getByRole('img');
    const x = (of: Element | null | undefined) => Number(/^M(-?[\d.]+)/.exec(of?.getAttribute('d') ?? '')?.[1]);
    return { picture, means: [...picture.querySelectorAll('.stroke-slate')].map(x) };
};

describe('the course as a river', () => {
    it('flows from the oldest set of the kind of shot played last to the newest, its banks where most touches lie', () => {
        const reaches = reachesOf(lessons, 1.2816);
        expect(reaches.map((one) => one.set.id)).toEqual(['a', 'b', 'c']);
        expect(reaches[0]?.from).toBeCloseTo(-50 - 1.2816 * 20);
        expect((reaches[2]?.to ?? 0) - (reaches[2]?.from ?? 0)).toBeGreaterThan(0);
    });

    it('is told in the words of the sets, and stands the other way round for a left-hander', () => {
        const right = show('right');
        expect(right.picture.getAttribute('aria-label')).toMatch(/Set a\..*Set b\..*Set c\./);
        expect(right.means).toEqual([-50, -20, -5]);
        cleanup();
        expect(show('left').means).toEqual([50, 20, 5]);
    });

    it('says how the first touch changed where the work is of these shots', () => {
        show('right');
        expect(screen.getByText('Nearer.')).toBeTruthy();
        cleanup();
        show('right', 'pitch');
        expect(screen.queryByText('Nearer.')).toBeNull();
    });

    it('needs two sets', () => {
        render(<River lessons={lessons.slice(1, 2)} catalogue={catalogue()} handed="right" work={undefined} />);
        expect(screen.queryByRole('img')).toBeNull();
    });
});

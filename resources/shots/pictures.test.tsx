// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Catalogue, Handed, PlannedOption, SandPlan } from '../api/types.gen';
import { catalogue } from '../test/make';
import { NumberField } from './NumberField';
import { SandAbove } from './SandAbove';
import { ShotPicture } from './ShotPicture';

const field = (label: string, min: number, max: number) => ({
    kind: 'number' as const,
    label,
    unit: 'm',
    min,
    max,
    answers: [],
    sand_only: false,
});

const known = (): Catalogue => ({
    ...catalogue(),
    plan: {
        edge_m: field('To the edge', 0, 100),
        hole_m: field('Edge to hole', 0.5, 80),
        height_m: field('Obstacle height', 0, 12),
        land_m: field('Landing spot', -100, 80),
    },
});

const now = {
    lie: 'fairway',
    slope_deg: 0,
    edge_m: 4,
    hole_m: 12,
    behind_m: 8,
    stimp: 9,
    slope_pct: 0,
    obstacle: null,
    land_m: null,
    step_m: null,
};

const option = {
    name: 'Chip, 56/12',
    figures: { carry_m: 6, roll_m: 10, land_m: 2 },
    path: [
        [0, 0],
        [3, 1],
        [6, 0],
    ],
    rests_80_m: [13, 18],
} as unknown as PlannedOption;

const picture = (handed: Handed, onSee = vi.fn()) => {
    const { container } = render(
        <ShotPicture
            catalogue={known()}
            units="metric"
            now={now}
            options={[option]}
            place={0}
            handed={handed}
            onDraft={vi.fn()}
            onSee={onSee}
        />,
    );
    const line = container.querySelector('polyline')?.getAttribute('points') ?? '';
    return line.split(' ').map((one) => one.split(',').map(Number));
};

afterEach(cleanup);

describe('a shot from the side', () => {
    it('is as high as it is long: one scale in both directions', () => {
        const [, top, end] = picture('right');
        expect(-(top?.[1] ?? 0) * 6).toBeCloseTo(end?.[0] ?? 0, 0);
    });

    it('is the mirror for a left-hander', () => {
        const right = picture('right');
        cleanup();
        const left = picture('left');
        expect(left.map(([x = 0, y = 0]) => [-x + 0, y])).toEqual(right);
    });

    it('lets hole, edge and landing spot be moved by keys', () => {
        const onSee = vi.fn();
        picture('right', onSee);
        fireEvent.keyDown(screen.getByRole('slider', { name: 'Edge to hole' }), { key: 'ArrowRight' });
        fireEvent.keyDown(screen.getByRole('slider', { name: 'To the edge' }), { key: 'ArrowRight' });
        const [[hole], [edge]] = onSee.mock.calls as [[{ hole_m: number }], [{ edge_m: number; hole_m: number }]];
        expect(hole.hole_m).toBeCloseTo(12.1);
        // The hole stays where it is when the edge moves.
        expect(edge.edge_m + edge.hole_m).toBeCloseTo(16);
    });
});

describe('a ball in sand from above', () => {
    const plan = {
        card: { face_open_deg: 34, stance_open_deg: 30, aim_deg: 0, ball_position_pct: 95 },
        path_deg: -6,
    } as unknown as SandPlan;
    const places = (handed: Handed) => {
        const { container } = render(<SandAbove plan={plan} handed={handed} />);
        const found = [...container.querySelectorAll('ellipse')].map((one) => Number(one.getAttribute('cy')));
        cleanup();
        return found;
    };

    it('has the feet on the other side for a left-hander', () => {
        const ball = 74;
        expect(places('left').map((y) => 2 * ball - y)).toEqual(places('right').map((y) => expect.closeTo(y, 3) as number));
    });
});

describe('a distance that is typed', () => {
    it('is in the coach’s units, or paced', () => {
        const seen = vi.fn();
        const { rerender } = render(<NumberField field={field('To the edge', 0, 100)} value={9.144} units="imperial" onNumber={seen} />);
        expect(screen.getByLabelText<HTMLInputElement>('To the edge, yd').value).toBe('10');
        fireEvent.change(screen.getByLabelText('To the edge, yd'), { target: { value: '20' } });
        expect(seen).toHaveBeenLastCalledWith(18.288);
        rerender(
            <NumberField field={field('To the edge', 0, 100)} value={8} units="metric" stepM={0.8} stepWord="steps" onNumber={seen} />,
        );
        fireEvent.change(screen.getByLabelText('To the edge, steps'), { target: { value: '9' } });
        expect(seen.mock.lastCall?.[0]).toBeCloseTo(7.2);
        fireEvent.change(screen.getByLabelText('To the edge, steps'), { target: { value: 'far' } });
        expect(seen).toHaveBeenLastCalledWith('far');
    });
});

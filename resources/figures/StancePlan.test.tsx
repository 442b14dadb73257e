// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Handed, Observed } from '../api/types.gen';
import { lean, position, weight } from '../test/make';
import { StancePlan } from './StancePlan';

const draw = (setup: Observed, handed: Handed = 'right', slopeDeg = 0) => {
    const onSee = vi.fn();
    render(
        <StancePlan
            looks={[lean, position, weight]}
            setup={setup}
            card={{ shaft_lean_deg: [0, 4] }}
            handed={handed}
            units="metric"
            slopeDeg={slopeDeg}
            onSee={onSee}
        />,
    );
    return onSee;
};
const handle = (name: string) => screen.getByRole('slider', { name });
const at = (name: string) => Number(handle(name).querySelector('circle')?.getAttribute('cx'));

afterEach(cleanup);

describe('the set-up as a drawing', () => {
    it('says of each handle what was seen, or that nobody looked', () => {
        draw({ lead_weight_pct: 62 });
        expect(handle('Weight').getAttribute('aria-valuetext')).toBe('62 %');
        expect(handle('Ball position').getAttribute('aria-valuetext')).toBe('not looked at');
        expect(screen.getByText('62 % lead')).toBeTruthy();
        expect(screen.getByText('shaft not')).toBeTruthy();
    });

    it('stands in the middle of the card where nobody looked, else where most players stand', () => {
        draw({});
        expect(handle('Shaft lean').getAttribute('aria-valuenow')).toBe('2');
        expect(handle('Ball position').getAttribute('aria-valuenow')).toBe('50');
        expect(handle('Weight').getAttribute('aria-valuenow')).toBe('60');
    });

    it('is moved by keys, from where it stands, and taken back', () => {
        const onSee = draw({ shaft_lean_deg: 8 });
        for (const key of ['ArrowRight', 'ArrowLeft', 'Delete']) fireEvent.keyDown(handle('Shaft lean'), { key });
        fireEvent.keyDown(handle('Ball position'), { key: 'ArrowRight' });
        expect(onSee.mock.calls).toEqual([
            [lean, 9],
            [lean, 7],
            [lean, null],
            [position, 51],
        ]);
    });

    it('stands on the slope of the lie, uphill to the target for both hands', () => {
        const turned = (handed: Handed) => {
            draw({}, handed, 8);
            const told = screen.getByTestId('ground').getAttribute('transform');
            cleanup();
            return told;
        };
        expect(turned('right')).toContain('rotate(-8 ');
        expect(turned('left')).toContain('rotate(8 ');
    });

    it('goes no further than the figure may', () => {
        const onSee = draw({ shaft_lean_deg: 30 });
        fireEvent.keyDown(handle('Shaft lean'), { key: 'ArrowRight' });
        expect(onSee.mock.calls).toEqual([[lean, 30]]);
    });

    it('is the mirror for a left-hander, keys and all', () => {
        draw({ ball_position_pct: 30, shaft_lean_deg: 8 });
        const [ball, shaft] = [at('Ball position'), at('Shaft lean')];
        cleanup();
        const onSee = draw({ ball_position_pct: 30, shaft_lean_deg: 8 }, 'left');
        expect(at('Ball position')).toBeCloseTo(-ball, 6);
        expect(at('Shaft lean')).toBeCloseTo(-shaft, 6);
        fireEvent.keyDown(handle('Shaft lean'), { key: 'ArrowLeft' });
        expect(onSee.mock.calls).toEqual([[lean, 9]]);
    });
});

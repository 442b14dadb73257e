// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Units } from '../api/types.gen';
import { CarryScale } from './CarryScale';

/** Touches the scale at a share of its width; a screen draws it 480 px wide. */
const touched = (targetM: number, share: number, units: Units = 'metric', mostM = 300) => {
    const onCarry = vi.fn<(metres: number) => void>();
    render(<CarryScale targetM={targetM} mostM={mostM} units={units} onCarry={onCarry} />);
    const scale = screen.getByRole('application');
    scale.getBoundingClientRect = () => ({ left: 100, width: 480 }) as DOMRect;
    fireEvent.click(scale, { clientX: 100 + 480 * share });
    cleanup();
    return onCarry.mock.calls[0]?.[0];
};

afterEach(cleanup);

describe('a scale around the number that was asked for', () => {
    it('has the number in its middle', () => {
        expect(touched(40, 0.5)).toBe(40);
        expect(touched(12, 0.5)).toBe(12);
    });

    it('reaches two fifths of it to both sides, and no further than it is drawn', () => {
        expect([touched(40, 0), touched(40, 1)]).toEqual([24, 56]);
        expect([touched(12, 0.05), touched(12, 0.95)]).toEqual([6, 18]);
        expect(touched(4, 0)).toBe(0);
        expect(touched(140, 1, 'metric', 150)).toBe(150);
    });

    it('takes whole metres of long shots, and half ones of short ones', () => {
        expect(touched(40, 0.513)).toBe(40);
        expect(touched(40, 0.53)).toBe(41);
        expect(touched(12, 0.54)).toBe(12.5);
    });

    it('is in the units of whoever plays, and tells metres', () => {
        expect(touched(27.432, 0.5, 'imperial')).toBeCloseTo(27.432, 6);
        render(<CarryScale targetM={27.432} mostM={300} units="imperial" onCarry={vi.fn()} />);
        expect(screen.getByRole('application').getAttribute('aria-label')).toBe('Scale from 18 to 42 yd');
    });
});

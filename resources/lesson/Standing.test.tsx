// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { catalogue, reading, set } from '../test/make';
import { Looks } from './Looks';

afterEach(cleanup);

const looks = catalogue().observables;
const [lean] = looks.filter((one) => one.id === 'shaft_lean_deg');

const show = (setup: Record<string, number> = {}) => {
    const onSee = vi.fn();
    render(
        <Looks
            handed="right"
            looks={looks}
            set={set({ setup })}
            reading={reading({ standing: [{ observable: 'shaft_lean_deg', value: 11, days_ago: 14 }] })}
            units="metric"
            began="2026-11-26T10:00:00Z"
            faultOf={() => undefined}
            onSee={onSee}
        />,
    );
    return onSee;
};

it('shows what stands since an earlier lesson with its day, and takes it over by one press', () => {
    const onSee = show();
    expect(document.querySelector('[data-look=shaft_lean_deg]')?.textContent).toContain('11°, Nov 12');
    fireEvent.click(screen.getByRole('button', { name: /still so/ }));
    expect(onSee).toHaveBeenCalledWith(lean, 11);
});

it('lets go of it as soon as it was looked at again', () => {
    show({ shaft_lean_deg: 3 });
    expect(screen.queryByText('From before')).toBeNull();
    expect(document.querySelector('[data-look=shaft_lean_deg]')?.textContent).not.toContain('Nov');
});

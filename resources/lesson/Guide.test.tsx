// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router-dom';
import { afterEach, describe, expect, it } from 'vitest';
import type { BallSet, Lesson } from '../api/types.gen';
import { set } from '../test/make';
import { Guide } from './Guide';

afterEach(cleanup);

const ball = (id: string) => ({ id, seen: {} });
const lesson = (...sets: BallSet[]): Lesson => ({
    id: 'L',
    student_id: 'S',
    task: {} as Lesson['task'],
    began_at: '',
    closed_at: null,
    given_by: null,
    sets,
    prescription: null,
});
const page = (of: Lesson, address = '/?guide') => (
    <MemoryRouter initialEntries={[address]}>
        <Guide lesson={of} />
    </MemoryRouter>
);

describe('the sample lesson', () => {
    it('goes on by itself once a step was done, and lets each be skipped', () => {
        const { rerender } = render(page(lesson(set({ balls: [] }))));
        expect(screen.getByText('Log a ball')).toBeTruthy();
        rerender(page(lesson(set({ balls: [ball('1')] }))));
        expect(screen.getByText('Two more')).toBeTruthy();
        rerender(page(lesson(set({ balls: [ball('1'), ball('2'), ball('3')], setup: { shaft_lean_deg: 9 } }))));
        expect(screen.getByText('Read why')).toBeTruthy();
        fireEvent.click(screen.getByText('Go on'));
        expect(screen.getByText('Hand it out')).toBeTruthy();
        fireEvent.click(screen.getByText('Skip'));
        fireEvent.click(screen.getByText('Skip'));
        expect(screen.getByText('That was a lesson')).toBeTruthy();
        fireEvent.click(screen.getByText('Done'));
        expect(screen.queryByRole('complementary')).toBeNull();
    });

    it('stands in no other lesson', () => {
        render(page(lesson(set({ balls: [] })), '/'));
        expect(screen.queryByRole('complementary')).toBeNull();
    });
});

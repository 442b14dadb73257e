// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Ledger, Work } from '../api/types.gen';
import { WasIt } from '../students/WasIt';
import { Around, serve } from '../test/server';
import { Learned } from './Learned';

afterEach(cleanup);

const finding = {
    lines: 300,
    confirmed: 214,
    held_out: 170,
    engine: { log_score: -1.42, first: 0.41 },
    corrected: { log_score: -1.2, first: 0.5 },
    adopted: true,
    why: 'On later lines what was confirmed stands first in 50 % instead of 41 %.',
    sentences: ['Here falling back shows less in the touch than elsewhere.'],
    version: 'learned-abc',
};
const ledger = (over: Partial<Ledger>): Ledger => ({
    least: 60,
    wanted: true,
    used: true,
    learned_at: null,
    finding,
    at_work: null,
    helper_silent: false,
    ...over,
});
const button = (name: string) => screen.getByRole('button', { name });
const sent = (asked: ReturnType<typeof serve>) =>
    asked.filter((one) => one.method !== 'GET').map((one) => [one.method, one.path, one.body]);

describe('what an academy has learned', () => {
    it('stands there in sentences with what it is worth, and is switched off by its lead', async () => {
        const asked = serve({ 'GET academy/ledger': ledger({}), 'PUT academy/ledger': ledger({ used: false, wanted: false }) });
        render(<Learned />, { wrapper: Around });
        expect(await screen.findByText('Readings go by what was learned here.')).toBeTruthy();
        expect(document.body.textContent).toContain('falling back shows less in the touch');
        expect(document.body.textContent).toContain('300 works that came to an end, 214 of them confirmed. On later lines');
        fireEvent.click(button('Do not use it'));
        await waitFor(() => {
            expect(sent(asked)).toEqual([['PUT', 'academy/ledger', { wanted: false }]]);
        });
    });

    it('says that it proved itself and is off, that nothing was learned, and how far it has come', async () => {
        serve({ 'GET academy/ledger': ledger({ used: false, wanted: false }) });
        const { unmount } = render(<Learned />, { wrapper: Around });
        expect(await screen.findByText('It proved itself, and is switched off.')).toBeTruthy();
        unmount();
        serve({ 'GET academy/ledger': ledger({ used: false, finding: null, at_work: { step: 'lines', done: 40, of: 300 } }) });
        render(<Learned />, { wrapper: Around });
        expect(await screen.findByText('Nothing was learned yet.')).toBeTruthy();
        expect(screen.getByRole('status').textContent).toBe('Reading the sets anew. 40 of 300');
        expect(button('Learn now').hasAttribute('disabled')).toBe(true);
    });
});

describe('what it really was', () => {
    const was = (confirmed: string | null): NonNullable<Work['was']> => ({
        lesson: 'L',
        confirmed,
        could_be: [
            { cause: 'hang_back', name: 'Falling back: on the heels' },
            { cause: 'scoop', name: 'Scooping: the wrist' },
        ],
    });
    const work = { cause: 'hang_back', name: 'Falling back: on the heels' } as Work;

    it('is one touch, another cause by choice, and a second touch takes it back', async () => {
        const asked = serve({ 'PUT lessons/L/confirmed': { confirmed: null } });
        const { unmount } = render(<WasIt studentId="S" work={work} was={was(null)} />, { wrapper: Around });
        fireEvent.click(button('Falling back'));
        await waitFor(() => {
            expect(sent(asked)).toHaveLength(1);
        });
        fireEvent.change(screen.getByLabelText('It was another cause'), { target: { value: 'scoop' } });
        await waitFor(() => {
            expect(sent(asked)).toHaveLength(2);
        });
        unmount();
        render(<WasIt studentId="S" work={work} was={was('none')} />, { wrapper: Around });
        expect(button('Nothing wrong').getAttribute('aria-pressed')).toBe('true');
        fireEvent.click(button('Nothing wrong'));
        await waitFor(() => {
            expect(sent(asked).map(([, , body]) => body)).toEqual([
                { confirmed: 'hang_back' },
                { confirmed: 'scoop' },
                { confirmed: null },
            ]);
        });
    });
});

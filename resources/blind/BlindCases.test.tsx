// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Around, serve } from '../test/server';
import { BlindCases } from './BlindCases';

afterEach(() => {
    cleanup();
    localStorage.clear();
});

const could = [
    { cause: 'scoop', name: 'Scooping' },
    { cause: 'none', name: 'Nothing wrong' },
];
const kit = {
    format: 'low-point-blind-cases/1',
    cases: [1, 2].map((number) => ({ number, task: 'Chip.', looks: [], balls: ['heavy'], could_be: could })),
};
const result = {
    text: 'You named what it was in 1 of 2.',
    yours: 1,
    reading: 0,
    same: 0,
    of: 2,
    cases: [
        { number: 1, yours: 'Scooping', reading: 'Nothing wrong', was: 'Scooping', yours_right: true, reading_right: false, reasons: [] },
        { number: 2, yours: null, reading: 'Nothing wrong', was: 'Scooping', yours_right: false, reading_right: false, reasons: [] },
    ],
};

describe('the blind cases', () => {
    it('show what they were once each has an answer, which outlives the page', async () => {
        const asked = serve({ 'GET blind-cases': kit, 'POST blind-cases': result });
        render(<BlindCases />, { wrapper: Around });
        const [first] = await screen.findAllByRole('combobox');
        fireEvent.change(first as HTMLElement, { target: { value: 'scoop' } });
        expect(screen.getByRole<HTMLButtonElement>('button', { name: '1 case is not answered yet' }).disabled).toBe(true);
        cleanup();
        render(<BlindCases />, { wrapper: Around });
        const [kept, second] = await screen.findAllByRole<HTMLSelectElement>('combobox');
        expect(kept?.value).toBe('scoop');
        fireEvent.change(second as HTMLElement, { target: { value: 'cannot-say' } });
        fireEvent.click(screen.getByRole('button', { name: 'Show the readings' }));
        await waitFor(() => {
            expect(screen.getByRole('status').textContent).toBe(result.text);
        });
        expect(asked.find((one) => one.method === 'POST')?.body).toEqual({
            format: 'low-point-blind-cases/1',
            answers: { 1: 'scoop', 2: null },
        });
        const file = screen.getByRole('link', { name: 'Keep your answers as a file' }).getAttribute('href') ?? '';
        expect(JSON.parse(decodeURIComponent(file.split(',').slice(1).join(',')))).toEqual({
            format: 'low-point-blind-cases/1',
            answers: { 1: 'scoop', 2: null },
        });
        // What is known now changes no answer.
        expect(screen.queryByRole('button', { name: 'Back to the cases' })).toBeNull();
        expect(screen.getAllByRole('combobox', { hidden: true })[0]?.closest('.hidden')).toBeTruthy();
    });

    it('read in what another has said without losing what was said here', async () => {
        const asked = serve({ 'GET blind-cases': kit, 'POST blind-cases': result });
        render(<BlindCases />, { wrapper: Around });
        const [first] = await screen.findAllByRole('combobox');
        fireEvent.change(first as HTMLElement, { target: { value: 'scoop' } });
        const said = { format: 'low-point-blind-cases/1', answers: { 1: 'none', 2: 'none' } };
        const file = new File([JSON.stringify(said)], 'blind-cases.json', { type: 'application/json' });
        fireEvent.change(screen.getByLabelText('Read answers in'), { target: { files: [file] } });
        fireEvent.click(await screen.findByRole('button', { name: 'Back to the cases' }));
        expect(asked.find((one) => one.method === 'POST')?.body).toEqual(said);
        expect(screen.getAllByRole<HTMLSelectElement>('combobox')[0]?.value).toBe('scoop');
    });
});

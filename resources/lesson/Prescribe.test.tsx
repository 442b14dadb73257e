// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { bench, catalogue, lesson, proposal, reading, set } from '../test/make';
import { serve } from '../test/server';
import { Prescribe } from './Prescribe';
import type { Tried } from './WhatIf';

const open = (tried?: Tried, told = reading()) => {
    const noted = bench();
    const onClose = vi.fn();
    serve({});
    render(
        <QueryClientProvider client={new QueryClient()}>
            <Prescribe
                bench={noted}
                lesson={lesson()}
                set={set()}
                reading={told}
                catalogue={catalogue()}
                units="metric"
                handed="right"
                first="handle"
                tried={tried}
                onClose={onClose}
            />
        </QueryClientProvider>,
    );
    const given = () => noted.prescribe.mock.calls[0]?.[0] as Record<string, unknown>;
    return { given, onClose };
};
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const ids = (drills: unknown) => (drills as { id: string }[]).map((one) => one.id);

afterEach(cleanup);

describe('a prescription as proposed', () => {
    it('hands out the changes, the feel and the drills that were proposed', () => {
        const { given, onClose } = open();
        press('Hand it out');
        expect(given()).toMatchObject({
            kind: 'prescribe',
            feel: 'Hands soft.',
            setup: [{ text: 'Bring the grip end back.' }],
            goals: {},
            sentence: '',
        });
        expect(ids(given().drills)).toEqual(['one', 'two']);
        expect(given()).not.toHaveProperty('figures');
        expect(onClose).toHaveBeenCalledTimes(1);
    });

    it('never hands out more drills than the catalogue allows: the one chosen first gives way', () => {
        const { given } = open();
        press('Drill three');
        press('Hand it out');
        expect(ids(given().drills)).toEqual(['two', 'three']);
    });

    it('takes another feel, another dose and a sentence of the coach', () => {
        const { given } = open();
        press(/Hear it brush/);
        fireEvent.change(screen.getAllByLabelText<HTMLInputElement>('pass at')[0] ?? document.body, { target: { value: '9' } });
        fireEvent.change(screen.getByLabelText(/sentence of your own/), { target: { value: 'Slowly.' } });
        press('Hand it out');
        expect(given()).toMatchObject({ feel: 'Hear it brush.', goals: { one: { need: 9 } }, sentence: 'Slowly.' });
    });

    it('tells why, and what is left out for this student', () => {
        open(
            undefined,
            reading({ prescription: proposal({ left_out: [{ id: 'rope', name: 'Rope swing', why: 'not with a bad back' }] }) }),
        );
        expect(screen.getByText(/handle was seen\. Marks are deep\. Touch is behind\./)).toBeTruthy();
        expect(screen.getByText('Rope swing is left out: not with a bad back.')).toBeTruthy();
    });
});

describe('what was tried in the model', () => {
    const tried: Tried = { observable: 'shaft_lean_deg', to: 2, text: 'Shaft at 2°.' };

    it('takes the place of what was proposed', () => {
        const { given } = open(tried);
        press('Hand it out');
        expect(given()).toMatchObject({
            figures: [{ observable: 'shaft_lean_deg', to: 2 }],
            setup: [{ observable: 'shaft_lean_deg', from: null, to: 2, text: 'Shaft at 2°.' }],
        });
    });

    it('can be put aside', () => {
        const { given } = open(tried);
        press('as proposed');
        press('Hand it out');
        expect(given()).not.toHaveProperty('figures');
    });
});

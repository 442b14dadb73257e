// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Consent } from '../api/types.gen';
import { Around, serve } from '../test/server';
import { Consents, WithConsent } from './Consents';

const consent = (over: Partial<Consent> = {}): Consent => ({
    id: 'C',
    purpose: 'still',
    given_by: 'Ada Reith, mother',
    given_at: '2026-11-20T10:00:00Z',
    withdrawn_at: null,
    ...over,
});

const gate = (child: boolean, purpose: Consent['purpose'] = 'still') =>
    render(
        <WithConsent studentId="S" purpose={purpose} child={child}>
            <p>the picture</p>
        </WithConsent>,
        { wrapper: Around },
    );

afterEach(cleanup);

describe('what needs a guardian’s consent', () => {
    it('is there for a grown student, and nothing is asked', () => {
        const asked = serve({});
        gate(false);
        expect(screen.getByText('the picture')).toBeTruthy();
        expect(asked).toEqual([]);
    });

    it.each([
        ['to another purpose', [consent({ purpose: 'link' })]],
        ['that was withdrawn', [consent({ withdrawn_at: '2026-11-22T10:00:00Z' })]],
    ])('is not there on a consent %s', async (_, all) => {
        serve({ 'GET students/S/consents': all });
        gate(true);
        await screen.findByText(/A picture of a child is kept only/);
        expect(screen.queryByText('the picture')).toBeNull();
    });

    it('is there once somebody is named who agreed, and says who', async () => {
        const all: Consent[] = [];
        const asked = serve({
            'GET students/S/consents': () => all,
            'PUT students/S/consents/*': () => {
                all.push(consent());
                return consent();
            },
        });
        gate(true);
        const agreed = await screen.findByRole<HTMLButtonElement>('button', { name: 'Agreed today' });
        expect(agreed.disabled).toBe(true);
        fireEvent.change(screen.getByLabelText(/Who agreed/), { target: { value: 'Ada Reith, mother' } });
        fireEvent.click(agreed);
        expect(await screen.findByText('the picture')).toBeTruthy();
        expect(screen.getByText(/^Ada Reith, mother agreed on/)).toBeTruthy();
        expect(asked.find((one) => one.method === 'PUT')?.body).toEqual({ purpose: 'still', given_by: 'Ada Reith, mother' });
    });
});

describe('taking a consent back', () => {
    it('says what ends with it before it does', async () => {
        const asked = serve({
            'GET students/S/consents': [consent(), consent({ id: 'D', purpose: 'link', withdrawn_at: '2026-11-22T10:00:00Z' })],
            'DELETE students/S/consents/C': consent(),
        });
        render(<Consents studentId="S" changes />, { wrapper: Around });
        fireEvent.click(await screen.findByRole('button', { name: 'Withdraw' }));
        expect(screen.getByText(/cannot come back/)).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Keep' }));
        expect(screen.queryByText(/cannot come back/)).toBeNull();
        fireEvent.click(screen.getByRole('button', { name: 'Withdraw' }));
        fireEvent.click(screen.getByRole('button', { name: 'Withdraw now' }));
        await waitFor(() => {
            expect(asked.map((one) => `${one.method} ${one.path}`)).toContain('DELETE students/S/consents/C');
        });
    });
});

// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Coach } from '../api/types.gen';
import { catalogue, coach as someCoach } from '../test/make';
import { Around, Refusal, serve } from '../test/server';
import { Bag } from './Bag';
import { SignIn } from '../sign-in/SignIn';
import { SecondFactor } from './SecondFactor';
import { YouPage } from './YouPage';

const coach = (over: Partial<Coach> = {}): Coach => someCoach({ name: 'Ines', email: 'ines@saltgrass.example', ...over });

const type = (label: string, text: string, at = 0) => {
    const field = screen.getAllByLabelText(label)[at];
    if (field === undefined) throw new Error(`No ${label} at ${String(at)}.`);
    fireEvent.change(field, { target: { value: text } });
};
const press = (name: string) => {
    fireEvent.click(screen.getByRole('button', { name }));
};
const lofts = () => screen.getAllByLabelText<HTMLInputElement>('Loft °').map((one) => one.value);

afterEach(cleanup);

describe('the bag', () => {
    const open = async (given: Coach, save: unknown = given) => {
        const asked = serve({ 'GET catalogue': catalogue(), 'PUT me': save });
        render(
            <Around>
                <Bag coach={given} />
            </Around>,
        );
        await screen.findAllByLabelText('Loft °');
        return () => asked.filter((one) => one.method === 'PUT').map((one) => one.body);
    };

    it('begins with the usual clubs, and saves nothing that was not changed', async () => {
        await open(coach());
        expect(lofts()).toEqual(['56']);
        expect(screen.getByText(/usual four, until/)).toBeTruthy();
        expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save' }).disabled).toBe(true);
    });

    it('takes clubs in and out, and sends them as figures with the name and the units that hold', async () => {
        const sent = await open(
            coach({
                units: 'imperial',
                bag: [
                    { loft_deg: 56, bounce_deg: 12 },
                    { loft_deg: 60, bounce_deg: 8 },
                ],
            }),
        );
        press('Take out 60/8');
        press('Another club');
        type('Loft °', '50,5', 1);
        type('Bounce °', '9', 1);
        press('Save');
        await waitFor(() => {
            expect(sent()).toEqual([
                {
                    name: 'Ines',
                    units: 'imperial',
                    bag: [
                        { loft_deg: 56, bounce_deg: 12 },
                        { loft_deg: 50.5, bounce_deg: 9 },
                    ],
                },
            ]);
        });
    });

    it('sends what is no number as typed, tells each fault on a line, and keeps what was typed', async () => {
        const sent = await open(
            coach(),
            new Refusal(422, 'Two faults.', [
                { key: 'bag[0].loft_deg', message: 'bag[0].loft_deg: "steep" is not allowed' },
                { key: 'bag[0].bounce_deg', message: 'bag[0].bounce_deg: 90 is not allowed' },
            ]),
        );
        type('Loft °', 'steep');
        type('Bounce °', '90');
        press('Save');
        const alert = await screen.findByRole('alert');
        expect(alert.textContent).toBe('bag[0].loft_deg: "steep" is not allowed\nbag[0].bounce_deg: 90 is not allowed');
        expect(sent()).toEqual([{ name: 'Ines', units: 'metric', bag: [{ loft_deg: 'steep', bounce_deg: 90 }] }]);
        expect(lofts()).toEqual(['steep']);
    });

    it('goes back to the usual clubs in one touch', async () => {
        const sent = await open(coach({ bag: [{ loft_deg: 58, bounce_deg: 4 }] }));
        press('The usual four');
        await waitFor(() => {
            expect(sent()).toEqual([{ name: 'Ines', units: 'metric', bag: null }]);
        });
    });
});

describe('the coach’s account', () => {
    const open = async (more: Record<string, unknown> = {}) => {
        const asked = serve({ 'GET catalogue': catalogue(), 'GET me': coach(), 'GET sessions': [], 'PUT me': coach(), ...more });
        render(
            <Around>
                <YouPage />
            </Around>,
        );
        await screen.findByLabelText('Name');
        return () => asked.filter((one) => one.method === 'PUT').map(({ path, body }) => [path, body]);
    };

    it('saves a name once it says something else', async () => {
        const sent = await open();
        const save = () => screen.getAllByRole<HTMLButtonElement>('button', { name: 'Save' })[0];
        for (const same of ['Ines', '  ']) {
            type('Name', same);
            expect(save()?.disabled).toBe(true);
        }
        type('Name', 'Ines Vale');
        fireEvent.click(save() ?? document.body);
        await waitFor(() => {
            expect(sent()).toEqual([['me', { name: 'Ines Vale', units: 'metric' }]]);
        });
    });

    it('changes units in one touch', async () => {
        const sent = await open();
        fireEvent.click(screen.getByRole('radio', { name: 'yards and inches' }));
        await waitFor(() => {
            expect(sent()).toEqual([['me', { name: 'Ines', units: 'imperial' }]]);
        });
    });

    it('asks for both passwords, empties them once changed, and says what became of other devices', async () => {
        const sent = await open({ 'PUT me/password': {} });
        const change = screen.getByRole<HTMLButtonElement>('button', { name: 'Change the password' });
        type('The one there is', 'marram grass');
        expect(change.disabled).toBe(true);
        type('The new one, 12 characters or more', 'wind over the dunes');
        fireEvent.click(change);
        expect((await screen.findByRole('status')).textContent).toContain('Other devices');
        expect(sent()).toEqual([['me/password', { now: 'marram grass', password: 'wind over the dunes' }]]);
        expect(screen.getByLabelText<HTMLInputElement>('The one there is').value).toBe('');
    });

    it('keeps what was typed where the password is refused', async () => {
        await open({ 'PUT me/password': new Refusal(422, 'now: that is not the password') });
        type('The one there is', 'sea grass');
        type('The new one, 12 characters or more', 'wind over the dunes');
        press('Change the password');
        expect((await screen.findByRole('alert')).textContent).toBe('now: that is not the password');
        expect(screen.getByLabelText<HTMLInputElement>('The new one, 12 characters or more').value).toBe('wind over the dunes');
    });
});

describe('the second factor', () => {
    it('is set up with the password and a code, and tells once what to write down', async () => {
        const asked = serve({
            'POST me/second-factor': { secret: 'ABCD', uri: 'otpauth://totp/x?secret=ABCD' },
            'PUT me/second-factor': { codes: ['aaaa-bbbb-cccc', 'dddd-eeee-ffff'] },
        });
        render(<SecondFactor coach={coach()} />, { wrapper: Around });
        type('Your password', 'a long password');
        press('Set it up');
        expect(await screen.findByText('ABCD')).toBeTruthy();
        expect(screen.getByTitle('For your app for codes')).toBeTruthy();
        type('Code, six digits', '123456');
        press('Switch it on');
        expect(await screen.findByText('dddd-eeee-ffff')).toBeTruthy();
        expect(asked.map((one) => one.body)).toEqual([{ now: 'a long password' }, { code: '123456' }]);
    });

    it('is said once more, and taken away with the password', async () => {
        const asked = serve({ 'POST me/second-factor/code': {}, 'DELETE me/second-factor': {} });
        render(<SecondFactor coach={coach({ second_factor: true })} />, { wrapper: Around });
        type('Code, six digits', '654321');
        press('Say a code now');
        expect(await screen.findByText(/quarter of an hour/)).toBeTruthy();
        type('Your password', 'a long password');
        fireEvent.submit(screen.getByLabelText<HTMLInputElement>('Your password').form as HTMLFormElement);
        await waitFor(() => {
            expect(asked.at(-1)?.method).toBe('DELETE');
        });
    });

    it('says that the academy asks for it', () => {
        render(<SecondFactor coach={coach({ second_factor_missing: true })} />, { wrapper: Around });
        expect(screen.getByText(/Your academy asks for one/)).toBeTruthy();
    });
});

describe('signing in', () => {
    it('asks for the code only where the account has a second factor', async () => {
        const asked = serve({
            'GET first-start': { needed: false },

            'POST sign-in': new Refusal(422, 'The code of your second factor is asked for.', [{ key: 'code', message: 'Asked for.' }]),
        });
        render(<SignIn />, { wrapper: Around });
        expect(screen.queryByLabelText(/Code of your second factor/)).toBeNull();
        type('E-mail', 'ines@saltgrass.example');
        type('Password', 'a long password');
        press('Sign in');
        const code = await screen.findByLabelText(/Code of your second factor/);
        expect(screen.queryByRole('alert')).toBeNull();
        fireEvent.change(code, { target: { value: '123456' } });
        await waitFor(() => {
            expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Sign in' }).disabled).toBe(false);
        });
        press('Sign in');
        expect(await screen.findByRole('alert')).toBeTruthy();
        expect(asked.filter((one) => one.path.endsWith('sign-in')).map((one) => (one.body as { code: unknown }).code)).toEqual([
            null,
            '123456',
        ]);
    });
});

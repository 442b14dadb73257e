// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { Route, Routes } from 'react-router-dom';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Academy, Calibration, Outlook, StudentShare } from '../api/types.gen';
import { ReadLesson } from '../lesson/ReadLesson';
import { DoorPage } from '../sign-in/DoorPage';
import { Sharing } from '../students/Sharing';
import { bench, catalogue, coach, lesson, reading, set, student } from '../test/make';
import { Around, Refusal, serve } from '../test/server';
import { AccountLinks } from './AccountLinks';
import { Health } from './Health';
import { ModelTab } from './ModelTab';
import { Outcomes } from './Outcomes';
import { Schools } from './Schools';

// A tablet; the picture asks how wide the window is.
vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }));

afterEach(cleanup);

const academy = (): Academy => ({
    id: 'A',
    name: 'Saltgrass',
    schools: {},
    coaches: [
        { id: 'C', name: 'Maren', role: 'lead', left: false, second_factor: false },
        { id: 'I', name: 'Idris', role: 'coach', left: false, second_factor: false },
        { id: 'L', name: 'Gone', role: 'coach', left: true, second_factor: false },
    ],
    asks_second_factor: false,
    keeps_installation: true,
});
const outlook = (over: Partial<Outlook> = {}): Outlook => ({ coaches: [], outcomes: [], ...over });
const button = (name: string | RegExp) => screen.getByRole('button', { name });
const sent = (asked: { method: string; path: string; body: unknown }[]) =>
    asked.filter((one) => one.method !== 'GET').map((one) => [one.method, one.path, one.body]);

describe('what comes of the causes', () => {
    const share = (count: number, of: number) => ({ count, of, interval: [0.4, 0.6] as [number, number] });

    it('is told with its range, and not of too few', async () => {
        serve({
            'GET academy/outlook': outlook({
                outcomes: [
                    {
                        cause: 'scoop',
                        name: 'Scooping: the wrists flip',
                        shot: 'chip',
                        students: 50,
                        judged: 44,
                        fixed: share(22, 44),
                        lessons: [1, 2, 4],
                        drills: [
                            { name: 'Towel', students: 24, fixed: share(15, 24), without: share(7, 20), probability: 0.95 },
                            { name: 'Coin', students: 6, fixed: null, without: null, probability: null },
                        ],
                    },
                    { cause: 'sway', name: 'Sway', shot: 'pitch', students: 3, judged: 2, fixed: null, lessons: null, drills: [] },
                ],
            }),
        });
        render(<Outcomes />, { wrapper: Around });
        expect(await screen.findByText('Scooping, chip')).toBeTruthy();
        const told = document.body.textContent;
        expect(told).toContain('Fixed: 22 of 44 (40 % to 60 %)');
        expect(told).toContain('Half of those fixed needed 2 lessons or fewer, three quarters 4.');
        expect(told).toContain('More with it: 95 % likely.');
        expect(told).toContain('Drills of too few students: Coin (6).');
        expect(told).toContain('Too few to say how many are fixed.');
    });
});

describe('links into an account', () => {
    it('are made for a role or for a forgotten password, and told once', async () => {
        const asked = serve({
            'GET academy/links': [],
            'POST academy/links': {
                id: 'X',
                role: 'lead',
                coach: null,
                made_at: '',
                expires_at: '2026-12-03',
                path: '/door/abc',
                mailed: false,
            },
        });
        const work = { role: 'coach', left: false, students: 1, lessons_this_month: 0, overdue: 0 } as const;
        render(<AccountLinks coaches={[{ id: 'I', name: 'Idris', email: 'i@x', ...work }]} />, { wrapper: Around });
        fireEvent.click(screen.getByRole('radio', { name: 'lead' }));
        fireEvent.click(button('Make the link'));
        expect((await screen.findByTestId('private-link')).getAttribute('href')).toContain('/door/abc');
        fireEvent.change(screen.getByLabelText('Forgotten password of'), { target: { value: 'I' } });
        fireEvent.click(button('Make a link for a new password'));
        await waitFor(() => {
            expect(sent(asked)).toEqual([
                ['POST', 'academy/links', { role: 'lead', email: null }],
                ['POST', 'academy/links', { coach_id: 'I' }],
            ]);
        });
    });
});

describe('the strike model of an academy', () => {
    const calibration: Calibration = {
        constants: [
            { key: 'fairway.drag', of: 'fairway', label: 'Drag', unit: '', standard: 0.03, min: 0.01, max: 0.1 },
            { key: 'mark_seen', of: 'All lies', label: 'Mark seen', unit: '', standard: 0.8, min: 0.3, max: 1 },
        ],
        changes: { mark_seen: 0.7 },
        history: [{ at: '2026-11-20T10:00:00Z', by: 'Maren', reason: 'firm turf', changes: { mark_seen: 0.7 } }],
    };

    it('is changed with a reason, and only where something stands', async () => {
        const asked = serve({ 'GET academy/calibration': calibration, 'PUT academy/calibration': calibration });
        render(<ModelTab />, { wrapper: Around });
        expect(await screen.findByText(/All lies: Mark seen 0.7/)).toBeTruthy();
        expect(button('Recalibrate').hasAttribute('disabled')).toBe(true);
        fireEvent.change(screen.getByLabelText(/^Drag/), { target: { value: '0,05' } });
        fireEvent.change(screen.getByLabelText(/^Mark seen/), { target: { value: '' } });
        fireEvent.change(screen.getByLabelText('Why'), { target: { value: 'sanded' } });
        fireEvent.click(button('Recalibrate'));
        await waitFor(() => {
            expect(sent(asked)).toEqual([['PUT', 'academy/calibration', { changes: { 'fairway.drag': 0.05 }, reason: 'sanded' }]]);
        });
    });
});

describe('schools in common', () => {
    it('are chosen of those that teach the shot', async () => {
        const asked = serve({ 'GET catalogue': catalogue(), 'PUT academy': academy() });
        render(<Schools academy={academy()} />, { wrapper: Around });
        const chip = await screen.findByLabelText<HTMLSelectElement>(/chip: taught as/);
        expect([...chip.options].map((one) => one.value)).toEqual(['', 'neutral_shaft', 'handle_ahead']);
        fireEvent.change(chip, { target: { value: 'handle_ahead' } });
        fireEvent.click(button('Save'));
        await waitFor(() => {
            expect(sent(asked)).toEqual([
                ['PUT', 'academy', { name: 'Saltgrass', schools: { chip: 'handle_ahead' }, asks_second_factor: false }],
            ]);
        });
    });
});

describe('how the installation does', () => {
    it('is told in words, and says where to look', async () => {
        serve({
            'GET health': {
                parts: [
                    { part: 'queue', ok: false, figure: 500 },
                    { part: 'backup', ok: false, figure: null },
                    { part: 'scheduler', ok: true, figure: 40 },
                ],
            },
        });
        render(<Health />, { wrapper: Around });
        expect(await screen.findByText(/waits for 500 seconds/)).toBeTruthy();
        expect(screen.getByText(/No backup was made yet/)).toBeTruthy();
        expect(screen.getByText(/seen 40 seconds ago/)).toBeTruthy();
        expect(screen.getAllByText('Have a look.')).toHaveLength(2);
    });
});

describe('a student and the other coaches', () => {
    const shares: StudentShare[] = [{ coach_id: 'I', coach: 'Idris', level: 'read' }];

    it('is shared, no longer shared, and handed over', async () => {
        const asked = serve({
            'GET me': coach(),
            'GET academy': academy(),
            'GET students/S/shares': shares,
            'PUT students/S/shares/I': shares[0],
            'DELETE students/S/shares/I': {},
            'POST students/S/hand-over': student({ coach: 'Idris' }),
        });
        let gone = false;
        const onGone = () => {
            gone = true;
        };
        render(<Sharing student={student()} onGone={onGone} />, { wrapper: Around });
        await waitFor(() => {
            expect(screen.getByRole('radio', { name: 'to read' }).getAttribute('data-state')).toBe('on');
        });
        expect(screen.queryByText('Gone')).toBeNull();
        fireEvent.click(screen.getByRole('radio', { name: 'to teach' }));
        fireEvent.click(screen.getByRole('radio', { name: 'no' }));
        fireEvent.change(screen.getByLabelText('To'), { target: { value: 'I' } });
        fireEvent.click(button('Hand over'));
        await waitFor(() => {
            expect(gone).toBe(true);
        });
        expect(sent(asked)).toEqual([
            ['PUT', 'students/S/shares/I', { level: 'teach' }],
            ['DELETE', 'students/S/shares/I', undefined],
            ['POST', 'students/S/hand-over', { coach_id: 'I', keeps: null }],
        ]);
    });
});

describe('a door', () => {
    const open = () =>
        render(
            <Around at="/door/abc">
                <Routes>
                    <Route path="/door/:token" element={<DoorPage />} />
                </Routes>
            </Around>,
        );

    it('lets a new coach in', async () => {
        const asked = serve({
            'GET doors/abc': { academy: 'Saltgrass', coach: null, expires_at: '2026-12-03T10:00:00Z' },
            'POST doors/abc': coach({ name: 'Tove' }),
        });
        open();
        fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Tove' } });
        fireEvent.change(screen.getByLabelText('E-mail'), { target: { value: 'tove@saltgrass.example' } });
        fireEvent.change(screen.getByLabelText(/^Password/), { target: { value: 'dunes-in-the-wind' } });
        const replace = vi.spyOn(window.location, 'replace').mockImplementation(() => undefined);
        fireEvent.click(button('Come in'));
        await waitFor(() => {
            expect(replace).toHaveBeenCalledWith('/');
        });
        expect(sent(asked).at(-1)?.[2]).toEqual({ name: 'Tove', email: 'tove@saltgrass.example', password: 'dunes-in-the-wind' });
    });

    it('asks of one who is there a password alone', async () => {
        const known = { name: 'Idris', email: 'idris@saltgrass.example' };
        const asked = serve({
            'GET doors/abc': { academy: 'Saltgrass', coach: known, expires_at: '2026-12-03T10:00:00Z' },
            'POST doors/abc': new Refusal(422, 'Too short.', [{ key: 'password', message: 'password: 12 characters or more' }]),
        });
        open();
        fireEvent.change(await screen.findByLabelText(/^Password/), { target: { value: 'short' } });
        expect(screen.queryByLabelText('Name')).toBeNull();
        fireEvent.click(button('Change the password'));
        expect(await screen.findByText('password: 12 characters or more')).toBeTruthy();
        expect(sent(asked).at(-1)?.[2]).toEqual({ password: 'short' });
    });

    it('that is shut says so', async () => {
        serve({ 'GET doors/abc': new Refusal(410, 'This link is used or has run out.') });
        open();
        expect(await screen.findByText('This link is used or has run out.')).toBeTruthy();
    });
});

describe('a lesson to read', () => {
    it('shows what was seen and what it says, and nothing to change', () => {
        serve({});
        const taught = lesson({ sets: [set({ setup: { shaft_lean_deg: 12 } })], given_by: 'Idris' });
        const calibrated = { by: 'Saltgrass', reason: 'sanded', on: '2026-11-20' };
        render(
            <ReadLesson
                bench={{ ...bench(), readings: { A: reading({ calibrated }) } }}
                lesson={taught}
                student={student({ coach: 'Idris', may: { update: false, delete: false, move: false } })}
                catalogue={catalogue()}
                coach={coach()}
                sets={{ show: () => undefined } as never}
                set={taught.sets[0] ?? set()}
            />,
            { wrapper: Around },
        );
        const told = document.body.textContent;
        expect(told).toContain('Given by Idris.');
        expect(told).toContain('Shaft lean12°');
        expect(told).toContain('Model as Saltgrass has it since');
        for (const change of ['Prescribe', 'Change it', 'Hit the next set', 'Reopen'])
            expect(screen.queryByRole('button', { name: new RegExp(change) })).toBeNull();
    });
});

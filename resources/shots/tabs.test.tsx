// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Brushed, Catalogue, Cell, Distances, PlannedOption, SandPlan, ShotPlan, Student } from '../api/types.gen';
import { catalogue, observable, position, student } from '../test/make';
import { Around, Refusal, serve } from '../test/server';
import { DistancesTab } from './DistancesTab';
import { PlannerTab } from './PlannerTab';
import { SandTab } from './SandTab';
import { SlopeTab } from './SlopeTab';
import type { OfShots } from './shots';

const field = (label: string, unit = 'm') => ({
    kind: 'number' as const,
    label,
    unit,
    min: 0,
    max: 100,
    answers: [],
    sand_only: false,
});

const known = (): Catalogue => ({
    ...catalogue(),
    observables: [...catalogue().observables, observable('stance_width_mm', { label: 'Stance', usual: 260 }), position],
    clubs: [
        { loft_deg: 56, bounce_deg: 12 },
        { loft_deg: 60, bounce_deg: 8 },
    ],
    plan: {
        edge_m: field('To the edge'),
        hole_m: field('Edge to hole'),
        behind_m: field('Green behind'),
        slope_deg: field('Slope', 'degrees'),
        stimp: field('Green speed', ''),
        slope_pct: field('Green slope', '%'),
        height_m: field('Obstacle height'),
        distance_m: field('Obstacle away'),
        land_m: field('Landing spot'),
        step_m: field('A step'),
    },
    sand: {
        lip_height_m: field('Lip'),
        lip_distance_m: field('Lip away'),
        carry_m: field('Carry'),
        room_m: field('Room'),
        slope_deg: field('Slope', 'degrees'),
    },
});

const bea = student();

const of = (whom?: Student): OfShots => ({ catalogue: known(), units: 'metric', student: whom });

const option = (name: string, over: Partial<PlannedOption['figures']> = {}): PlannedOption => ({
    figures: {
        club: name,
        shot: 'chip',
        land_m: 2,
        carry_m: 6,
        roll_m: 10,
        mean_leave_m: 1.8,
        leave_80_m: [0.4, 3.9],
        within_1m: 0.3,
        within_2m: 0.6,
        short_of_green: 0.1,
        off_back: 0,
        clears: null,
        why: `Why ${name}.`,
        ...over,
    },
    name,
    within_1m: '3 in 10',
    within_2m: '6 in 10',
    short_of_green: '1 in 10',
    off_back: 'hardly ever',
    path: [
        [0, 0],
        [3, 1],
        [6, 0],
    ],
    rests_80_m: [13, 18],
    setup: [`Set ${name}.`],
    task: { shot: 'chip', lie: 'fairway', club: { loft_deg: 56, bounce_deg: 12 } },
});

const plan = (over: Partial<ShotPlan> = {}): ShotPlan => ({
    options: [option('Running chip, 44/6'), option('Chip, 56/12', { land_m: -1.5 })],
    recommended: 0,
    assumed: ['a green of 9 feet'],
    strikes: 'His own strikes.',
    caution: 'Nobody stands in the line.',
    ...over,
});

const type = (label: string, text: string) => {
    fireEvent.change(screen.getByLabelText(label), { target: { value: text } });
};
const press = (name: string | RegExp) => {
    fireEvent.click(screen.getByRole('button', { name }));
};

vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined, removeEventListener: () => undefined }));

afterEach(() => {
    cleanup();
    sessionStorage.clear();
});

describe('which shot', () => {
    const open = (answer: unknown = plan(), whom?: Student) => {
        const asked = serve({ 'POST shots/plan': answer });
        render(<PlannerTab {...of(whom)} />, { wrapper: Around });
        return () => asked.map((one) => one.body as Record<string, unknown>);
    };

    it('asks of the ground there is first, and says which is best, why, and what was assumed', async () => {
        const asked = open();
        expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe('Running chip, 44/6, land it 2 m on');
        expect(asked()[0]).toMatchObject({ edge_m: 4, hole_m: 12, green: { stimp: 9, slope_pct: 0 }, obstacle: null, student_id: null });
        for (const said of ['Best from here', 'Why Running chip, 44/6.', 'Set Running chip, 44/6.', 'a green of 9 feet'])
            expect(screen.getByText(said)).toBeTruthy();
        expect(screen.queryByText('Begin a lesson with this')).toBeNull();
    });

    it('draws another way where it is touched, and says how far short it lands', async () => {
        open();
        fireEvent.click(await screen.findByRole('button', { name: /^Chip, 56\/12/ }));
        expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('Chip, 56/12, land it 1.5 m short');
        expect(screen.getByText('Another way')).toBeTruthy();
    });

    it('begins a student’s lesson with the shot, and says whose strikes they are', async () => {
        open(plan(), bea);
        expect((await screen.findByText('Begin a lesson with this')).getAttribute('href')).toBe('/students/S/begin');
        expect(screen.getByText('Best from here · His own strikes.')).toBeTruthy();
    });

    it('says so where nothing clears', async () => {
        open(plan({ recommended: null, options: [option('Pitch, 60/8', { clears: false })] }));
        expect(await screen.findByText('Nothing here clears it')).toBeTruthy();
        expect(screen.getByText('does not clear')).toBeTruthy();
    });

    it('asks again once the hand rests, with what was typed, paced or put up', async () => {
        const asked = open();
        await screen.findByRole('heading', { level: 2 });
        type('Edge to hole, m', '20');
        press('Obstacle');
        press('Paced');
        type('To the edge, steps', '10');
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ edge_m: 8, hole_m: 20, obstacle: { height_m: 1, distance_m: 3 } });
        });
        press('Obstacle');
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ obstacle: null });
        });
    });

    it('is paced with the student’s own step', async () => {
        const asked = open(plan(), { ...bea, step_m: 0.6 });
        await screen.findByRole('heading', { level: 2 });
        press('Paced');
        type('To the edge, steps', '10');
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ edge_m: 6 });
        });
    });

    it('tells what is wrong with a figure, and keeps it', async () => {
        open((sent: { body: { hole_m: unknown } }) => (sent.body.hole_m === 'far' ? new Refusal(422, 'hole_m: "far"') : plan()));
        await screen.findByRole('heading', { level: 2 });
        type('Edge to hole, m', 'far');
        expect((await screen.findByRole('alert')).textContent).toBe('hole_m: "far"');
        expect(screen.getByLabelText<HTMLInputElement>('Edge to hole, m').value).toBe('far');
    });

    it('keeps a landing spot that was chosen until it is let go', async () => {
        const asked = open();
        await screen.findByRole('heading', { level: 2 });
        fireEvent.keyDown(screen.getByRole('slider', { name: 'Landing spot' }), { key: 'ArrowRight' });
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ land_m: 2.1 });
        });
        const free = 'Landing spot as each club wants it';
        press(free);
        expect(screen.queryByRole('button', { name: free })).toBeNull();
    });
});

describe('distances', () => {
    const cell = (club: string, backswing: string, mean: number, source: Cell['source'] = 'measured'): Cell => ({
        club,
        backswing,
        mean_m: mean,
        sd_m: 2,
        n: source === 'measured' ? 6 : 0,
        low_m: mean - 2,
        high_m: mean + 2,
        source,
    });
    const told = (over: Partial<Distances['distances']> = {}): Distances => ({
        distances: {
            chart: [cell('56', 'hip', 22), cell('56', 'rib', 36, 'fitted'), cell('60', 'hip', 18)],
            for_target: [],
            spread_pct: 6,
            bias_m: null,
            finding: { id: 'ok', text: 'The distances hold.' },
            ...over,
        },
        unplaced: 3,
    });
    const way = { club: '56', backswing: 'hip', expected_m: 22, expected_error_m: 1.9, note: '' };

    it('are a student’s own', () => {
        render(<DistancesTab {...of()} />, { wrapper: Around });
        expect(screen.getByText(/student’s own/).textContent).toContain('Choose one');
    });

    it('stand as a table, fitted ones in brackets, gaps as none, and say what is in no chart', async () => {
        serve({ 'GET students/S/distances': told() });
        render(<DistancesTab {...of(bea)} />, { wrapper: Around });
        const rows = (await screen.findAllByRole('row')).slice(1).map((one) => one.textContent);
        expect(rows).toEqual(['5622 m20 m to 24 m · 6(36 m)34 m to 38 m', '6018 m16 m to 20 m · 6none']);
        expect(screen.getByText('The distances hold.')).toBeTruthy();
        expect(screen.getByText(/3 clean balls/)).toBeTruthy();
    });

    it('tell how a chart begins where there is none', async () => {
        serve({ 'GET students/S/distances': { ...told({ chart: [] }), unplaced: 0 } });
        render(<DistancesTab {...of(bea)} />, { wrapper: Around });
        expect(await screen.findByText(/Backswing stations/)).toBeTruthy();
        expect(screen.queryByText('Print the card for the bag')).toBeNull();
    });

    it('answer for a number in the coach’s units, best first', async () => {
        const asked = serve({
            'GET students/S/distances': told(),
            'GET students/S/distances?target_m=22.86': told({
                for_target: [way, { ...way, club: '60', note: 'between hip and rib with the 60: halfway', expected_error_m: 2.4 }],
            }),
        });
        render(<DistancesTab {...of(bea)} units="imperial" />, { wrapper: Around });
        await screen.findAllByRole('row');
        type('For a carry of, yd', '25');
        const ways = await screen.findAllByRole('listitem');
        expect(ways.map((one) => one.querySelector('strong')?.textContent)).toEqual([
            '56 to the hip',
            'between hip and rib with the 60: halfway',
        ]);
        expect(asked.at(-1)?.path).toBe('students/S/distances?target_m=22.86');
    });

    it('tell what is wrong with a number, and leave the chart', async () => {
        serve({ 'GET students/S/distances': told(), 'GET students/S/distances?target_m=900': new Refusal(422, 'target_m: 900') });
        render(<DistancesTab {...of(bea)} />, { wrapper: Around });
        await screen.findAllByRole('row');
        type('For a carry of, m', '900');
        expect((await screen.findByRole('alert')).textContent).toBe('target_m: 900');
        expect(screen.getAllByRole('row')).toHaveLength(3);
    });
});

describe('sand', () => {
    const card = {
        warnings: [{ id: 'lip_too_high', text: 'It does not get over.' }],
        club_advice: 'The 60.',
        why: ['Sand is soft.'],
        face_open_deg: 30,
        stance_open_deg: 28,
        aim_deg: 0,
        ball_position_pct: 90,
        launch_deg: 40,
        entry_mm: [-60, -40],
    } as unknown as SandPlan['card'];
    const answer: SandPlan = {
        card,
        school: 'Open and across',
        path_deg: -5,
        path: [
            [0, 0],
            [5, 3],
            [10, 0],
        ],
        rates: ['Splash 7 in 10', 'short 2 in 10'],
        setup: ['Open the face.'],
        strikes: 'Usual strikes.',
        lip: 'it meets the lip',
        schools: [{ id: 'open_across', name: 'Open and across' }],
        caution: 'Mind your eyes.',
    };
    const open = (over: Partial<SandPlan> = {}) => {
        const asked = serve({ 'POST shots/sand': { ...answer, ...over } });
        render(<SandTab {...of()} />, { wrapper: Around });
        return () => asked.map((one) => one.body as Record<string, unknown>);
    };

    it('gives the card with its warnings, reasons and rates', async () => {
        const asked = open();
        expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe('Open and across: it meets the lip');
        for (const said of ['It does not get over.', 'Open the face.', 'The 60.', 'Sand is soft.', 'Splash 7 in 10, short 2 in 10'])
            expect(screen.getByText(said)).toBeTruthy();
        expect(asked()[0]).toMatchObject({ lie: 'sand_medium', ball: 'normal', lip_height_m: 1, school: null });
    });

    it('says nothing of a lip where there is none', async () => {
        open({ lip: null });
        expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe('Open and across');
    });

    it('asks again with another club, school and figure', async () => {
        const asked = open();
        await screen.findByRole('heading', { level: 2 });
        fireEvent.change(screen.getByLabelText('Club'), { target: { value: '60/8' } });
        fireEvent.change(screen.getByLabelText('School'), { target: { value: 'open_across' } });
        type('Lip, m', '1.5');
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({
                club: { loft_deg: 60, bounce_deg: 8 },
                school: 'open_across',
                lip_height_m: 1.5,
            });
        });
    });
});

describe('a slope', () => {
    const brushed = (over: Partial<Brushed> = {}): Brushed => ({
        mean_mm: -18,
        sd_mm: 9,
        repeats: true,
        ball_position_pct: 42.4,
        text: 'They repeat.',
        slopes: 2,
        own: null,
        ...over,
    });
    const open = (answer: Brushed, whom?: Student, at = '/?slope=-6&stance=300&ball=55') => {
        const asked = serve({ 'POST shots/brush': answer, [`PUT students/S/brushes`]: answer });
        render(
            <Around at={at}>
                <SlopeTab {...of(whom)} />
            </Around>,
        );
        const svg = screen.getByRole('application');
        // One pixel a millimetre, the ball in the middle of the window: what a browser would tell.
        vi.stubGlobal(
            'DOMPoint',
            class {
                constructor(readonly x: number) {}
                matrixTransform() {
                    return this;
                }
            },
        );
        Object.assign(svg.querySelector('g') ?? {}, { getScreenCTM: () => ({ inverse: () => null }) });
        const tap = (...places: number[]) => {
            for (const clientX of places) fireEvent.click(svg, { clientX });
        };
        return { asked: () => asked.map((one) => one.body as Record<string, unknown>), tap };
    };

    it('takes slope, stance and ball of the lesson, and asks nothing before three brushes', () => {
        const { asked, tap } = open(brushed());
        tap(-20, -16);
        expect(asked()).toEqual([]);
        expect(screen.getByText('2 of 5 brushes')).toBeTruthy();
        expect(screen.getByLabelText<HTMLInputElement>('Slope, °').value).toBe('-6');
        expect(screen.getByLabelText<HTMLInputElement>('Ball position, %').value).toBe('55');
    });

    it('says where the ball belongs once they repeat', async () => {
        const { asked, tap } = open(brushed());
        tap(-20, -16, -18.4);
        expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe('Rehearse beside the ball');
        await screen.findByText('Ball at 42 % of the stance');
        expect(asked().at(-1)).toMatchObject({ brushes_mm: [-20, -16, -18], slope_deg: -6, stance_width_mm: 300 });
    });

    it('counts them in the mirror for a left-hander', async () => {
        const { asked, tap } = open(brushed(), { ...bea, handed: 'left' });
        tap(-20, -16, -18);
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ brushes_mm: [20, 16, 18] });
        });
    });

    it('offers no place for the ball while they do not repeat', async () => {
        const { tap } = open(brushed({ repeats: false }), bea, '/?lesson=L&set=A');
        tap(-60, 20, 90);
        await screen.findByText('Not yet the same twice');
        expect(screen.queryByRole('button', { name: /Keep this slope/ })).toBeNull();
        expect(screen.queryByRole('button', { name: /in the lesson/ })).toBeNull();
    });

    it('keeps the last five, and takes the last one back', async () => {
        const { asked, tap } = open(brushed());
        tap(1, 2, 3, 4, 5, 6);
        await waitFor(() => {
            expect(asked().at(-1)).toMatchObject({ brushes_mm: [2, 3, 4, 5, 6] });
        });
        press('Take the last one back');
        expect(screen.getByText('4 of 5 brushes')).toBeTruthy();
        press('Begin anew');
        expect(screen.getByText('0 of 5 brushes')).toBeTruthy();
    });
});

import { vi } from 'vitest';
import type {
    BallSet,
    Catalogue,
    Coach,
    Counting,
    DrillHandout,
    Field,
    Goal,
    Lesson,
    Observable,
    Practice,
    PracticeDrill,
    Proposal,
    Reading,
    Student,
    WeighedCause,
} from '../api/types.gen';
import type { Bench } from '../lesson/useBench';

// Made-up answers of the API for tests of components: small, of the types of the contract.

const field = (label: string, over: Partial<Field> = {}): Field => ({
    kind: 'number',
    label,
    unit: 'mm',
    min: -300,
    max: 300,
    answers: [],
    sand_only: false,
    ...over,
});

const words = (label: string, values: string[], sandOnly = false): Field =>
    field(label, { kind: 'choice', unit: '', answers: values.map((value) => ({ label: value, value })), sand_only: sandOnly });

export const observable = (id: Observable['id'], over: Partial<Observable> = {}): Observable => ({
    ...field(id),
    id,
    group: 'setup',
    usual: null,
    ...over,
});

export const lean = observable('shaft_lean_deg', { label: 'Shaft lean', unit: 'degrees', min: -20, max: 30, usual: 0 });
export const position = observable('ball_position_pct', { label: 'Ball position', unit: '%', min: 0, max: 150, usual: 50 });
export const weight = observable('lead_weight_pct', { label: 'Weight', unit: '%', min: 0, max: 100, usual: 60 });

export const catalogue = (): Catalogue => ({
    shots: [
        {
            id: 'chip',
            sand: false,
            usual: { lie: 'fairway', school: null, carry_m: null },
            lies: [
                { id: 'tight', label: 'tight', schools: ['neutral_shaft'] },
                { id: 'fairway', label: 'fairway', schools: ['neutral_shaft', 'handle_ahead'] },
            ],
            strikes: [
                { id: 'clean', good: true, meaning: 'clean it is' },
                { id: 'heavy', good: false, meaning: 'heavy it is' },
                { id: 'thin', good: false, meaning: 'thin it is' },
            ],
        },
        {
            id: 'bunker',
            sand: true,
            usual: { lie: 'sand_medium', school: null, carry_m: 8 },
            lies: [{ id: 'sand_medium', label: 'sand', schools: ['open_across'] }],
            strikes: [
                { id: 'splash', good: true, meaning: 'splash it is' },
                { id: 'short', good: false, meaning: 'short it is' },
            ],
        },
    ],
    observables: [lean, position, weight],
    task: { carry_m: field('Carry', { unit: 'm', min: 0, max: 150 }), lip_height_m: field('Lip', { unit: 'm', sand_only: true }) },
    club: {},
    plan: {},
    sand: {},
    ball: {
        touch_mm: field('Touch'),
        mark: words('Mark', ['none', 'brush', 'shallow', 'deep']),
        flight: words('Flight', ['low', 'expected', 'high']),
        roll: words('Roll', ['checks', 'normal', 'runs']),
        sound: words('Sound', ['click', 'thud'], true),
        sand_direction: words('Sand flew', ['left', 'target'], true),
        carry_m: field('Carry', { unit: 'm', min: 0, max: 300 }),
        start_deg: field('Start', { unit: 'degrees' }),
    },
    schools: [
        { id: 'neutral_shaft', name: 'Neutral shaft', idea: 'Shaft upright.' },
        { id: 'handle_ahead', name: 'Handle ahead', idea: 'Ball first.' },
        { id: 'open_across', name: 'Open across', idea: 'Open the face.' },
    ],
    equipment: [
        { id: 'a towel', name: 'a towel' },
        { id: 'putter', name: 'putter' },
    ],
    limits: [],
    causes: [],
    purposes: [
        { id: 'before', title: 'Before', short: 'Before' },
        { id: 'after', title: 'After the change', short: 'After' },
        { id: 'retest', title: 'Retest', short: 'Retest' },
    ],
    grounds: ['grass', 'sand'],
    usual_plan: { days: { 2: 20 }, minutes: 20, grounds: ['grass'], weeks: 2 },
    clubs: [{ loft_deg: 56, bounce_deg: 12 }],
    first_ground: { edge_m: 4, hole_m: 12, behind_m: 8, stimp: 9, step_m: 0.8, obstacle_m: 1 },
    first_sand: { lip_height_m: 1, lip_distance_m: 3, carry_m: 10, room_m: 10, club: { loft_deg: 56, bounce_deg: 12 } },
    in_sand: [{ id: 'normal', name: 'on the sand' }],
    brush: { least: 3, most: 5, slope_deg: -8, caution: 'Stand safely.' },
    first_task: { shot: 'chip', lie: 'fairway', club: { loft_deg: 56, bounce_deg: 12 }, carry_m: 9 },
    middle_sd: 1.2816,
    most: { drills: 2, sure: 10, text: 500, reports: 100 },
});

/** So many balls and it is over. */
export const chain = (most: number, part = (n: number) => n): Counting => {
    const all = Array.from({ length: most + 1 }, (_, n) => n);
    const next = all.map((n) => Math.min(most, n + 1));
    const none = all.map(() => 0);
    return { hit: next, miss: next, over: all.map((n) => n === most), row: none, rung: none, block: none, good: none, part: all.map(part) };
};

export const goal = (over: Partial<Goal> = {}): Goal => ({
    kind: 'count',
    need: 7,
    of: 10,
    sets: 2,
    balls: 10,
    minutes: 8,
    text: '7 of 10',
    rungs: 4,
    most: 10,
    parts: [],
    farthest_m: 300,
    ...over,
});

const drill = (id: string, over: Partial<DrillHandout> = {}): DrillHandout => ({
    id,
    name: `Drill ${id}`,
    purpose: 'To brush the line.',
    equipment: [],
    grounds: ['grass'],
    steps: ['Brush it.'],
    trade: { better: '', worse: '' },
    distances: [],
    picture: [],
    dose: { sets: 2, balls: 10, minutes: 8 },
    pass: { kind: 'count', need: 7, of: 10, text: 'On the line.' },
    kinds: ['count', 'ladder', 'free'],
    goal: goal(),
    easier: '',
    harder: '',
    feel: '',
    cautions: [],
    ...over,
});

export const practiceDrill = (over: Partial<PracticeDrill> = {}): PracticeDrill => ({
    ...drill('brush_line'),
    svg: null,
    figure: null,
    next: { id: 'again', text: 'Not done yet.' },
    record: null,
    numbers: [12, 18, 9],
    ...over,
});

export const practice = (): Practice => ({
    language: 'en',
    words: [],
    said: [],
    student: { name: 'Bea', handed: 'right', units: 'metric', guardian: false },
    fault: null,
    setup: [],
    card: [],
    feel: null,
    sentence: '',
    drills: [practiceDrill()],
    chart: [],
    plan: null,
    results: [],
    even_share: 0.02,
    most_sure: 10,
    cautions: [],
});

export const cause = (id: string, over: Partial<WeighedCause> = {}): WeighedCause => ({
    id,
    name: `Cause ${id}`,
    probability: 0.6,
    for: [{ text: `${id} was seen.`, odds: 6, says: 'speaks strongly for it', how: 'nearly always so', is_look: true }],
    against: [],
    main_reasons: [`${id} was seen.`, 'Marks are deep.', 'Touch is behind.'],
    gain: 0.3,
    gain_text: null,
    effort: 1,
    if_wrong: 'It would stay.',
    prior: 0.1,
    seen: false,
    ...over,
});

export const proposal = (over: Partial<Proposal> = {}): Proposal => ({
    setup: [{ observable: 'shaft_lean_deg', from: 12, to: 3, text: 'Bring the grip end back.' }],
    feel: 'Hands soft.',
    feels: { outside: 'Point at the buckle.', inside: 'Hands soft.', sound: 'Hear it brush.' },
    drills: [drill('one'), drill('two')],
    other_drills: [drill('three')],
    left_out: [],
    stop: null,
    measure: null,
    ...over,
});

export const reading = (over: Partial<Reading> = {}): Reading => ({
    pattern: {
        headline: '2 of 7 clean',
        detail: 'Four heavy.',
        text: 'Two of four clean.',
        low_point_text: 'Low point about 2 cm behind.',
        main_strike: 'heavy',
        n: 4,
        measured: 1,
        assumed: 3,
        censored: 0,
        good: { count: 2, of: 4 },
        low_point_mm: { mean: -20, sd: 10, error: 5, known: true },
        touch_mm: { mean: -40, sd: 12 },
    },
    balls: [],
    radius_mm: 1100,
    causes: [cause('handle', { probability: 0.7 }), cause('weight', { probability: 0.3 }), cause('chest', { probability: 0.05 })],
    likely: 2,
    work_on_first: 'handle',
    first_notes: [],
    would_tell: [],
    advice: 'Work on the handle first.',
    check_next: null,
    warnings: [],
    tell_apart: [],
    school: { id: 'neutral_shaft', name: 'Neutral shaft', idea: 'Shaft upright.', why: '', entry_mm: null, offer: null },
    card: { shaft_lean_deg: [0, 4] },
    card_notes: [],
    prescription: proposal(),
    prediction: null,
    model: null,
    distance: null,
    calibrated: null,
    ...over,
});

export const set = (over: Partial<BallSet> = {}): BallSet => ({
    id: 'A',
    purpose: 'before',
    setup: {},
    motion: {},
    measured: {},
    confidence: null,
    balls: [],
    ...over,
});

export const student = (over: Partial<Student> = {}): Student => ({
    id: 'S',
    name: 'Bea',
    handed: 'right',
    about: '',
    limits: [],
    units: null,
    language: null,
    step_m: null,
    bag: null,
    clubs: [{ loft_deg: 56, bounce_deg: 12 }],
    inactive: false,
    coach: 'Maren',
    coach_id: 'C',
    may: { update: true, delete: true, move: true },
    lessons_count: 1,
    ...over,
});

export const coach = (over: Partial<Coach> = {}): Coach => ({
    id: 'C',
    role: 'lead',
    name: 'Maren',
    email: 'maren@saltgrass.example',
    units: 'metric',
    bag: null,
    usual: {},
    equipment: null,
    timezone: null,
    week_starts: 1,
    keeps_stills: true,
    owner_key: 'maren@saltgrass.example',
    calibration: null,
    ...over,
});

export const lesson = (over: Partial<Lesson> = {}): Lesson => ({
    id: 'L',
    student_id: 'S',
    task: { shot: 'chip', lie: 'fairway', club: { loft_deg: 56, bounce_deg: 12 } },
    began_at: '2026-11-24T10:00:00Z',
    closed_at: null,
    given_by: 'Maren',
    prescription: null,
    sets: [set()],
    ...over,
});

/** A bench that notes what it is asked to do. */
export function bench(): Bench & {
    addBall: ReturnType<typeof vi.fn>;
    correctBall: ReturnType<typeof vi.fn>;
    see: ReturnType<typeof vi.fn>;
    prescribe: ReturnType<typeof vi.fn>;
    sure: ReturnType<typeof vi.fn>;
    think: ReturnType<typeof vi.fn>;
} {
    const noted = { addBall: vi.fn(), correctBall: vi.fn(), see: vi.fn(), prescribe: vi.fn(), sure: vi.fn(), think: vi.fn() };
    const nothing = { trouble: null, waiting: 0, refused: [], canUndo: false, canRedo: false, undo: vi.fn(), redo: vi.fn() };
    return { ...nothing, ...noted } as unknown as ReturnType<typeof bench>;
}

// The shapes the API speaks. Ground distances are millimetres, course distances metres, angles degrees.

export type Handed = 'right' | 'left';
export type Units = 'metric' | 'imperial';
export type Purpose = 'before' | 'after' | 'retest';

export interface Coach {
    name: string;
    email: string;
    units: Units;
}

export interface Answer {
    label: string;
    value: number | string;
}

export interface Field {
    kind: 'number' | 'choice' | 'text';
    label: string;
    unit: string;
    min: number;
    max: number;
    answers: Answer[];
}

export interface Observable extends Field {
    id: string;
    group: 'setup' | 'motion';
    sand_only: boolean;
}

export interface Named {
    id: string;
    name: string;
}

export interface Shot {
    id: string;
    lies: { id: string; label: string }[];
    strikes: { id: string; good: boolean }[];
}

export interface Catalogue {
    shots: Shot[];
    observables: Observable[];
    task: Record<string, Field>;
    club: Record<string, Field>;
    ball: Record<string, Field>;
    schools: (Named & { idea: string })[];
    limits: Named[];
    causes: Named[];
}

export interface Task {
    shot: string;
    lie: string;
    club: { name?: string; loft_deg: number; bounce_deg: number; lie_deg?: number };
    carry_m?: number | null;
    roll_m?: number | null;
    lip_height_m?: number | null;
    lip_distance_m?: number | null;
    slope_deg?: number | null;
    side_slope_deg?: number | null;
    flight_wanted?: string | null;
    method?: string | null;
    belief?: string | null;
}

export type Observed = Record<string, number | string | null>;

/** What was seen of one ball; an absent key was not looked at, touch_mm null is "did not touch the ground". */
export interface BallSeen {
    strike?: string;
    touch_mm?: number | null;
    mark?: string;
    mark_length_mm?: number;
    flight?: string;
    start_deg?: number;
    carry_m?: number;
    finish_m?: number;
    roll?: string;
    sound?: string;
    sand_direction?: string;
    note?: string;
}

export interface Ball {
    id: string;
    seen: BallSeen;
}

export interface BallSet {
    id: string;
    purpose: Purpose;
    setup: Observed;
    motion: Observed;
    /** How sure the student was before it, 1 to 10. */
    confidence: number | null;
    balls: Ball[];
}

export interface DrillHandout {
    id: string;
    name: string;
    purpose: string;
    equipment: string[];
    steps: string[];
    distances: string[];
    trade: { better: string; worse: string };
    goal: Goal;
    dose: { sets: number; balls: number; minutes: number };
    pass: { kind: string; need: number | null; of: number | null; text: string };
    easier: string;
    harder: string;
    feel: string;
    cautions: string[];
}

export type ScoringKind = 'count' | 'streak' | 'ladder' | 'error' | 'timed' | 'free';

/** Dose and pass mark as handed out. */
export interface Goal {
    kind: ScoringKind;
    need: number | null;
    of: number | null;
    sets: number;
    balls: number;
    minutes: number;
    text: string;
    rungs: number;
    /** Ladders: where a full block with so many hits leads. */
    moves: ('up' | 'first')[];
}

export interface PracticeDrill extends Omit<DrillHandout, 'dose' | 'pass' | 'trade'> {
    goal: Goal;
    pass: { text: string };
    grounds: string[];
    svg: string | null;
    next: { id: string; text: string };
    numbers: number[];
}

export interface PlanSession {
    id: string;
    day: string;
    minutes: number;
    items: { drill: string; name: string; minutes: number; mode_text: string }[];
}

export interface DrillResult {
    id: string;
    drill: string;
    passed: boolean;
    text: string;
    by: string;
    confidence: number | null;
    note: string;
    done_at: string;
    session: string | null;
}

/** What a student gets to see; the coach sees the same. */
export interface Practice {
    student: { name: string; handed: Handed; units: Units; guardian: boolean };
    fault: { title: string; seen: string | null; stop: string | null; measure: string | null; if_wrong: string | null } | null;
    setup: string[];
    card: string[];
    feel: string | null;
    sentence: string;
    drills: PracticeDrill[];
    plan: { made_from: { days: Record<string, number>; grounds: string[]; equipment: string[] | null; weeks: number }; notes: string[]; sessions: PlanSession[] } | null;
    results: DrillResult[];
    cautions: string[];
}

export interface ShareLink {
    id: number;
    open: boolean;
    made_at: string;
    expires_at: string;
    revoked_at: string | null;
    opened_at: string | null;
    path?: string;
}

/** One run of a drill as counted: hits and misses, [target, carry] pairs, or seconds. */
export interface Run {
    drill: string;
    goal: Goal;
    attempts: (boolean | number | [number, number])[];
    done_at: string;
    session: string | null;
    confidence: number | null;
    note: string;
}

export interface SetupChange {
    observable: string | null;
    from: number | null;
    to: number | null;
    text: string;
}

export interface Proposal {
    setup: SetupChange[];
    feel: string | null;
    feels: Record<string, string> | null;
    drills: DrillHandout[];
    other_drills: DrillHandout[];
    left_out: { id: string; name: string; why: string }[];
    stop: string | null;
    measure: string | null;
}

/** One part of the picture of a coach's own drill, mm from the ball. */
export interface DrillPart {
    kind: string;
    ahead_mm: number;
    across_mm: number;
}

export interface OwnDrill {
    id: string;
    name: string;
    purpose: string;
    steps: string[];
    goal: Partial<Goal>;
    parts: DrillPart[];
}

export interface OwnCard {
    id: string;
    name: string;
    shot: string;
    figures: { observable: string; to: number }[];
    feel: string;
    drills: string[];
}

export interface OwnWay {
    cards: OwnCard[];
    drills: OwnDrill[];
    /** Kind of part => what it is called. */
    parts: Record<string, string>;
    /** Ways of scoring a drill. */
    kinds: ScoringKind[];
    most: { parts: number; figures: number; drills: number };
}

export interface GivenPrescription {
    cause: string;
    school: string;
    content: { cause_name: string; setup: SetupChange[]; feel: string; drills: DrillHandout[]; stop: string | null; measure: string | null };
}

export interface Lesson {
    id: string;
    student_id: string;
    task: Task;
    began_at: string;
    closed_at: string | null;
    sets: BallSet[];
    prescription: GivenPrescription | null;
}

export interface Student {
    id: string;
    name: string;
    handed: Handed;
    about: string;
    limits: string[];
    units: Units | null;
    lessons_count: number;
    lessons?: Lesson[];
}

export interface WeighedClue {
    text: string;
    odds: number;
    /** "speaks strongly for it" */
    says: string;
    how: string;
}

export interface WeighedCause extends Named {
    probability: number;
    for: WeighedClue[];
    against: WeighedClue[];
    gain: number | null;
    gain_text: string | null;
    if_wrong: string;
    prior: number;
}

/** The strike model's figures for one swing: they rank changes, they do not measure. */
export interface Model {
    delivered: { loft_deg: number; bounce_deg: number; azimuth_deg: number };
    lean_deg: number;
    open_deg: number;
    rates: Record<string, number>;
    good_rate: number;
    /** Of low points. */
    window_mm: [number, number] | null;
    /** Of first touches. */
    touch_window_mm: [number, number] | null;
    /** Null where the model does not explain the balls. */
    what_if: { aim: number; scatter: number; window: number; main_reason: string | null; aim_first: boolean } | null;
    low_point_mm: { mean: number; sd: number };
    arc: [number, number][];
    assumed: string[];
    note: string;
}

/** Good strikes now and after the first cure, as shares. */
export interface Prediction {
    now: number;
    after: number | null;
    low: number | null;
    high: number | null;
    fits: boolean;
    text: string;
}

export interface SetupTrial {
    now: Model;
    then: Model;
    start: Record<string, number>;
}

export interface Revision {
    at: string;
    by: string | null;
    before: { seen?: BallSeen; deleted_at?: string | null };
}

export interface Reading {
    pattern: {
        text: string;
        low_point_text: string;
        n: number;
        measured: number;
        assumed: number;
        censored: number;
        good: { count: number; of: number };
        /** Error: sd of the mean. Known: enough lengths were drawn to tell it. */
        low_point_mm: { mean: number | null; sd: number | null; error: number | null; known: boolean };
        touch_mm: { mean: number | null; sd: number | null };
    };
    balls: { source: 'measured' | 'assumed' | 'censored' | 'not_seen'; low_point_mm: number | null; depth_mm: number | null }[];
    radius_mm: number;
    causes: WeighedCause[];
    work_on_first: string | null;
    advice: string;
    check_next: { observable: string; label: string; why: string; answers: (Answer & { then: string })[] } | null;
    warnings: { id: string; text: string }[];
    tell_apart: string[];
    school: Named & {
        idea: string;
        why: string;
        entry_mm: [number, number] | null;
        offer: (Named & { idea: string; why: string; card: Record<string, [number, number]>; rate_chosen: number | null; rate_offered: number | null }) | null;
    };
    card: Record<string, [number, number]>;
    /** What no figure of the card says. */
    card_notes: string[];
    prescription: Proposal;
    prediction: Prediction | null;
    model: Model | null;
}

export interface LibraryCause extends Named {
    shots: string[];
    lies: string[] | null;
    evidence: string[];
    if_wrong: string;
    setup: string;
    stop: string;
    feels: Record<string, string>;
    measure: string;
    drills: string[];
}

export interface LibraryDrill extends Named {
    purpose: string;
    shots: string[];
    equipment: string[];
    grounds: string[];
    steps: string[];
    dose: { sets: number; balls: number; minutes: number };
    pass: { kind: string; need: number | null; of: number | null; text: string };
    easier: string;
    harder: string;
    feel: string;
    cautions: string[];
    not_with: Record<string, string>;
    serves: string[];
}

export interface LibrarySchool extends Named {
    idea: string;
    cards: { shot: string; lies: string[]; figures: string[] }[];
}

export interface Library {
    causes: LibraryCause[];
    drills: LibraryDrill[];
    schools: LibrarySchool[];
    cautions: string[];
}

export interface LessonPage {
    lesson: Lesson;
    student: Student;
    readings: Record<string, Reading>;
}

export interface Work {
    cause: string;
    name: string;
    since: string;
    verdict: 'fixed' | 'improving' | 'slipping' | 'no_change' | 'too_early';
    verdict_text: string;
    text: string;
    /** How the first touch changed, in words. */
    touch: string | null;
    probability: number | null;
    more_balls: number | null;
    not_comparable: string[];
    /** What the balls counted below did. */
    counted: string;
    before: { count: number; of: number; interval: [number, number] } | null;
    now: { count: number; of: number; interval: [number, number] } | null;
    /** What the retest asks: the same as when the cause was found. */
    task: Task;
    /** How many balls the next retest should have. */
    retest_balls: number;
    next: string;
    recheck: string;
}

/** Mean and scatter of n figures with their 90 % intervals. */
export interface Estimate {
    n: number;
    mean: number;
    sd: number | null;
    mean_interval: [number, number] | null;
    sd_interval: [number, number] | null;
}

interface Good {
    count: number;
    of: number;
    interval: [number, number] | null;
}

export interface SetFigures {
    id: string;
    purpose: Purpose;
    text: string;
    good: Good;
    touch: Estimate | null;
    low_point: Estimate | null;
    window: [number, number] | null;
    marks: { touch: number | null; strike: string }[];
}

export interface Given {
    id: string;
    cause: string;
    setup: string[];
    feel: string;
    drills: string[];
}

export interface ProgressLesson {
    id: string;
    began_at: string;
    open: boolean;
    task: Task;
    given: Given | null;
    sets: SetFigures[];
}

/** What one set came to, for the courses; what was not seen is absent. */
export interface CoursePoint {
    lesson: string;
    set: string;
    at: string;
    purpose: Purpose;
    good: Good;
    /** Balls without ground contact: they have no touch. */
    censored?: number;
    touch?: Estimate;
    /** Only where drawn lengths tell it. */
    low_point?: Estimate;
    carry_error?: Estimate;
    confidence?: number;
    setup: Observed;
    card: Record<string, [number, number]>;
}

export interface Progress {
    works: Work[];
    last_time: string[];
    practice: { planned: number; done: number; share: number | null; visits: { day: string; done: boolean }[] };
    /** What there is to choose from, the most frequent first. */
    kinds: { shot: string; lie: string; lessons: number }[];
    /** Lessons of the choice; the latest of them stand in full under lessons. */
    count: number;
    lessons: ProgressLesson[];
    course: CoursePoint[];
    given: { lesson: string; at: string; cause: string; drills: string[] }[];
    results: { drill: string; name: string; at: string; passed: boolean; text: string; confidence: number | null; figure: number; figure_name: string; is_share: boolean; mark: number | null }[];
    /** What comes next with each drill, the one done last first. */
    drills: { name: string; last: string; passed: boolean; next: string }[];
}

export interface TodayStudent {
    id: string;
    name: string;
    handed: Handed;
    about: string;
    lessons: number;
    last: string | null;
    cause: string | null;
    verdict: string | null;
    recheck: string | null;
    reasons: string[];
}

export interface Today {
    total: number;
    students: TodayStudent[];
    rechecks: TodayStudent[];
}

/** One column of a sheet and what it holds of a ball. */
export interface SheetColumn {
    header: string;
    key: string;
    unit: string | null;
    flipped: boolean;
    words: Record<string, string>;
}

export type DayOrder = 'ymd' | 'dmy' | 'mdy';

export interface SheetMapping {
    columns: SheetColumn[];
    time: { header: string; order: DayOrder } | null;
    only: { header: string; is: string } | null;
}

export interface SheetImport {
    id: string;
    name: string;
    state: 'draft' | 'reading' | 'summing' | 'done' | 'stopped' | 'taken_back';
    total: number;
    rows_done: number;
    balls: number;
    left_out: number;
    refused: number;
    days: number;
    sets_left: number | null;
    at: string;
}

/** A sheet that was looked at and not confirmed yet. */
export interface SheetDraft {
    import: SheetImport;
    /** What stands in each column; words: all that differ, null = too many. */
    columns: {
        header: string;
        samples: string[];
        words: string[] | null;
        /** By key of a ball: words that are not ours, should the column hold it; the coach says what they mean. */
        foreign: Record<string, string[]>;
    }[];
    /** Units that each key of a ball may be given in. */
    units: Record<string, string[]>;
    guess: SheetMapping;
    presets: { id: string; name: string; mapping: SheetMapping }[];
    read_before: string | null;
}

export interface SheetPlan {
    mapping: SheetMapping;
    task: Task;
    purpose: Purpose;
    day: string | null;
}

export interface SheetCheck {
    balls: number;
    left_out: number;
    refused: number;
    days: number;
    first: string | null;
    last: string | null;
    /** What is wrong, each once, with the first rows that have it. */
    faults: { message: string; rows: number[]; count: number }[];
    shown: { row: number; at: string; seen: BallSeen }[];
}

/** One change in a lesson, in words. */
export interface Change {
    at: string;
    by: string | null;
    what: string;
    text: string;
}

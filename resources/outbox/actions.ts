import type {
    BallSeen,
    BallSet,
    DrillHandout,
    GoalChoice,
    Lesson,
    LessonPage,
    Measured,
    Observed,
    Purpose,
    PutPracticeNote,
    PutResult,
    Reading,
    SetupChange,
    Task,
} from '../api/types.gen';

// Everything a coach can do in a lesson, as data: it is kept on the device, shown at once and sent in order.

export type Action =
    | {
          kind: 'lesson';
          lessonId: string;
          studentId: string;
          task: Task;
          beganAt: string;
          closedAt: string | null;
          /** The lesson as it was known here before: only what differs from it is changed. */
          base?: { task: Task; began_at: string; closed_at: string | null };
      }
    | {
          kind: 'look';
          lessonId: string;
          setId: string;
          purpose: Purpose;
          setup: Observed;
          motion: Observed;
          /** Of figures among these that were measured; the others are by eye. */
          measured?: Measured;
          confidence?: number | null;
          /** What the coach thinks before he sees the reading: the id of a cause, or none. */
          thought?: string;
      }
    | { kind: 'ball'; lessonId: string; setId: string; ballId: string; seen: BallSeen; hitAt: string }
    | { kind: 'remove-ball'; lessonId: string; setId: string; ballId: string }
    | {
          kind: 'prescribe';
          lessonId: string;
          setId: string;
          cause: { id: string; name: string };
          school: string;
          setup: SetupChange[];
          /** Set when the coach chose other set-up figures than those proposed. */
          figures?: { observable: string; to: number }[];
          goals: Record<string, GoalChoice>;
          sentence: string;
          feel: string;
          drills: DrillHandout[];
      }
    /** What was handed out stands no longer; what stood there before does again. */
    | {
          kind: 'take-back';
          lessonId: string;
          given: { cause: string; feel: string; drills: string[] };
          before: Lesson['prescription'];
      }
    /** $path is the student's on the coach's side, or that of the private link. */
    | { kind: 'result'; lessonId: null; path: string; resultId: string; run: PutResult }
    /** A word of the student on his practice. */
    | { kind: 'note'; lessonId: null; path: string; noteId: string; note: PutPracticeNote };

/** What is part of a lesson. */
export type LessonAction = Exclude<Action, { lessonId: null }>;

export interface Request {
    method: 'PUT' | 'DELETE';
    path: string;
    body?: unknown;
}

export function requestOf(action: Action): Request {
    const lesson = `lessons/${action.lessonId ?? ''}`;
    switch (action.kind) {
        case 'result':
            return { method: 'PUT', path: `${action.path}/results/${action.resultId}`, body: action.run };
        case 'note':
            return { method: 'PUT', path: `${action.path}/notes/${action.noteId}`, body: action.note };
        case 'lesson':
            return {
                method: 'PUT',
                path: lesson,
                body: {
                    student_id: action.studentId,
                    task: action.task,
                    began_at: action.beganAt,
                    closed_at: action.closedAt,
                    ...(action.base === undefined ? {} : { base: action.base }),
                },
            };
        case 'look':
            return {
                method: 'PUT',
                path: `${lesson}/sets/${action.setId}`,
                body: {
                    purpose: action.purpose,
                    setup: action.setup,
                    motion: action.motion,
                    ...(action.measured === undefined ? {} : { measured: action.measured }),
                    confidence: action.confidence,
                    ...(action.thought === undefined ? {} : { thought: action.thought }),
                },
            };
        case 'ball':
            return {
                method: 'PUT',
                path: `${lesson}/sets/${action.setId}/balls/${action.ballId}`,
                body: { seen: action.seen, hit_at: action.hitAt },
            };
        case 'remove-ball':
            return { method: 'DELETE', path: `${lesson}/sets/${action.setId}/balls/${action.ballId}` };
        case 'take-back':
            return { method: 'DELETE', path: `${lesson}/prescription`, body: action.given };
        case 'prescribe':
            return {
                method: 'PUT',
                path: `${lesson}/prescription`,
                body: {
                    set_id: action.setId,
                    cause: action.cause.id,
                    figures: action.figures ?? null,
                    goals: action.goals,
                    sentence: action.sentence,
                    feel: action.feel,
                    drills: action.drills.map((drill) => drill.id),
                },
            };
    }
}

function changeSet(lesson: Lesson, setId: string, change: (set: BallSet) => BallSet): Lesson {
    return { ...lesson, sets: lesson.sets.map((set) => (set.id === setId ? change(set) : set)) };
}

const byId = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1);

function merged(kept: Observed, next: Observed): Observed {
    return Object.fromEntries(Object.entries({ ...kept, ...next }).filter(([, value]) => value !== null));
}

const without = (of: Measured, keys: string[]): Measured => Object.fromEntries(Object.entries(of).filter(([key]) => !keys.includes(key)));

/** The lesson as it looks with one action more. */
export function apply(lesson: Lesson, action: LessonAction): Lesson {
    switch (action.kind) {
        case 'lesson':
            return { ...lesson, task: action.task, began_at: action.beganAt, closed_at: action.closedAt };
        case 'look': {
            const known = lesson.sets.some((set) => set.id === action.setId);
            const sets = known
                ? lesson.sets
                : [
                      ...lesson.sets,
                      { id: action.setId, purpose: action.purpose, setup: {}, motion: {}, measured: {}, confidence: null, balls: [] },
                  ];
            return changeSet({ ...lesson, sets }, action.setId, (set) => ({
                ...set,
                setup: merged(set.setup, action.setup),
                motion: merged(set.motion, action.motion),
                measured: {
                    ...without(set.measured ?? {}, [...Object.keys(action.setup), ...Object.keys(action.motion)]),
                    ...action.measured,
                },
                confidence: action.confidence === undefined ? set.confidence : action.confidence,
                ...(action.thought === undefined ? {} : { thought: set.thought ?? action.thought }),
            }));
        }
        case 'ball':
            return changeSet(lesson, action.setId, (set) => ({
                ...set,
                balls: [...set.balls.filter((ball) => ball.id !== action.ballId), { id: action.ballId, seen: action.seen }].sort(byId),
            }));
        case 'remove-ball':
            return changeSet(lesson, action.setId, (set) => ({ ...set, balls: set.balls.filter((ball) => ball.id !== action.ballId) }));
        case 'take-back':
            return { ...lesson, prescription: action.before };
        case 'prescribe':
            return {
                ...lesson,
                prescription: {
                    cause: action.cause.id,
                    school: action.school,
                    content: {
                        cause_name: action.cause.name,
                        setup: action.setup,
                        feel: action.feel,
                        drills: action.drills,
                        stop: null,
                        measure: null,
                    },
                },
            };
    }
}

export interface Told {
    set_id?: string;
    balls_wanted?: number;
    reading?: Reading;
    readings?: Record<string, Reading>;
    prescription?: LessonPage['lesson']['prescription'];
    /** What two devices have changed at once: the later one holds. */
    conflicts?: { key: string; theirs: unknown; yours: unknown }[];
}

/** The page with an action that the server has stored, and with what it told in return. */
export function stored(page: LessonPage, action: LessonAction, told: Told): LessonPage {
    const lesson = apply(page.lesson, action);
    return {
        ...page,
        lesson: told.prescription === undefined ? lesson : { ...lesson, prescription: told.prescription },
        readings: {
            ...page.readings,
            ...told.readings,
            ...(told.set_id !== undefined && told.reading !== undefined ? { [told.set_id]: told.reading } : {}),
        },
        balls_wanted: {
            ...page.balls_wanted,
            ...(told.set_id !== undefined && told.balls_wanted !== undefined ? { [told.set_id]: told.balls_wanted } : {}),
        },
    };
}

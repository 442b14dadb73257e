import { describe, expect, it } from 'vitest';
import type { BallSeen, Lesson, LessonPage, Reading } from '../api/types.gen';
import { apply, requestOf, stored, type Action, type LessonAction } from './actions';
import { student } from '../test/make';

const lesson: Lesson = {
    id: 'L',
    student_id: 'S',
    task: { shot: 'chip', lie: 'fairway', club: { loft_deg: 56, bounce_deg: 12 } },
    began_at: '2026-11-24T10:00:00Z',
    closed_at: null,
    given_by: 'Maren',
    prescription: null,
    sets: [
        {
            id: 'A',
            purpose: 'before',
            setup: { shaft_lean_deg: 12 },
            motion: {},
            measured: {},
            confidence: null,
            balls: [{ id: '02', seen: { strike: 'heavy' } }],
        },
    ],
};
const look = (setup: Record<string, number | null>): LessonAction => ({
    kind: 'look',
    lessonId: 'L',
    setId: 'A',
    purpose: 'before',
    setup,
    motion: {},
});
const ball = (ballId: string, strike: BallSeen['strike']): LessonAction => ({
    kind: 'ball',
    lessonId: 'L',
    setId: 'A',
    ballId,
    seen: { strike },
    hitAt: '2026-11-24T10:05:00Z',
});
const setA = (from: Lesson) => from.sets.find((set) => set.id === 'A');

describe('a lesson with one action more', () => {
    it('merges looks key by key and takes one back with null', () => {
        const after = apply(apply(lesson, look({ lead_weight_pct: 60 })), look({ shaft_lean_deg: null }));
        expect(setA(after)?.setup).toEqual({ lead_weight_pct: 60 });
    });

    it('holds a ball once however often it comes, in the order of the ids', () => {
        const after = [ball('03', 'thin'), ball('01', 'clean'), ball('03', 'clean')].reduce(apply, lesson);
        expect(setA(after)?.balls).toEqual([
            { id: '01', seen: { strike: 'clean' } },
            { id: '02', seen: { strike: 'heavy' } },
            { id: '03', seen: { strike: 'clean' } },
        ]);
    });

    it('takes a ball out and can do so twice', () => {
        const out: LessonAction = { kind: 'remove-ball', lessonId: 'L', setId: 'A', ballId: '02' };
        expect(setA(apply(apply(lesson, out), out))?.balls).toEqual([]);
    });

    it('begins a set with the first look into it', () => {
        const after = apply(lesson, {
            kind: 'look',
            lessonId: 'L',
            setId: 'B',
            purpose: 'after',
            setup: { face_open_deg: 5 },
            motion: { release: 'matched' },
        });
        expect(after.sets[1]).toEqual({
            id: 'B',
            purpose: 'after',
            setup: { face_open_deg: 5 },
            motion: { release: 'matched' },
            measured: {},
            confidence: null,
            balls: [],
        });
    });

    it('keeps how a figure was got, until it is looked at by eye', () => {
        const measured = apply(lesson, { ...look({ shaft_lean_deg: 5 }), measured: { shaft_lean_deg: 1.2 } } as LessonAction);
        expect(measured.sets[0]?.measured).toEqual({ shaft_lean_deg: 1.2 });
        expect(apply(measured, look({ face_open_deg: 5 })).sets[0]?.measured).toEqual({ shaft_lean_deg: 1.2 });
        expect(apply(measured, look({ shaft_lean_deg: 8 })).sets[0]?.measured).toEqual({});
    });

    it('keeps how sure the student was until it is asked again or taken back', () => {
        const sure = (confidence: number | null): LessonAction => ({
            kind: 'look',
            lessonId: 'L',
            setId: 'A',
            purpose: 'before',
            setup: {},
            motion: {},
            confidence,
        });
        const asked = apply(lesson, sure(8));
        expect(setA(apply(asked, look({ shaft_lean_deg: 3 })))?.confidence).toBe(8);
        expect(setA(apply(asked, sure(null)))?.confidence).toBeNull();
        expect(requestOf(sure(null)).body).toMatchObject({ confidence: null });
        expect(JSON.stringify(requestOf(look({})).body)).not.toContain('confidence');
    });

    it('has what stood there before when a prescription is taken back', () => {
        const given: LessonAction = {
            kind: 'take-back',
            lessonId: 'L',
            given: { cause: 'scoop', feel: 'Quiet hands.', drills: ['lead_leg'] },
            before: null,
        };
        expect(apply(lesson, given).prescription).toBeNull();
        expect(requestOf(given)).toEqual({ method: 'DELETE', path: 'lessons/L/prescription', body: given.given });
    });

    it('leaves the lesson it was given alone', () => {
        const before = structuredClone(lesson);
        apply(lesson, ball('09', 'thin'));
        apply(lesson, look({ shaft_lean_deg: 3 }));
        expect(lesson).toEqual(before);
    });

    it('ends where it began when undone in turn', () => {
        const there = apply(lesson, look({ shaft_lean_deg: 3, ball_position_pct: 50 }));
        expect(apply(there, look({ shaft_lean_deg: 12, ball_position_pct: null }))).toEqual(lesson);
    });
});

describe('a page with an action that was stored', () => {
    const page: LessonPage = {
        lesson,
        student: student(),
        readings: {},
        balls_wanted: {},
    };
    const reading = { advice: 'new' } as Reading;

    it('takes over the reading of that set alone', () => {
        const old = { advice: 'old' } as Reading;
        const next = stored({ ...page, readings: { A: old, B: old } }, ball('03', 'thin'), { set_id: 'A', reading });
        expect(next.readings).toEqual({ A: reading, B: old });
        expect(next.lesson.sets[0]?.balls).toHaveLength(2);
    });

    it('takes the prescription as the server worded it', () => {
        const given = {
            cause: 'scoop',
            school: 'neutral_shaft',
            content: { cause_name: 'Scooping', setup: [], feel: 'Quiet.', drills: [], stop: null, measure: null },
        };
        const action: LessonAction = {
            kind: 'prescribe',
            lessonId: 'L',
            setId: 'A',
            cause: { id: 'scoop', name: '?' },
            school: '?',
            setup: [],
            goals: {},
            sentence: '',
            feel: '?',
            drills: [],
        };
        expect(stored(page, action, { prescription: given }).lesson.prescription).toEqual(given);
    });
});

describe('the request of an action', () => {
    it('is one that can be sent twice: the ids are in its address', () => {
        const actions: Action[] = [
            ball('03', 'thin'),
            look({ shaft_lean_deg: 3 }),
            { kind: 'remove-ball', lessonId: 'L', setId: 'A', ballId: '02' },
        ];
        expect(actions.map(requestOf).map(({ method, path }) => `${method} ${path}`)).toEqual([
            'PUT lessons/L/sets/A/balls/03',
            'PUT lessons/L/sets/A',
            'DELETE lessons/L/sets/A/balls/02',
        ]);
    });

    it('sends a result to where it was counted, on either side', () => {
        const goal = { kind: 'count' as const, need: 7, of: 10, sets: 1, balls: 10, minutes: 5, text: '', rungs: 4, moves: [] };
        const run = {
            drill: 'lead_leg',
            goal,
            attempts: [true],
            done_at: '2026-11-24T10:00:00Z',
            session: null,
            confidence: null,
            note: '',
        };
        expect(requestOf({ kind: 'result', lessonId: null, path: 'shared/token', resultId: 'R', run })).toEqual({
            method: 'PUT',
            path: 'shared/token/results/R',
            body: run,
        });
    });
});

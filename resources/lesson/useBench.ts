import { useTranslation } from 'react-i18next';
import { useMemo } from 'react';
import { nowIso } from '../api/clock';
import { useCoach, useLesson } from '../ask/queries';
import type { Ball, BallSeen, BallSet, Lesson, Measured, Observable, Observed, Purpose, Task } from '../api/types.gen';
import { isHere, useHere } from '../core/here';
import { useReadingsHere } from '../core/useReadingsHere';
import { apply, type Action } from '../outbox/actions';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { notify } from '../ui/notices';
import { useNextId } from './useNextId';
import { useSteps } from './useSteps';

/** What was seen, and of what was measured half of the interval. */
export interface Seen {
    setup: Observed;
    motion: Observed;
    measured: Measured;
}

const halvesOf = (set: BallSet, keys: string[]): Measured =>
    Object.fromEntries(Object.entries(set.measured ?? {}).filter(([key]) => keys.includes(key)));

const setIds = (lesson: Lesson | undefined) => lesson?.sets.map((set) => set.id) ?? [];

/** The lesson as it looks with what is still waiting on this device, and all a coach can do in it. */
export function useBench(lessonId: string) {
    const { t } = useTranslation();
    const outbox = useOutboxOfApp();
    const { entries, trouble, deviceFull, notices } = useOutbox(outbox);
    const query = useLesson(lessonId, entries.length === 0);

    const mine = useMemo(() => entries.filter((entry) => entry.action.lessonId === lessonId), [entries, lessonId]);
    const lesson = useMemo<Lesson | undefined>(
        () => query.data && mine.reduce((so, entry) => (entry.action.lessonId === null ? so : apply(so, entry.action)), query.data.lesson),
        [query.data, mine],
    );
    const { data: coach } = useCoach();
    useHere(isHere());
    const readHere = useReadingsHere({
        lesson,
        student: query.data?.student,
        coach,
        unread: trouble?.status === 0 ? mine.flatMap(({ action }) => ('setId' in action ? [action.setId] : setIds(lesson))) : [],
    });
    const refused = mine.filter((entry) => entry.state === 'refused');
    const nextId = useNextId(lesson);
    const { act, ...steps } = useSteps(outbox);

    const see = (set: BallSet, what: Observable, value: number | string | null) => {
        const key = `${what.group}.${what.id}`;
        for (const entry of refused) if (entry.faults?.some((fault) => fault.key === key)) void outbox.drop(entry.id);
        const look = (seen: number | string | null, measured: Measured = {}): Action => ({
            kind: 'look',
            lessonId,
            setId: set.id,
            purpose: set.purpose,
            setup: what.group === 'setup' ? { [what.id]: seen } : {},
            motion: what.group === 'motion' ? { [what.id]: seen } : {},
            measured,
        });
        act(look(value), look(set[what.group][what.id] ?? null, halvesOf(set, [what.id])));
    };

    /** Takes over a whole set-up seen before, or what was measured; one undo takes it back. */
    const takeOver = (set: BallSet, from: Seen) => {
        const look = (seen: Seen): Action => ({ kind: 'look', lessonId, setId: set.id, purpose: set.purpose, ...seen });
        const was = (group: 'setup' | 'motion') =>
            Object.fromEntries(Object.keys(from[group]).map((key) => [key, set[group][key] ?? null]));
        act(
            look(from),
            look({
                setup: was('setup'),
                motion: was('motion'),
                measured: halvesOf(set, [...Object.keys(from.setup), ...Object.keys(from.motion)]),
            }),
        );
    };

    const sure = (set: BallSet, confidence: number | null) => {
        const look = (value: number | null): Action => ({
            kind: 'look',
            lessonId,
            setId: set.id,
            purpose: set.purpose,
            setup: {},
            motion: {},
            confidence: value,
        });
        act(look(confidence), look(set.confidence));
    };

    /** What the coach thinks before he sees the reading; the first answer stays. */
    const think = (set: BallSet, thought: string) => {
        void outbox.add({ kind: 'look', lessonId, setId: set.id, purpose: set.purpose, setup: {}, motion: {}, thought });
    };

    /** @param fed a ball that a device has told of: it keeps its id and its moment */
    const addBall = (set: BallSet, seen: BallSeen, fed?: { id: string; hitAt: string }) => {
        const ballId = fed?.id ?? nextId();
        act(
            { kind: 'ball', lessonId, setId: set.id, ballId, seen, hitAt: fed?.hitAt ?? nowIso() },
            { kind: 'remove-ball', lessonId, setId: set.id, ballId },
        );
    };

    const again = (set: BallSet, ball: Ball): Action => ({
        kind: 'ball',
        lessonId,
        setId: set.id,
        ballId: ball.id,
        seen: ball.seen,
        hitAt: nowIso(),
    });

    const correctBall = (set: BallSet, ball: Ball, seen: BallSeen) => {
        act(again(set, { ...ball, seen }), again(set, ball));
    };

    const removeBall = (set: BallSet, ball: Ball) => {
        act({ kind: 'remove-ball', lessonId, setId: set.id, ballId: ball.id }, again(set, ball));
    };

    /** Nothing was looked at in it yet: what was seen before stands, as the reading tells. */
    const beginSet = (purpose: Purpose): string => {
        const setId = nextId();
        void outbox.add({ kind: 'look', lessonId, setId, purpose, setup: {}, motion: {}, measured: {} });
        return setId;
    };

    const saveLesson = (task: Task, closedAt: string | null) => {
        if (lesson === undefined) return;
        for (const entry of refused) if (entry.action.kind === 'lesson') void outbox.drop(entry.id);
        void outbox.add({
            kind: 'lesson',
            lessonId,
            studentId: lesson.student_id,
            task,
            beganAt: lesson.began_at,
            closedAt,
            base: { task: lesson.task, began_at: lesson.began_at, closed_at: lesson.closed_at },
        });
    };

    /** Hands out; one undo takes it back. */
    const prescribe = (given: Extract<Action, { kind: 'prescribe' }>) => {
        const takeBack: Action = {
            kind: 'take-back',
            lessonId,
            given: { cause: given.cause.id, feel: given.feel, drills: given.drills.map((drill) => drill.id) },
            before: lesson?.prescription ?? null,
        };
        act(given, takeBack);
        notify(t('Handed out: {{name}}.', { name: given.cause.name }), () => outbox.add(takeBack));
    };

    return {
        query,
        lesson,
        student: query.data?.student,
        readings: { ...query.data?.readings, ...readHere },
        wanted: query.data?.balls_wanted ?? {},
        waiting: mine.length - refused.length,
        refused,
        trouble,
        deviceFull,
        ...steps,
        see,
        takeOver,
        sure,
        think,
        addBall,
        correctBall,
        removeBall,
        beginSet,
        saveLesson,
        prescribe,
        notices,
        understood: () => {
            outbox.understood();
        },
        drop: (id: number) => void outbox.drop(id),
        again: (id: number) => void outbox.again(id),
    };
}

export type Bench = ReturnType<typeof useBench>;

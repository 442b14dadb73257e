import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { ask } from '../ask/queries';
import { useDraft } from '../ui/useDraft';
import type { Film, Frame } from './film';
import { FILM_STEPS, nextOf, questionOf, traceOf, type Mark, type Marks, type Px, type Target, type Traced } from './marks';
import { expected, suggest } from './suggest';
import { useFrames } from './useFrames';

/** Fewer frames tell no arc. */
const LEAST = 5;

/** Where the clubhead was marked last, and what the frame showed there. */
interface Last {
    image: CanvasImageSource;
    at: Px;
}

/** What was marked in a film, what is asked for next, and what comes out of it. */
export function useTracing(film: Film, first: Target, draft: string) {
    const frames = useFrames(film);
    const { frame } = frames;
    const [{ marks, traced }, keep, done] = useDraft<{ marks: Marks; traced: Traced[] }>(draft, { marks: {}, traced: [] });
    const setMarks = (next: Marks) => {
        keep({ marks: next, traced });
    };
    const setTraced = (next: Traced[]) => {
        keep({ marks, traced: next });
    };
    const [skipped, setSkipped] = useState<Mark[]>([]);
    const [last, setLast] = useState<Last>();
    const [shaftToo, setShaftToo] = useState(false);
    const [target, setTarget] = useState(first);
    const [filmedAt, setFilmedAt] = useState(Math.round(film.fps));
    const size: Px = [film.width, film.height];
    const next = nextOf(FILM_STEPS, marks, skipped);
    const here = traced.find((one) => one.n === frame?.n);
    const wantsShaft = shaftToo && here !== undefined && here.grip === undefined;
    const offered = useMemo(
        () => (next === undefined && here === undefined ? offer(frame, traced, last) : null),
        [next, here, frame, traced, last],
    );

    const atAddress = useQuery({
        ...ask.measured(questionOf(marks, target, size)),
        enabled: marks.head !== undefined && marks.grip !== undefined,
    });
    const lean = atAddress.data?.shaft_lean_deg ?? null;
    const question = traceOf(marks, traced, target, size, filmedAt, lean?.value);
    const enough = question !== null && traced.length >= LEAST;
    const answer = useQuery({ ...ask.traced(question), enabled: enough });

    const place = (at: Px) => {
        if (frame === undefined) return;
        if (next !== undefined) {
            setMarks({ ...marks, [next]: at });
            return;
        }
        if (wantsShaft) setTraced(traced.map((one) => (one === here ? { ...one, grip: at } : one)));
        else {
            setTraced([...traced.filter((one) => one !== here), { ...here, n: frame.n, time: frame.time, head: at }]);
            setLast({ image: frame.image, at });
        }
        if (wantsShaft || !shaftToo) void frames.by(1);
    };
    const undo = () => {
        const gone = traced.at(-1);
        if (gone === undefined) {
            const id = FILM_STEPS.filter((one) => marks[one.id] !== undefined).at(-1)?.id;
            setMarks(Object.fromEntries(Object.entries(marks).filter(([one]) => one !== id)));
        } else {
            setTraced(traced.slice(0, -1));
            void frames.to(gone.time);
        }
        setSkipped([]);
    };
    return {
        ...frames,
        marks,
        traced,
        next,
        wantsShaft,
        offered,
        shaftToo,
        target,
        filmedAt,
        lean,
        trace: enough ? answer.data?.trace : undefined,
        arc: enough ? answer.data?.arc : undefined,
        warnings: (enough ? answer.data?.trace.warnings : undefined) ?? atAddress.data?.warnings ?? [],
        fresh: !answer.isPlaceholderData && !atAddress.isPlaceholderData,
        problem: (enough ? answer.error?.message : undefined) ?? '',
        nothing: traced.length === 0 && Object.keys(marks).length === 0,
        place,
        undo,
        /** Takes what is offered: never by itself. */
        take: () => {
            if (offered !== null) place(offered);
        },
        /** The clubhead of this frame, by so many px. */
        nudge: (x: number, y: number) => {
            if (here !== undefined)
                setTraced(traced.map((one) => (one === here ? { ...one, head: [one.head[0] + x, one.head[1] + y] } : one)));
        },
        marked: here !== undefined,
        done,
        move: (id: Mark, at: Px) => {
            setMarks({ ...marks, [id]: at });
        },
        skip: () => {
            if (next !== undefined) setSkipped([...skipped, next]);
        },
        setShaftToo,
        setTarget,
        setFilmedAt,
    };
}

export type TracingState = ReturnType<typeof useTracing>;

/** Where the clubhead would be in a frame in which it is not marked. */
function offer(frame: Frame | undefined, traced: Traced[], last: Last | undefined): Px | null {
    if (frame === undefined) return null;
    const at = expected(
        traced.map((one) => ({ n: one.n, at: one.head })),
        frame.n,
    );
    return at === null || last === undefined ? at : suggest(last, frame.image, at);
}

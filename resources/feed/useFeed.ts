import { useQuery } from '@tanstack/react-query';
import { ask } from '../ask/queries';
import type { BallSeen, BallSet, Catalogue, Lesson } from '../api/types.gen';

/** Where a ball is entered; one that a device has told has an id and a time already. */
type AddBall = (set: BallSet, seen: BallSeen, fed?: { id: string; hitAt: string }) => void;

/** Balls of a measuring device that wait in this set for their strike; the next strike that is pressed is of the first of them. */
export function useFeed(lesson: Lesson, set: BallSet, catalogue: Catalogue, bench: { addBall: AddBall }) {
    const feed = useQuery(ask.feed(lesson.id));
    const struck = new Set(lesson.sets.flatMap((one) => one.balls.map((ball) => ball.id)));
    const waiting = (feed.data?.waiting ?? []).filter((ball) => ball.set_id === set.id && !struck.has(ball.id));
    const next = waiting[0];
    const addBall: AddBall = (to, seen) => {
        if (next === undefined) {
            bench.addBall(to, seen);
            return;
        }
        const measured = Object.fromEntries(Object.entries(next.figures).filter(([key]) => key in catalogue.ball)) as BallSeen;
        bench.addBall(to, { ...measured, ...seen }, { id: next.id, hitAt: next.hit_at });
    };
    return { devices: feed.data?.devices ?? [], waiting, more: feed.data?.more ?? 0, next, addBall };
}

export type Feed = ReturnType<typeof useFeed>;

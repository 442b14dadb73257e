import { useRef } from 'react';
import { decodeTime, ulid } from 'ulid';
import { now } from '../api/clock';
import type { Lesson } from '../api/types.gen';

/** Ids carry the order of sets and balls: two in one millisecond must still rise, and so must one after the clock was set back. */
export function useNextId(lesson: Lesson | undefined): () => string {
    const lastTime = useRef(0);
    return () => {
        const known = lesson?.sets.flatMap((set) => [set.id, ...set.balls.map((ball) => ball.id)]) ?? [];
        const latest = known.reduce((so, id) => Math.max(so, decodeTime(id.toUpperCase())), 0);
        lastTime.current = Math.max(now(), lastTime.current + 1, latest + 1);
        return ulid(lastTime.current);
    };
}

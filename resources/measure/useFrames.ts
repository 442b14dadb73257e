import { useEffect, useRef, useState } from 'react';
import type { Film, Frame } from './film';

/** The frame of a film that is on the screen, and how to go to others. One step after the other, however fast they are asked for. */
export function useFrames(film: Film) {
    const [frame, setFrame] = useState<Frame>();
    const shown = useRef<Frame>(undefined);
    const queue = useRef<Promise<unknown>>(Promise.resolve());
    const go = (step: (from: Frame | undefined) => Promise<Frame | null>): Promise<void> => {
        const next = queue.current.then(async () => {
            const found = await step(shown.current).catch(() => null);
            if (found !== null) {
                shown.current = found;
                setFrame(found);
            }
        });
        queue.current = next;
        return next;
    };
    useEffect(() => {
        void go(() => film.at(0));
    }, [film]);
    const by = async (steps: number) => {
        for (let i = 0; i < Math.abs(steps); i++)
            await go((from) => (from === undefined ? film.at(0) : steps > 0 ? film.after(from) : film.before(from)));
    };
    return {
        frame,
        to: (time: number) => go(() => film.at(time)),
        by,
    };
}

import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router-dom';
import type { BallSet, Purpose } from '../api/types.gen';
import type { Bench } from './useBench';

/** @property begun of a set that is on its way to the screen: what is entered meanwhile belongs to it */
type View = { set: string; begun?: Purpose } | 'side-by-side';

/** A set that was begun is on the screen by then, or will not come. */
const UNDER_WAY_MS = 5000;

const onItsWay = (id: string, purpose: Purpose | undefined): BallSet | undefined =>
    purpose && { id, purpose, setup: {}, motion: {}, measured: {}, confidence: null, balls: [] };

/** Which set of the lesson is on the screen, and how the next one begins. */
export function useSets(bench: Bench) {
    const [asked] = useSearchParams();
    const [view, setView] = useState<View | null>(() => (asked.has('set') ? { set: asked.get('set') ?? '' } : null));
    const begun = useRef({ id: '', at: 0 });
    const all = bench.lesson?.sets ?? [];
    // In a lesson that is over, a set that was begun and never hit is not shown.
    const sets = bench.lesson?.closed_at == null ? all : all.filter((one, place) => place === 0 || one.balls.length > 0);
    const sideBySide = view === 'side-by-side';
    const shown = view === null || sideBySide ? undefined : view;
    const set: BallSet | undefined =
        sets.find((one) => one.id === shown?.set) ?? (shown && onItsWay(shown.set, shown.begun)) ?? sets.at(-1);

    /** After the change first, then retests. */
    const next: Purpose = sets.some((one) => one.purpose === 'after') ? 'retest' : 'after';

    const begin = () => {
        // The one begun a moment ago is still on its way to the screen.
        if (Date.now() - begun.current.at < UNDER_WAY_MS && !sets.some((one) => one.id === begun.current.id)) return;
        // A double tap, or a set begun and not used: that one serves.
        const last = sets.at(-1);
        if (last !== undefined && last.purpose !== 'before' && last.balls.length === 0) {
            setView({ set: last.id });
            return;
        }
        begun.current = { id: bench.beginSet(next), at: Date.now() };
        setView({ set: begun.current.id, begun: next });
    };

    return {
        sets,
        set,
        sideBySide,
        /** The ball that was asked for with the set; 0 = none. */
        ball: set !== undefined && asked.get('set') === set.id ? Number(asked.get('ball')) : 0,
        show: (id: string) => {
            setView({ set: id });
        },
        showAll: () => {
            setView('side-by-side');
        },
        /** What the next set is for. */
        next,
        begin,
    };
}

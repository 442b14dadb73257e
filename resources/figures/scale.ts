import { useSyncExternalStore } from 'react';
import type { Handed } from '../api/types.gen';

/** Figures are drawn in mm, target to the right; for a left-hander to the left. */
export const mirror = (handed: Handed) => (handed === 'left' ? -1 : 1);

export const points = (list: readonly (readonly [number, number])[]) => list.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

/** The strip's view: sky over the ground and soil under it, mm. One scale in both directions. */
export const STRIP = { skyMm: 72, soilMm: 112, rulerMm: 20 };

const WIDE_HALF_MM = 222;
const NARROW_HALF_MM = 180;
const NARROW = '(max-width: 640px)';

/** Half the width of ground in view: a phone shows less of it, so that what it shows can be read. */
export function useHalfMm(): number {
    const narrow = useSyncExternalStore(
        (changed) => {
            const query = window.matchMedia(NARROW);
            query.addEventListener('change', changed);
            return () => {
                query.removeEventListener('change', changed);
            };
        },
        () => window.matchMedia(NARROW).matches,
    );
    return narrow ? NARROW_HALF_MM : WIDE_HALF_MM;
}

export const BALL_RADIUS_MM = 21.335;

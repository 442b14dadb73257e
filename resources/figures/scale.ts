import type { Handed } from '../api/types';

/** Figures are drawn in mm, target to the right; for a left-hander to the left. */
export const mirror = (handed: Handed) => (handed === 'left' ? -1 : 1);

export const points = (list: readonly (readonly [number, number])[]) => list.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

import type { Px } from './marks';

/** A mark in one frame: where the clubhead was. */
export interface Marked {
    n: number;
    at: Px;
}

/** Half of the patch that is looked for, and how far around the expected place, px. */
const PATCH = 14;
const REACH = 16;

/** Where the clubhead would be next, by the course of the nearest three marks. */
export function expected(marked: Marked[], n: number): Px | null {
    const near = [...marked].sort((a, b) => Math.abs(a.n - n) - Math.abs(b.n - n)).slice(0, 3);
    if (near.length < 2) return null;
    // Lagrange: the one parabola, or line, through them.
    const along = (axis: 0 | 1) =>
        near.reduce(
            (sum, one) =>
                sum +
                one.at[axis] * near.reduce((weight, other) => (other === one ? weight : (weight * (n - other.n)) / (one.n - other.n)), 1),
            0,
        );
    return [along(0), along(1)];
}

interface Grey {
    width: number;
    height: number;
    data: Uint8ClampedArray;
}

/** The part of a picture around a place, in grey. */
function greyAround(image: CanvasImageSource, [x, y]: Px, half: number): Grey | null {
    const size = 2 * half + 1;
    const canvas = new OffscreenCanvas(size, size);
    const pen = canvas.getContext('2d', { willReadFrequently: true });
    if (pen === null) return null;
    pen.drawImage(image, Math.round(x) - half, Math.round(y) - half, size, size, 0, 0, size, size);
    const { data } = pen.getImageData(0, 0, size, size);
    const grey = new Uint8ClampedArray(size * size);
    for (let i = 0; i < grey.length; i++) grey[i] = ((data[4 * i] ?? 0) + (data[4 * i + 1] ?? 0) + (data[4 * i + 2] ?? 0)) / 3;
    return { width: size, height: size, data: grey };
}

/**
 * Where in $field the patch fits best: sum of absolute differences, tried everywhere, and the more doubted the farther from where the course
 * leads. From the middle of the field, px.
 */
export function bestFit(patch: Grey, field: Grey): Px {
    const room = (field.width - patch.width) / 2;
    let best: Px = [0, 0];
    let least = Infinity;
    for (let dy = -room; dy <= room; dy++)
        for (let dx = -room; dx <= room; dx++) {
            const doubt = 1 + (dx ** 2 + dy ** 2) / room ** 2;
            let sum = 0;
            for (let y = 0; y < patch.height && sum * doubt <= least; y++) {
                const row = (y + room + dy) * field.width + room + dx;
                for (let x = 0; x < patch.width; x++) sum += Math.abs((patch.data[y * patch.width + x] ?? 0) - (field.data[row + x] ?? 0));
            }
            // The expected place wins where nothing fits better.
            if (sum * doubt < least || (sum * doubt === least && Math.hypot(dx, dy) < Math.hypot(...best))) {
                least = sum * doubt;
                best = [dx, dy];
            }
        }
    return best;
}

/** The next clubhead: looked for around where the course leads, by what lay around the last mark. Only offered, never taken by itself. */
export function suggest(before: { image: CanvasImageSource; at: Px }, now: CanvasImageSource, at: Px): Px {
    const patch = greyAround(before.image, before.at, PATCH);
    const field = greyAround(now, at, PATCH + REACH);
    if (patch === null || field === null) return at;
    const [dx, dy] = bestFit(patch, field);
    const rest = (of: Px): Px => [of[0] - Math.round(of[0]), of[1] - Math.round(of[1])];
    return [Math.round(at[0]) + dx + rest(before.at)[0], Math.round(at[1]) + dy + rest(before.at)[1]];
}

import { useLayoutEffect, useRef } from 'react';
import type { Px } from './marks';

/** Wider ones are drawn smaller: no screen shows more. */
const WIDEST_PX = 2400;

interface Props {
    image: CanvasImageSource;
    width: number;
    height: number;
    name: string;
}

/** A picture, or one frame of a film. */
export function Canvas({ image, width, height, name }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null);
    const scale = Math.min(1, WIDEST_PX / width);
    useLayoutEffect(() => {
        canvas.current?.getContext('2d')?.drawImage(image, 0, 0, width * scale, height * scale);
    }, [image, width, height, scale]);
    return (
        <canvas ref={canvas} role="img" aria-label={name} width={width * scale} height={height * scale} className="block h-full w-full" />
    );
}

const LOUPE_PX = 132;

/** What lies under the finger, larger, in the corner away from it. $zoom: how many px of the screen one px of the picture takes. */
export function Loupe({ at, image, width, zoom }: { at: Px; image: CanvasImageSource; width: number; zoom: number }) {
    const canvas = useRef<HTMLCanvasElement>(null);
    useLayoutEffect(() => {
        const pen = canvas.current?.getContext('2d');
        if (!pen) return;
        const half = LOUPE_PX / 2 / zoom;
        pen.clearRect(0, 0, LOUPE_PX, LOUPE_PX);
        pen.drawImage(image, at[0] - half, at[1] - half, 2 * half, 2 * half, 0, 0, LOUPE_PX, LOUPE_PX);
    }, [at, image, zoom]);
    return (
        <div
            aria-hidden
            className={`pointer-events-none absolute top-2 z-10 border-2 border-ink bg-paper ${at[0] > width / 2 ? 'left-2' : 'right-2'}`}
        >
            <canvas ref={canvas} width={LOUPE_PX} height={LOUPE_PX} className="block" />
            <span className="absolute top-1/2 left-0 h-px w-full bg-rust" />
            <span className="absolute top-0 left-1/2 h-full w-px bg-rust" />
        </div>
    );
}

import { useRef, useState, type PointerEvent, type WheelEvent } from 'react';

interface View {
    scale: number;
    /** Of the left upper corner, as shares of what is seen. */
    x: number;
    y: number;
}

const MOST = 8;
const STEP = 1.5;
const WHOLE: View = { scale: 1, x: 0, y: 0 };

const within = (value: number, scale: number) => Math.min(0, Math.max(1 - scale, value));

/** A picture seen nearer: by wheel, by two fingers or by buttons; two fingers push it along. */
export function useZoom() {
    const [view, setView] = useState<View>(WHOLE);
    const fingers = useRef(new Map<number, { x: number; y: number }>());
    const apart = useRef<{ far: number; x: number; y: number }>(undefined);

    /** $x and $y stay where they are, as shares of what is seen. */
    const by = (factor: number, x = 0.5, y = 0.5, push = { x: 0, y: 0 }) => {
        setView((so) => {
            const scale = Math.min(MOST, Math.max(1, so.scale * factor));
            const grown = scale / so.scale;
            return { scale, x: within(x - (x - so.x) * grown + push.x, scale), y: within(y - (y - so.y) * grown + push.y, scale) };
        });
    };
    const share = (event: PointerEvent | WheelEvent) => {
        const box = event.currentTarget.getBoundingClientRect();
        return { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height };
    };
    const two = () => {
        const [a, b] = [...fingers.current.values()];
        return a && b && { far: Math.hypot(a.x - b.x, a.y - b.y), x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    };
    return {
        view,
        nearer: () => {
            by(STEP);
        },
        farther: () => {
            by(1 / STEP);
        },
        whole: () => {
            setView(WHOLE);
        },
        onWheel: (event: WheelEvent) => {
            const { x, y } = share(event);
            by(event.deltaY < 0 ? STEP : 1 / STEP, x, y);
        },
        /** True while two fingers are down: then nothing is marked. */
        fingersDown: (event: PointerEvent) => {
            fingers.current.set(event.pointerId, share(event));
            apart.current = two();
            return fingers.current.size > 1;
        },
        fingersMove: (event: PointerEvent) => {
            if (!fingers.current.has(event.pointerId)) return false;
            fingers.current.set(event.pointerId, share(event));
            const now = two();
            if (now === undefined || apart.current === undefined) return fingers.current.size > 1;
            by(now.far / Math.max(0.01, apart.current.far), now.x, now.y, { x: now.x - apart.current.x, y: now.y - apart.current.y });
            apart.current = now;
            return true;
        },
        fingersUp: (event: PointerEvent) => {
            const many = fingers.current.size > 1;
            fingers.current.delete(event.pointerId);
            apart.current = undefined;
            return many;
        },
    };
}

import { useCallback, useState } from 'react';

/** The width of an element on the screen, px, for a picture that is drawn as wide as it is shown: its words keep their size. */
export function useWidth(usual: number): [(element: HTMLElement | null) => (() => void) | undefined, number] {
    const [width, setWidth] = useState(usual);
    const measured = useCallback((element: HTMLElement | null) => {
        if (element === null || typeof ResizeObserver === 'undefined') return undefined;
        const observer = new ResizeObserver(([entry]) => {
            const now = Math.round(entry?.contentRect.width ?? 0);
            if (now > 0) setWidth(now);
        });
        observer.observe(element);
        return () => {
            observer.disconnect();
        };
    }, []);
    return [measured, width];
}

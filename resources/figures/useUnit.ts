import { useCallback } from 'react';

/** Tells the words of a figure how many of its units are a pixel, so that they stay as large when the picture shrinks. */
export function useUnit(viewWidth: number) {
    return useCallback(
        (figure: SVGSVGElement | null) => {
            if (figure === null || typeof ResizeObserver === 'undefined') return undefined;
            const observer = new ResizeObserver(([entry]) => {
                const width = entry?.contentRect.width ?? 0;
                if (width > 0) figure.style.setProperty('--unit', String(viewWidth / width));
            });
            observer.observe(figure);
            return () => {
                observer.disconnect();
            };
        },
        [viewWidth],
    );
}

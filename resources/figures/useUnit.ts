import { useCallback, useState } from 'react';

/**
 * How many of a figure's units are a pixel, also told to its words, so that they stay as large when the picture shrinks.
 *
 * @returns where the figure goes, and the unit: 1 until it is measured
 */
export function useUnit(viewWidth: number) {
    const [unit, setUnit] = useState(1);
    const measured = useCallback(
        (figure: SVGSVGElement | null) => {
            if (figure === null || typeof ResizeObserver === 'undefined') return undefined;
            const observer = new ResizeObserver(([entry]) => {
                const width = entry?.contentRect.width ?? 0;
                if (width === 0) return;
                figure.style.setProperty('--unit', String(viewWidth / width));
                setUnit(viewWidth / width);
            });
            observer.observe(figure);
            return () => {
                observer.disconnect();
            };
        },
        [viewWidth],
    );
    return [measured, unit] as const;
}

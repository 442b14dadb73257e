import { useTranslation } from 'react-i18next';
import { useId, useRef, useState, type ReactNode } from 'react';
import { useWidth } from '../figures/useWidth';
import { ChartTable } from './ChartTable';
import { TimePlot, type PlotProps } from './TimePlot';
import { standalone, take } from './take';
import { csv, rowsOf } from './timeline';

/** Drawn so wide until it was measured. */
const USUAL_PX = 720;

interface Props extends Omit<PlotProps, 'svg' | 'wide'> {
    /** What a value is, with its unit, for the head of the table. */
    value: string;
    /** What is chosen for this chart. */
    choice?: ReactNode;
}

/** A figure over the time in which all charts of the page stand, with its 90 % interval; as picture and as table, both to take along. */
export function TimeChart({ value, choice, ...plot }: Props) {
    const { t } = useTranslation();
    const { title, points, shown } = plot;
    const [listed, setListed] = useState(false);
    const svg = useRef<SVGSVGElement>(null);
    const [figure, wide] = useWidth(USUAL_PX);
    const id = useId();
    if (points.length === 0) return null;
    const button = 'min-h-11 underline';
    return (
        <figure ref={figure} aria-labelledby={id} className="border-t border-line pt-2 pb-1">
            <figcaption id={id} className="flex flex-wrap items-center gap-x-4">
                <span className="font-semibold">{title}</span>
                {choice}
                <span className="ml-auto flex gap-x-4">
                    <button
                        type="button"
                        className={button}
                        aria-expanded={listed}
                        onClick={() => {
                            setListed(!listed);
                        }}
                    >
                        {t('As a table')}
                    </button>
                    <button
                        type="button"
                        className={button}
                        onClick={() => {
                            take(`${title}.csv`, 'text/csv', csv(rowsOf(value, points)));
                        }}
                    >
                        {t('CSV')}
                    </button>
                    <button
                        type="button"
                        className={button}
                        onClick={() => {
                            if (svg.current !== null) take(`${title}.svg`, 'image/svg+xml', standalone(svg.current));
                        }}
                    >
                        {t('SVG')}
                    </button>
                </span>
            </figcaption>
            <TimePlot svg={svg} wide={wide} {...plot} />
            {listed && <ChartTable value={value} points={points} shown={shown} />}
        </figure>
    );
}

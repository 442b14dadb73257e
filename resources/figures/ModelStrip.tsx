import { useTranslation } from 'react-i18next';
import type { Handed, Model, Units } from '../api/types.gen';
import { GroundScene } from './GroundScene';
import { mirror, STRIP, useHalfMm } from './scale';
import { useUnit } from './useUnit';

const { skyMm, soilMm, rulerMm } = STRIP;
/** Only the upper soil matters here. */
const SHOWN_SOIL_MM = 40;

interface Props {
    title: string;
    model: Model;
    handed: Handed;
    units: Units;
    sand: boolean;
}

/** One swing of the model: arc, club and window, with the scatter of the low point under the ground. Not for tapping. */
export function ModelStrip({ title, model, handed, units, sand }: Props) {
    const { t } = useTranslation();
    const m = mirror(handed);
    const halfMm = useHalfMm();
    const [measured, unit] = useUnit(2 * halfMm);
    const { mean, sd } = model.low_point_mm;
    return (
        <svg
            ref={measured}
            viewBox={`${-halfMm} ${-skyMm} ${2 * halfMm} ${skyMm + soilMm + rulerMm}`}
            className="block w-full"
            role="img"
            aria-label={t('{{title}}: window {{window}} mm, low point {{at}} mm', {
                title,
                window: model.window_mm === null ? '–' : model.window_mm.map(Math.round).join(' … '),
                at: Math.round(mean),
            })}
        >
            <GroundScene
                m={m}
                halfMm={halfMm}
                unit={unit}
                units={units}
                sand={sand}
                model={model}
                window={model.window_mm && { mm: model.window_mm, of: t('good low points') }}
                lowPoint
                entryMm={null}
            />
            <path d={`M${m * (mean - sd)} ${SHOWN_SOIL_MM}H${m * (mean + sd)}`} className="stroke-slate" strokeWidth={4} />
            <path d={`M${m * (mean - 2 * sd)} ${SHOWN_SOIL_MM}H${m * (mean + 2 * sd)}`} className="stroke-slate" strokeWidth={1.4} />
            <text x={m * mean} y={SHOWN_SOIL_MM + 16} textAnchor="middle" className="in-figure fill-slate font-semibold">
                {t('two of three low points')}
            </text>
        </svg>
    );
}

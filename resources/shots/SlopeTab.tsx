import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useRef, type MouseEvent } from 'react';
import { useSearchParams } from 'react-router-dom';
import { observableOf } from '../api/catalogue';
import { ask } from '../ask/queries';
import { BALL_RADIUS_MM, mirror } from '../figures/scale';
import { Button } from '../ui/Button';
import { useDraft } from '../ui/useDraft';
import { place } from '../ui/units';
import { BrushAnswer } from './BrushAnswer';
import { NumberField } from './NumberField';
import { fieldOf, type OfShots } from './shots';

export interface Slope {
    slope_deg: number;
    stance_width_mm: number;
    ball_position_pct: number;
    brushes_mm: number[];
}

const HALF_MM = 260;
const SKY_MM = 120;
const SOIL_MM = 90;

/** Rehearse beside the ball, tap where the brush begins, put the ball where it begins to repeat. */
export function SlopeTab({ catalogue, units, student }: OfShots) {
    const { t } = useTranslation();
    const [asked] = useSearchParams();
    const { least, most, slope_deg: first } = catalogue.brush;
    const look = (id: string) => {
        const field = observableOf(catalogue, id);
        if (field === undefined) throw new Error(`The catalogue has no ${id}.`);
        return field;
    };
    // A lesson on a slope has a sheet of its own.
    const [slope, keep] = useDraft<Slope>(`slope ${student?.id ?? ''} ${asked.get('set') ?? ''}`, {
        slope_deg: Number(asked.get('slope') ?? first),
        stance_width_mm: Number(asked.get('stance') ?? look('stance_width_mm').usual),
        ball_position_pct: Number(asked.get('ball') ?? look('ball_position_pct').usual),
        brushes_mm: [],
    });
    const svg = useRef<SVGSVGElement>(null);
    const m = mirror(student?.handed ?? 'right');
    const enough = slope.brushes_mm.length >= least;
    const tilt = slope.slope_deg;
    const answer = useQuery(ask.brush(enough ? { ...slope, student_id: student?.id ?? null } : null));
    const add = (mm: number) => {
        keep({ ...slope, brushes_mm: [...slope.brushes_mm, Math.round(mm)].slice(-most) });
    };
    const tap = (event: MouseEvent) => {
        const matrix = svg.current?.querySelector('g')?.getScreenCTM();
        if (!matrix) return;
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
        add(m * point.x);
    };
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[1fr_20rem]">
            <div className="min-w-0 space-y-3">
                <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
                    <NumberField
                        field={fieldOf(catalogue.plan, 'slope_deg')}
                        value={slope.slope_deg}
                        units={units}
                        onNumber={(value) => {
                            keep({ ...slope, slope_deg: value });
                        }}
                    />
                    {(['stance_width_mm', 'ball_position_pct'] as const).map((id) => (
                        <NumberField
                            key={id}
                            field={look(id)}
                            value={slope[id]}
                            units={units}
                            onNumber={(value) => {
                                keep({ ...slope, [id]: value });
                            }}
                        />
                    ))}
                </div>
                <svg
                    ref={svg}
                    viewBox={`${-HALF_MM} ${-SKY_MM} ${2 * HALF_MM} ${SKY_MM + SOIL_MM}`}
                    className="block w-full cursor-crosshair"
                    role="application"
                    aria-label={t('Ground on the slope: tap where each practice brush begins')}
                    onClick={tap}
                >
                    <g transform={`rotate(${String(-m * tilt)})`}>
                        <rect x={-2 * HALF_MM} y={0} width={4 * HALF_MM} height={3 * SOIL_MM} className="fill-soil" />
                        <path d={`M${-2 * HALF_MM} 0H${2 * HALF_MM}`} className="stroke-ink" strokeWidth={1.5} />
                        <circle
                            cx={0}
                            cy={-BALL_RADIUS_MM}
                            r={BALL_RADIUS_MM}
                            className="fill-press stroke-ink"
                            strokeWidth={1.3}
                            strokeDasharray="4 3"
                        />
                        {slope.brushes_mm.map((mm, i) => (
                            <path
                                key={i}
                                d={`M${m * mm} ${5 + i * 13}h${m * 55}`}
                                className={mm < 0 ? 'stroke-rust' : 'stroke-slate'}
                                strokeWidth={7}
                            />
                        ))}
                        {enough && answer.data && <path d={`M${m * answer.data.mean_mm} -4l-6 -12h12z`} className="fill-marram" />}
                    </g>
                </svg>
                <div className="flex flex-wrap items-center gap-3">
                    <span>{t('{{n}} of {{most}} brushes', { n: slope.brushes_mm.length, most })}</span>
                    <Button
                        disabled={slope.brushes_mm.length === 0}
                        onClick={() => {
                            keep({ ...slope, brushes_mm: slope.brushes_mm.slice(0, -1) });
                        }}
                    >
                        {t('Take the last one back')}
                    </Button>
                    <Button
                        disabled={slope.brushes_mm.length === 0}
                        onClick={() => {
                            keep({ ...slope, brushes_mm: [] });
                        }}
                    >
                        {t('Begin anew')}
                    </Button>
                    <span className="text-soft">{slope.brushes_mm.map((mm) => place(mm, units)).join('; ')}</span>
                </div>
            </div>
            <BrushAnswer
                caution={catalogue.brush.caution}
                slope={enough ? slope : null}
                student={student}
                into={{ lesson: asked.get('lesson'), set: asked.get('set') }}
            />
        </div>
    );
}

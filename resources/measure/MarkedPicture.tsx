import { useRef, useState, type PointerEvent, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../ui/Button';
import { Canvas, Loupe } from './Canvas';
import type { Mark, Marks, Px, Step } from './marks';
import { LINES } from './still';
import { useZoom } from './useZoom';

export interface Shown {
    image: CanvasImageSource;
    width: number;
    height: number;
}

interface Props {
    shown: Shown;
    name: string;
    steps: readonly Step[];
    marks: Marks;
    /** A press places the next point; else it moves the one under the finger. */
    placing: boolean;
    onPlace: (at: Px) => void;
    onMove: (id: Mark, at: Px) => void;
    /** Drawn over the picture, in its px. $unit: as wide as a fine line. */
    over?: (unit: number) => ReactNode;
}

const STROKES: Record<string, string> = { ochre: 'stroke-ochre', marram: 'stroke-marram', slate: 'stroke-slate', rust: 'stroke-rust' };

/** A finger moves the mark that lies no further from it. */
const REACH_PX = 30;

function nearest(steps: readonly Step[], marks: Marks, [x, y]: Px, reach: number): Mark | undefined {
    const far = (id: Mark) => Math.hypot((marks[id]?.[0] ?? Infinity) - x, (marks[id]?.[1] ?? Infinity) - y);
    return steps
        .map(({ id }) => id)
        .filter((id) => far(id) <= reach)
        .sort((a, b) => far(a) - far(b))[0];
}

/** Under the finger the picture is seen so many times larger. */
const LOUPE = 3;

/** To a tenth of a pixel: no finger is finer, and a refusal shows figures that can be read. */
const inside = (px: number, most: number) => Math.round(10 * Math.max(0, Math.min(most, px))) / 10;

/** The picture with what was marked on it: a press places or moves, a loupe shows what lies under the finger, arrows nudge. */
export function MarkedPicture({ shown, name, steps, marks, placing, onPlace, onMove, over }: Props) {
    const { t } = useTranslation();
    const { width, height } = shown;
    const inner = useRef<HTMLDivElement>(null);
    const held = useRef<Mark | 'next' | undefined>(undefined);
    const [under, setUnder] = useState<{ at: Px; zoom: number }>();
    const zoom = useZoom();
    const { view } = zoom;
    const where = (event: PointerEvent) => {
        const box = inner.current?.getBoundingClientRect();
        if (box === undefined || box.width === 0) return undefined;
        const at: Px = [((event.clientX - box.left) / box.width) * width, ((event.clientY - box.top) / box.height) * height];
        return { at: [inside(at[0], width), inside(at[1], height)] as Px, zoom: box.width / width };
    };
    const letGo = () => {
        held.current = undefined;
        setUnder(undefined);
    };
    const unit = width / 900 / view.scale;
    return (
        <div>
            <div
                data-testid="picture"
                className="relative touch-none overflow-hidden border-[1.5px] border-ink select-none"
                style={{ aspectRatio: `${String(width)} / ${String(height)}`, cursor: 'crosshair' }}
                onWheel={zoom.onWheel}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    const to = where(event);
                    if (zoom.fingersDown(event) || to === undefined) {
                        letGo();
                        return;
                    }
                    setUnder(to);
                    held.current = placing ? 'next' : nearest(steps, marks, to.at, REACH_PX / to.zoom);
                }}
                onPointerMove={(event) => {
                    const to = where(event);
                    if (zoom.fingersMove(event) || under === undefined || to === undefined) return;
                    setUnder(to);
                    if (held.current !== undefined && held.current !== 'next') onMove(held.current, to.at);
                }}
                onPointerUp={(event) => {
                    const at = where(event)?.at;
                    if (!zoom.fingersUp(event) && at !== undefined && held.current !== undefined) {
                        if (held.current === 'next') onPlace(at);
                        else onMove(held.current, at);
                    }
                    letGo();
                }}
                onPointerCancel={(event) => {
                    zoom.fingersUp(event);
                    letGo();
                }}
            >
                <div
                    ref={inner}
                    className="absolute inset-0 origin-top-left"
                    style={{ transform: `translate(${String(100 * view.x)}%, ${String(100 * view.y)}%) scale(${String(view.scale)})` }}
                >
                    <Canvas {...shown} name={name} />
                    <svg
                        viewBox={`0 0 ${String(width)} ${String(height)}`}
                        className="pointer-events-none absolute inset-0 h-full w-full fill-none"
                        aria-hidden
                    >
                        <Lines marks={marks} unit={unit} height={height} />
                        {over?.(unit)}
                    </svg>
                    {steps.map(({ id, short }) => {
                        const at = marks[id];
                        return (
                            at && (
                                <Dot
                                    key={id}
                                    at={at}
                                    {...{ width, height }}
                                    small={1 / view.scale}
                                    name={t(short)}
                                    onMove={(to) => {
                                        onMove(id, to);
                                    }}
                                />
                            )
                        );
                    })}
                </div>
                {under && <Loupe at={under.at} zoom={under.zoom * LOUPE} image={shown.image} width={width} />}
            </div>
            <p className="mt-1 flex gap-1">
                <Button aria-label={t('Nearer')} onClick={zoom.nearer}>
                    +
                </Button>
                <Button aria-label={t('Farther')} disabled={view.scale === 1} onClick={zoom.farther}>
                    −
                </Button>
                <Button disabled={view.scale === 1} onClick={zoom.whole}>
                    {t('Whole picture')}
                </Button>
            </p>
        </div>
    );
}

/** What belongs together, and what is upright at the clubhead. */
function Lines({ marks, unit, height }: { marks: Marks; unit: number; height: number }) {
    return (
        <>
            {LINES.map(([a, b, colour]) => {
                const [from, to] = [marks[a], marks[b]];
                return (
                    from &&
                    to && <path key={a} d={`M${from.join(' ')}L${to.join(' ')}`} className={STROKES[colour]} strokeWidth={3 * unit} />
                );
            })}
            {marks.head && (
                <path
                    d={`M${marks.head.join(' ')}V${String(Math.max(0, marks.head[1] - height / 3))}`}
                    className="stroke-slate"
                    strokeWidth={2 * unit}
                    strokeDasharray={`${String(8 * unit)} ${String(6 * unit)}`}
                />
            )}
        </>
    );
}

interface DotProps {
    at: Px;
    width: number;
    height: number;
    small: number;
    name: string;
    onMove: (at: Px) => void;
}

const NUDGES: Record<string, Px> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** One mark, to be nudged by the arrow keys. */
function Dot({ at, width, height, small, name, onMove }: DotProps) {
    const { t } = useTranslation();
    return (
        <button
            type="button"
            aria-label={t('{{short}}: {{x}}, {{y}} px. Arrow keys nudge it.', {
                short: name,
                x: Math.round(at[0]),
                y: Math.round(at[1]),
            })}
            className="pointer-events-none absolute size-11"
            style={{
                left: `${String((100 * at[0]) / width)}%`,
                top: `${String((100 * at[1]) / height)}%`,
                transform: `translate(-50%, -50%) scale(${String(small)})`,
            }}
            onKeyDown={(event) => {
                const by = NUDGES[event.key];
                if (by === undefined) return;
                event.preventDefault();
                event.stopPropagation();
                const step = event.shiftKey ? 10 : 1;
                onMove([at[0] + step * by[0], at[1] + step * by[1]]);
            }}
        >
            <span className="mx-auto block size-3.5 rounded-full border-2 border-paper bg-ink" />
        </button>
    );
}

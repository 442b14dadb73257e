import { useTranslation } from 'react-i18next';
import { useRef, useState, type PointerEvent } from 'react';
import { STEPS, type Mark, type Marks, type Px } from './marks';
import type { Picture } from './usePicture';

interface Props {
    picture: Picture;
    marks: Marks;
    next: Mark | undefined;
    onPlace: (id: Mark, at: Px) => void;
}

const LINES: [Mark, Mark, string][] = [
    ['head', 'grip', 'stroke-ochre'],
    ['trail_heel', 'lead_heel', 'stroke-marram'],
    ['level_a', 'level_b', 'stroke-slate'],
    ['ball_a', 'ball_b', 'stroke-rust'],
];

/** A finger moves the mark that lies no further from it. */
const REACH_PX = 30;

function nearest(marks: Marks, [x, y]: Px, reach: number): Mark | undefined {
    const far = (id: Mark) => Math.hypot((marks[id]?.[0] ?? Infinity) - x, (marks[id]?.[1] ?? Infinity) - y);
    return STEPS.map(({ id }) => id)
        .filter((id) => far(id) <= reach)
        .sort((a, b) => far(a) - far(b))[0];
}

/** Under the finger the picture is seen so many times larger. */
const LOUPE = 3;
const LOUPE_PX = 132;
const STEP_PX = 1;

/**
 * The picture with what was marked on it. A press places the next point, then moves those there are; a loupe shows what lies under
 * the finger; arrows nudge.
 */
export function MarkedPicture({ picture, marks, next, onPlace }: Props) {
    const { t } = useTranslation();
    const { url, width, height } = picture;
    const frame = useRef<HTMLDivElement>(null);
    const held = useRef<Mark | undefined>(undefined);
    const [under, setUnder] = useState<{ at: Px; shown: number }>();
    const where = (event: PointerEvent) => {
        const box = frame.current?.getBoundingClientRect();
        if (box === undefined || box.width === 0) return undefined;
        const at: Px = [((event.clientX - box.left) / box.width) * width, ((event.clientY - box.top) / box.height) * height];
        return { at: [Math.max(0, Math.min(width, at[0])), Math.max(0, Math.min(height, at[1]))] as Px, shown: box.width / width };
    };
    const unit = width / 900;
    return (
        <div
            ref={frame}
            data-testid="picture"
            className="relative touch-none overflow-hidden border-[1.5px] border-ink select-none"
            style={{ aspectRatio: `${String(width)} / ${String(height)}`, cursor: 'crosshair' }}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                const to = where(event);
                setUnder(to);
                // With all of them marked, the one under the finger is moved.
                held.current = next ?? (to && nearest(marks, to.at, REACH_PX / to.shown));
            }}
            onPointerMove={(event) => {
                const to = where(event);
                if (under === undefined || to === undefined) return;
                setUnder(to);
                if (next === undefined && held.current !== undefined) onPlace(held.current, to.at);
            }}
            onPointerUp={(event) => {
                const at = where(event)?.at;
                setUnder(undefined);
                if (at !== undefined && held.current !== undefined) onPlace(held.current, at);
                held.current = undefined;
            }}
            onPointerCancel={() => {
                setUnder(undefined);
            }}
        >
            <img src={url} alt={t('To be marked')} className="block h-full w-full" draggable={false} />
            <svg
                viewBox={`0 0 ${String(width)} ${String(height)}`}
                className="pointer-events-none absolute inset-0 h-full w-full"
                aria-hidden
            >
                {LINES.map(([a, b, colour]) => {
                    const [from, to] = [marks[a], marks[b]];
                    return (
                        from &&
                        to && (
                            <path
                                key={a}
                                d={`M${String(from[0])} ${String(from[1])}L${String(to[0])} ${String(to[1])}`}
                                className={colour}
                                strokeWidth={3 * unit}
                            />
                        )
                    );
                })}
                {marks.head && (
                    <path
                        d={`M${String(marks.head[0])} ${String(marks.head[1])}V${String(Math.max(0, marks.head[1] - height / 3))}`}
                        className="stroke-slate"
                        strokeWidth={2 * unit}
                        strokeDasharray={`${String(8 * unit)} ${String(6 * unit)}`}
                    />
                )}
            </svg>
            {STEPS.map(({ id, short }) => {
                const at = marks[id];
                return (
                    at && (
                        <button
                            key={id}
                            type="button"
                            aria-label={t('{{short}}: {{at}}, {{at2}} px. Arrow keys nudge it.', {
                                short,
                                at: Math.round(at[0]),
                                at2: Math.round(at[1]),
                            })}
                            className="pointer-events-none absolute size-11 -translate-x-1/2 -translate-y-1/2"
                            style={{ left: `${String((100 * at[0]) / width)}%`, top: `${String((100 * at[1]) / height)}%` }}
                            onKeyDown={(event) => {
                                const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
                                if (by === undefined) return;
                                event.preventDefault();
                                const step = event.shiftKey ? 10 * STEP_PX : STEP_PX;
                                onPlace(id, [at[0] + step * (by[0] ?? 0), at[1] + step * (by[1] ?? 0)]);
                            }}
                        >
                            <span className="mx-auto block size-3.5 rounded-full border-2 border-paper bg-ink" />
                        </button>
                    )
                );
            })}
            {under && <Loupe {...under} picture={picture} />}
        </div>
    );
}

/** What lies under the finger, larger, in the corner away from it. */
function Loupe({ at, shown, picture }: { at: Px; shown: number; picture: Picture }) {
    const scale = LOUPE * shown;
    return (
        <div
            aria-hidden
            className={`pointer-events-none absolute top-2 overflow-hidden border-2 border-ink ${at[0] > picture.width / 2 ? 'left-2' : 'right-2'}`}
            style={{
                width: LOUPE_PX,
                height: LOUPE_PX,
                backgroundImage: `url(${picture.url})`,
                backgroundSize: `${String(picture.width * scale)}px ${String(picture.height * scale)}px`,
                backgroundPosition: `${String(LOUPE_PX / 2 - at[0] * scale)}px ${String(LOUPE_PX / 2 - at[1] * scale)}px`,
            }}
        >
            <span className="absolute top-1/2 left-0 h-px w-full bg-rust" />
            <span className="absolute top-0 left-1/2 h-full w-px bg-rust" />
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Field, Units } from '../api/types.gen';
import { observed } from '../ui/units';

interface Props {
    what: Field & { id: string };
    /** Null = not looked at: the handle stands at $ghost, drawn empty. */
    value: number | null;
    ghost: number;
    units: Units;
    /** One press of an arrow key; $keys says which of them makes it grow. */
    step: number;
    grows: 'ArrowRight' | 'ArrowLeft' | 'ArrowUp';
    /** Where the handle stands for a value, and which value a point of the drawing means. */
    at: (value: number) => readonly [number, number];
    fromPoint: (x: number, y: number) => number;
    onDraft: (value: number | null) => void;
    onSee: (value: number | null) => void;
    children?: ReactNode;
}

const TARGET = 24;
const SHRINKS = { ArrowRight: 'ArrowLeft', ArrowLeft: 'ArrowRight', ArrowUp: 'ArrowDown' };

/** A figure that is dragged in a drawing, or moved with the arrow keys; Delete makes it "not looked at" again. */
export function Handle({ what, value, ghost, units, step, grows, at, fromPoint, onDraft, onSee, children }: Props) {
    const { t } = useTranslation();
    const group = useRef<SVGGElement>(null);
    const [dragged, setDragged] = useState<number | null>(null);
    const fitting = (next: number) => Math.max(what.min, Math.min(what.max, Math.round(next / step) * step));
    const pointed = (event: PointerEvent) => {
        const svg = group.current?.ownerSVGElement;
        const matrix = svg?.getScreenCTM();
        if (!svg || !matrix) return null;
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
        return fitting(fromPoint(point.x, point.y));
    };
    const move = (event: PointerEvent) => {
        const next = pointed(event);
        setDragged(next);
        onDraft(next);
    };
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.key === 'Delete' || event.key === 'Backspace') onSee(null);
        else if (event.key === grows) onSee(fitting((value ?? ghost) + step));
        else if (event.key === SHRINKS[grows]) onSee(fitting((value ?? ghost) - step));
        else return;
        event.preventDefault();
        event.stopPropagation();
    };
    const [x, y] = at(dragged ?? value ?? ghost);
    return (
        <g
            ref={group}
            role="slider"
            tabIndex={0}
            data-handle={what.id}
            aria-label={what.label}
            aria-valuemin={what.min}
            aria-valuemax={what.max}
            aria-valuenow={value ?? ghost}
            aria-valuetext={value === null ? t('not looked at') : observed(what, value, units)}
            className="cursor-grab touch-none"
            onKeyDown={onKeyDown}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                move(event);
            }}
            onPointerMove={(event) => {
                if (dragged !== null) move(event);
            }}
            onPointerUp={() => {
                if (dragged !== null) onSee(dragged);
                setDragged(null);
                onDraft(null);
            }}
            onPointerCancel={() => {
                setDragged(null);
                onDraft(null);
            }}
        >
            <circle cx={x} cy={y} r={TARGET} className="fill-transparent" />
            {children ?? (
                <circle
                    cx={x}
                    cy={y}
                    r={6.5}
                    className={value === null && dragged === null ? 'fill-paper stroke-soft' : 'fill-ink stroke-ink'}
                    strokeWidth={1.5}
                    strokeDasharray={value === null && dragged === null ? '2 2' : undefined}
                />
            )}
        </g>
    );
}

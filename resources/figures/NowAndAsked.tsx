import { useTranslation } from 'react-i18next';
import type { Handed, View } from '../api/types.gen';
import { mirror } from './scale';

type Part = View['parts'][number];

const DRAWN: Record<Part['state'], { className: string; strokeWidth: number; strokeDasharray?: string }> = {
    now: { className: 'stroke-rust', strokeWidth: 2.4, strokeDasharray: '6 4' },
    asked: { className: 'stroke-marram', strokeWidth: 4.5 },
    same: { className: 'stroke-line', strokeWidth: 1.6 },
    ground: { className: 'stroke-ink', strokeWidth: 1.4 },
};
const HEAD_FILL: Record<Part['state'], string> = {
    now: 'fill-rust',
    asked: 'fill-marram',
    same: 'fill-line',
    ground: 'fill-ink',
};
/** Half a foot's width and length, and half the length of an arrow's head. */
const FOOT = [11, 24] as const;
const HEAD = 7;

/** What is asked beside what is there now: the pictures, and the same in words beneath each; beside each where there is little room. */
export function NowAndAsked({ views, handed, slim = false }: { views: View[]; handed: Handed; slim?: boolean }) {
    const { t } = useTranslation();
    return (
        <div className="space-y-3">
            {views.map((view) => (
                <figure
                    key={view.view + view.title}
                    className={slim ? 'm-0 grid grid-cols-[7.5rem_1fr] items-center gap-x-3 text-sm' : 'm-0'}
                >
                    <figcaption className={slim ? 'sr-only' : 'text-sm font-semibold'}>{view.title}</figcaption>
                    <Picture view={view} m={mirror(handed)} />
                    <ul className="mt-1 space-y-0.5 leading-snug">
                        {view.rows.map((row) => (
                            <li key={row.asked} className="flex flex-wrap items-baseline gap-x-3">
                                <span className="font-bold text-marram">
                                    <Sample state="asked" /> {t('asked: {{what}}', { what: row.asked })}
                                </span>
                                {row.now !== null && (
                                    <span className="text-rust">
                                        <Sample state="now" /> {t('now: {{what}}', { what: row.now })}
                                    </span>
                                )}
                            </li>
                        ))}
                    </ul>
                </figure>
            ))}
        </div>
    );
}

/** Which line is which. */
function Sample({ state }: { state: 'now' | 'asked' }) {
    return (
        <svg viewBox="0 0 26 8" className="inline-block h-2 w-[26px] align-middle" aria-hidden="true">
            <path d="M2 4H24" {...DRAWN[state]} />
        </svg>
    );
}

/** Its words stand beneath it. */
function Picture({ view, m }: { view: View; m: number }) {
    const [west, south, width, height] = view.box;
    return (
        <svg
            viewBox={[m > 0 ? west : -(west + width), -(south + height), width, height].join(' ')}
            className="block max-h-52 w-full max-w-md"
            aria-hidden="true"
            data-view={view.view}
        >
            {view.parts.map((part, place) => (
                <Drawn key={place} part={part} m={m} />
            ))}
        </svg>
    );
}

function Drawn({ part, m }: { part: Part; m: number }) {
    const at = part.points.map(([x, y]) => [m * x, -y] as const);
    const [x, y] = at[0] ?? [0, 0];
    const d = `M${at.map(([px, py]) => `${String(px)} ${String(py)}`).join('L')}`;
    const { className, ...stroke } = DRAWN[part.state];
    const line = { ...stroke, strokeLinecap: 'round', strokeLinejoin: 'round' } as const;
    switch (part.kind) {
        case 'area':
            return <path d={`${d}z`} className="fill-soil" />;
        case 'line':
            return <path d={d} className={`fill-none ${className}`} {...line} />;
        case 'circle':
            return <circle cx={x} cy={y} r={part.size} className={`fill-press ${className}`} {...line} />;
        case 'foot':
            return (
                <ellipse
                    cx={x}
                    cy={y}
                    rx={FOOT[0]}
                    ry={FOOT[1]}
                    transform={`rotate(${String(m * part.size)} ${String(x)} ${String(y)})`}
                    className={`fill-press ${className}`}
                    {...line}
                />
            );
        case 'arrow':
            return (
                <>
                    <path d={d} className={`fill-none ${className}`} {...line} />
                    <path d={arrowHead(at)} className={HEAD_FILL[part.state]} />
                </>
            );
    }
}

function arrowHead(at: (readonly [number, number])[]): string {
    const [fromX, fromY] = at[0] ?? [0, 0];
    const [x, y] = at[at.length - 1] ?? [0, 0];
    const way = Math.atan2(y - fromY, x - fromX);
    const corner = (turn: number) =>
        `${(x - 2 * HEAD * Math.cos(way + turn)).toFixed(1)} ${(y - 2 * HEAD * Math.sin(way + turn)).toFixed(1)}`;
    return `M${String(x)} ${String(y)}L${corner(0.42)}L${corner(-0.42)}z`;
}

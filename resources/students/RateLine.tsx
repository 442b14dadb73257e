import { useTranslation } from 'react-i18next';
const WIDE = 104;
const HIGH = 30;
const EDGE = 6;

/** The share of good ones at the end of the last lessons as a line, the last of them in words. */
export function RateLine({ rates }: { rates: [number, number][] }) {
    const { t } = useTranslation();
    const last = rates.at(-1);
    if (last === undefined) return null;
    const x = (i: number) => (rates.length === 1 ? WIDE - EDGE : EDGE + (i * (WIDE - 2 * EDGE)) / (rates.length - 1));
    const y = ([good, of]: [number, number]) => HIGH - EDGE - (good / of) * (HIGH - 2 * EDGE);
    const told = rates.map(([good, of]) => t('{{n}} of {{of}}', { n: good, of }));
    return (
        <span className="flex items-center gap-2 whitespace-nowrap">
            <svg
                width={WIDE}
                height={HIGH}
                role="img"
                aria-label={t('Good strikes at the end of the last lessons: {{rates}}', { rates: told.join(', ') })}
            >
                <line x1={0} x2={WIDE} y1={HIGH - EDGE} y2={HIGH - EDGE} className="stroke-line" strokeWidth={1} />
                <polyline
                    points={rates.map((one, i) => `${String(x(i))},${String(y(one))}`).join(' ')}
                    className="fill-none stroke-ink"
                    strokeWidth={1.5}
                />
                {rates.map((one, i) => (
                    <circle key={i} cx={x(i)} cy={y(one)} r={i === rates.length - 1 ? 4 : 2.5} className="fill-ink" />
                ))}
            </svg>
            <span aria-hidden>{told.at(-1)}</span>
        </span>
    );
}

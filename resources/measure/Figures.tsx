import { useTranslation } from 'react-i18next';
import { observableOf } from '../api/catalogue';
import type { BallSet, Catalogue, Observable, Units } from '../api/types.gen';
import type { Seen } from '../lesson/useBench';
import { Button } from '../ui/Button';
import { observed, off } from '../ui/units';

interface Estimated {
    value: number;
    low: number;
    high: number;
}

interface Figure {
    what: Observable;
    figure: Estimated;
}

/** Those that could be had, each with what it is. */
export const figuresOf = (catalogue: Catalogue, measured: (readonly [string, Estimated | null | undefined])[]): Figure[] =>
    measured.flatMap(([id, figure]) => {
        const what = observableOf(catalogue, id);
        return what === undefined || figure == null ? [] : [{ what, figure }];
    });

interface Props {
    set: BallSet;
    units: Units;
    figures: Figure[];
    warnings: { id: string; text: string }[];
    /** They are of the marks on the screen, not of those before. */
    fresh: boolean;
    problem: string;
    closed: boolean;
    onTake: (figures: Seen) => void;
}

const tenth = (value: number) => Math.round(value * 10) / 10;

const pick = (figures: Figure[], group: string) =>
    Object.fromEntries(figures.filter(({ what }) => what.group === group).map(({ what, figure }) => [what.id, tenth(figure.value)]));

/** What comes out, each with its interval, beside what was seen before. */
export function Figures({ set, units, figures, warnings, fresh, problem, closed, onTake }: Props) {
    const { t } = useTranslation();
    const before = (what: Observable) => {
        const value = set[what.group][what.id];
        if (value === undefined || value === null) return t('not yet');
        const half = set.measured?.[what.id];
        return `${observed(what, value, units)}${half == null ? '' : ` ${off(half, what.unit, units)}`}`;
    };
    return (
        <>
            {problem !== '' && (
                <p role="alert" className="border-l-[6px] border-ochre bg-ochre-wash p-3 break-words">
                    {problem}
                </p>
            )}
            <table className="w-full text-left">
                <thead>
                    <tr className="border-b-[1.5px] border-ink">
                        <th className="py-1 font-semibold">{t('Figure')}</th>
                        <th className="font-semibold">{t('Measured')}</th>
                        <th className="font-semibold">{t('Before')}</th>
                    </tr>
                </thead>
                <tbody>
                    {figures.map(({ what, figure }) => (
                        <tr key={what.id} className="border-b border-line">
                            <td className="py-2 pr-2">{what.label}</td>
                            <td>
                                <strong>{observed(what, figure.value, units)}</strong>{' '}
                                <span className="whitespace-nowrap">{off(figure.high - figure.value, what.unit, units)}</span>
                            </td>
                            <td>{before(what)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {figures.length === 0 && <p>{t('Figures come as soon as enough is marked.')}</p>}
            {warnings.map((warning) => (
                <p key={warning.id} className="border-l-[6px] border-ochre bg-ochre-wash px-3 py-1.5 leading-snug">
                    {warning.text}
                </p>
            ))}
            <Button
                main
                disabled={figures.length === 0 || !fresh || closed}
                onClick={() => {
                    onTake({
                        setup: pick(figures, 'setup'),
                        motion: pick(figures, 'motion'),
                        measured: Object.fromEntries(figures.map(({ what, figure }) => [what.id, tenth(figure.high - figure.value)])),
                    });
                }}
            >
                {t('Take these over')}
            </Button>
        </>
    );
}

import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import type { Catalogue, Handed, Progress, Units } from '../api/types.gen';
import { day } from '../ui/reader';
import { percent, shownFactor, shownUnit } from '../ui/units';
import { goodOf, meansOf, scattersOf, sureOf } from './course';
import { DrillChart } from './DrillChart';
import { River } from './River';
import { SetupChart } from './SetupChart';
import { TimeChart } from './TimeChart';
import { spanOf } from './timeline';

interface Props {
    progress: Progress;
    handed: Handed;
    catalogue: Catalogue;
    units: Units;
}

/** Every measure of the student over one line of time, and on it what was handed out when: cause and effect can be read. */
export function OverTime({ progress, handed, catalogue, units }: Props) {
    const { t } = useTranslation();
    const { course, given, results, practice } = progress;
    const times = [...course.map((one) => one.at), ...results.map((one) => one.at), ...practice.visits.map((one) => one.day)];
    if (times.length === 0) return <p>{t('Nothing to draw yet: hit balls in a lesson.')}</p>;
    const line = { span: spanOf(times), flags: given.map((one) => one.at).reverse() };
    const [ground, place] = [shownFactor('mm', units), shownUnit('mm', units)];
    const inUnit = (unit: string, signed?: [string, string]) => (value: number) => {
        const rounded = Math.round(Math.abs(value) * 10) / 10;
        const figure = `${String(rounded)} ${shownUnit(unit, units)}`;
        if (signed === undefined) return `${value < 0 ? '−' : ''}${figure}`;
        return rounded === 0 ? figure : `${figure} ${signed[value < 0 ? 0 : 1]}`;
    };
    return (
        <div>
            <River lessons={progress.lessons} work={progress.works[0]} {...{ catalogue, handed }} />
            {given.length > 0 && <Given given={given} />}
            <TimeChart
                {...line}
                title={t('Good strikes')}
                value={t('share')}
                shown={percent}
                ends={[0, 1]}
                points={goodOf(catalogue, course)}
            />
            <TimeChart
                {...line}
                title={t('First touch, on average')}
                value={t('first touch, {{unit}}, + is ahead', { unit: place })}
                shown={inUnit('mm', [t('behind'), t('ahead')])}
                points={meansOf(catalogue, course, (one) => one.touch, ground)}
            />
            <TimeChart
                {...line}
                title={t('Scatter of the first touch')}
                value={t('scatter, {{unit}}', { unit: place })}
                shown={inUnit('mm')}
                points={scattersOf(catalogue, course, ground)}
            />
            <TimeChart
                {...line}
                title={t('Low point, where lengths were drawn')}
                value={t('low point, {{unit}}, + is ahead', { unit: place })}
                shown={inUnit('mm', [t('behind'), t('ahead')])}
                points={meansOf(catalogue, course, (one) => one.low_point, ground)}
            />
            <TimeChart
                {...line}
                title={t('Carry of good strikes against what was asked')}
                value={t('carry error, {{unit}}, + is long', { unit: shownUnit('m', units) })}
                shown={inUnit('m', [t('short'), t('long')])}
                points={meansOf(catalogue, course, (one) => one.carry_error, shownFactor('m', units))}
            />
            <SetupChart {...{ course, catalogue, units }} {...line} />
            <DrillChart results={results} {...line} />
            <TimeChart
                {...line}
                title={t('Practice sessions')}
                value={t('session')}
                apart
                ends={[0, 1]}
                shown={(value) => (value === 1 ? t('done') : value === 0 ? t('missed') : '')}
                points={practice.visits.map((one) => ({
                    at: one.day,
                    label: t('planned session'),
                    value: one.done ? 1 : 0,
                    low: null,
                    high: null,
                    n: null,
                }))}
            />
            <TimeChart
                {...line}
                title={t('Confidence, asked before retests and after drills')}
                value={t('confidence, 1 to 10')}
                ends={[0, catalogue.most.sure]}
                shown={(value) => String(value)}
                points={sureOf(catalogue, course, results)}
            />
        </div>
    );
}

/** What was handed out when, numbered as the flags in the charts are. */
function Given({ given }: { given: Progress['given'] }) {
    const { t } = useTranslation();
    return (
        <ol className="mb-3 space-y-0.5" aria-label={t('What was handed out when')}>
            {[...given].reverse().map((one, i) => (
                <li key={one.lesson} className="flex gap-2">
                    <strong className="w-6 shrink-0 text-right">{i + 1}</strong>
                    <span>
                        <Link to={`/lessons/${one.lesson}`} className="underline">
                            {day(one.at)}
                        </Link>
                        : {one.cause}
                        {one.drills.length > 0 && `. ${one.drills.join(', ')}`}
                    </span>
                </li>
            ))}
        </ol>
    );
}

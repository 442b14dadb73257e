import { useState } from 'react';
import { Link } from 'react-router-dom';
import { observableOf, titleOf } from '../api/queries';
import type { Catalogue, CoursePoint, Estimate, Progress, Units } from '../api/types.gen';
import { day, observed, percent, shownFactor, shownUnit } from '../ui/units';
import { TimeChart } from './TimeChart';
import { spanOf, type Point } from './timeline';

interface Props {
    progress: Progress;
    catalogue: Catalogue;
    units: Units;
}

/** Every measure of the student over one line of time, and on it what was handed out when: cause and effect can be read. */
export function OverTime({ progress, catalogue, units }: Props) {
    const { course, given, results, practice } = progress;
    const measured = [...new Set(course.flatMap((one) => Object.keys(one.setup)))].filter(
        (id) => observableOf(catalogue, id) !== undefined,
    );
    const drills = [...new Map(results.map((one) => [one.drill, one.name])).entries()];
    const [looked, setLooked] = useState<string>();
    const [trained, setTrained] = useState<string>();
    const times = [...course.map((one) => one.at), ...results.map((one) => one.at), ...practice.visits.map((one) => one.day)];
    if (times.length === 0) return <p>Nothing to draw yet: hit balls in a lesson.</p>;
    const span = spanOf(times);
    const flags = given.map((one) => one.at).reverse();
    const at = (one: CoursePoint) => ({ at: one.at, label: titleOf(catalogue, one.purpose), to: `/lessons/${one.lesson}?set=${one.set}` });
    const onGround = (one: CoursePoint) => ({
        ...at(one),
        label: `${titleOf(catalogue, one.purpose)}${one.censored === undefined ? '' : `, ${String(one.censored)} more without ground contact`}`,
    });
    const ground = shownFactor('mm', units);
    const far = shownFactor('m', units);
    const inUnit = (unit: string, signed?: [string, string]) => (value: number) => {
        const rounded = Math.round(Math.abs(value) * 10) / 10;
        return `${signed === undefined && value < 0 ? '−' : ''}${String(rounded)} ${shownUnit(unit, units)}${signed === undefined || rounded === 0 ? '' : ` ${signed[value < 0 ? 0 : 1]}`}`;
    };
    const means = (of: (one: CoursePoint) => Estimate | undefined, factor: number): Point[] =>
        course.flatMap((one) => {
            const seen = of(one);
            return seen === undefined
                ? []
                : [
                      {
                          ...onGround(one),
                          value: seen.mean / factor,
                          low: seen.mean_interval === null ? null : seen.mean_interval[0] / factor,
                          high: seen.mean_interval === null ? null : seen.mean_interval[1] / factor,
                          n: seen.n,
                      },
                  ];
        });
    const scatters: Point[] = course.flatMap((one) =>
        one.touch?.sd == null
            ? []
            : [
                  {
                      ...onGround(one),
                      value: one.touch.sd / ground,
                      low: one.touch.sd_interval === null ? null : one.touch.sd_interval[0] / ground,
                      high: one.touch.sd_interval === null ? null : one.touch.sd_interval[1] / ground,
                      n: one.touch.n,
                  },
              ],
    );
    const what = measured.includes(looked ?? '') ? looked : (measured.find((id) => id === 'shaft_lean_deg') ?? measured[0]);
    const observable = what === undefined ? undefined : observableOf(catalogue, what);
    const setups = course.filter((one) => what !== undefined && typeof one.setup[what] === 'number' && one.card[what] !== undefined);
    const drill = trained ?? drills[drills.length - 1]?.[0];
    const runs = results.filter((one) => one.drill === drill);
    const sure: Point[] = [
        ...course.flatMap((one) =>
            one.confidence === undefined ? [] : [{ ...at(one), value: one.confidence, low: null, high: null, n: null }],
        ),
        ...results.flatMap((one) =>
            one.confidence === null ? [] : [{ at: one.at, label: one.name, value: one.confidence, low: null, high: null, n: null }],
        ),
    ].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
    const place = shownUnit('mm', units);
    const box = 'min-h-10 border-[1.5px] border-ink bg-press px-2';
    return (
        <div>
            {given.length > 0 && (
                <ol className="mb-3 space-y-0.5" aria-label="What was handed out when">
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
            )}
            <TimeChart
                title="Good strikes"
                value="share"
                span={span}
                flags={flags}
                shown={percent}
                ends={[0, 1]}
                points={course.map((one) => ({
                    ...at(one),
                    value: one.good.count / one.good.of,
                    low: one.good.interval?.[0] ?? null,
                    high: one.good.interval?.[1] ?? null,
                    n: one.good.of,
                }))}
            />
            <TimeChart
                title="First touch, on average"
                value={`first touch, ${place}, + is ahead`}
                span={span}
                flags={flags}
                shown={inUnit('mm', ['behind', 'ahead'])}
                points={means((one) => one.touch, ground)}
            />
            <TimeChart
                title="Scatter of the first touch"
                value={`scatter, ${place}`}
                span={span}
                flags={flags}
                shown={inUnit('mm')}
                points={scatters}
            />
            <TimeChart
                title="Low point, where lengths were drawn"
                value={`low point, ${place}, + is ahead`}
                span={span}
                flags={flags}
                shown={inUnit('mm', ['behind', 'ahead'])}
                points={means((one) => one.low_point, ground)}
            />
            <TimeChart
                title="Carry of good strikes against what was asked"
                value={`carry error, ${shownUnit('m', units)}, + is long`}
                span={span}
                flags={flags}
                shown={inUnit('m', ['short', 'long'])}
                points={means((one) => one.carry_error ?? undefined, far)}
            />
            {observable !== undefined && what !== undefined && setups.length > 0 && (
                <TimeChart
                    title="Set-up against the card"
                    value={observable.label}
                    span={span}
                    flags={flags}
                    shown={(value) => observed(observable, value * shownFactor(observable.unit, units), units)}
                    band={setups.map((one) => ({
                        low: (one.card[what]?.[0] ?? 0) / shownFactor(observable.unit, units),
                        high: (one.card[what]?.[1] ?? 0) / shownFactor(observable.unit, units),
                    }))}
                    points={setups.map((one) => ({
                        ...at(one),
                        value: Number(one.setup[what]) / shownFactor(observable.unit, units),
                        low: null,
                        high: null,
                        n: null,
                    }))}
                    choice={
                        <select
                            aria-label="Which look"
                            className={box}
                            value={what}
                            onChange={(event) => {
                                setLooked(event.target.value);
                            }}
                        >
                            {measured.map((id) => (
                                <option key={id} value={id}>
                                    {observableOf(catalogue, id)?.label}
                                </option>
                            ))}
                        </select>
                    }
                />
            )}
            {runs.length > 0 && (
                <TimeChart
                    title="Drill scores"
                    value={runs[0]?.figure_name ?? ''}
                    span={span}
                    flags={flags}
                    shown={(value) => (runs[0]?.is_share === true ? percent(value) : String(Math.round(value * 10) / 10))}
                    mark={runs[runs.length - 1]?.mark}
                    points={runs.map((one) => ({
                        at: one.at,
                        label: `${one.text}, ${one.passed ? 'passed' : 'not passed'}`,
                        value: one.figure,
                        low: null,
                        high: null,
                        n: null,
                    }))}
                    choice={
                        <select
                            aria-label="Which drill"
                            className={box}
                            value={drill}
                            onChange={(event) => {
                                setTrained(event.target.value);
                            }}
                        >
                            {drills.map(([id, name]) => (
                                <option key={id} value={id}>
                                    {name}
                                </option>
                            ))}
                        </select>
                    }
                />
            )}
            <TimeChart
                title="Practice visits"
                value="visit"
                span={span}
                flags={flags}
                apart
                ends={[0, 1]}
                shown={(value) => (value === 1 ? 'done' : value === 0 ? 'missed' : '')}
                points={practice.visits.map((one) => ({
                    at: one.day,
                    label: 'planned visit',
                    value: one.done ? 1 : 0,
                    low: null,
                    high: null,
                    n: null,
                }))}
            />
            <TimeChart
                title="Confidence, asked before retests and after drills"
                value="confidence, 1 to 10"
                span={span}
                flags={flags}
                ends={[0, catalogue.most.sure]}
                shown={(value) => String(value)}
                points={sure}
            />
        </div>
    );
}

import { useState } from 'react';
import { observableOf } from '../api/queries';
import type { BallSet, Catalogue, Handed, Lesson, Reading, Units, WeighedCause, WeighedClue } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { Skeleton } from '../ui/Page';
import { percent, place, withUnit } from '../ui/units';
import { useKeys } from '../ui/useKeys';
import { Prescribe } from './Prescribe';
import type { Bench } from './useBench';
import { Reasons, WhatIf, type Tried } from './WhatIf';
import { touchText } from './words';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    reading: Reading | undefined;
    catalogue: Catalogue;
    handed: Handed;
    units: Units;
    className?: string;
    onRetest: () => void;
}

export function ReadingPanel({ bench, lesson, set, reading, catalogue, handed, units, className = '', onRetest }: Props) {
    const [opened, setOpened] = useState<string>();
    const [sheet, setSheet] = useState<'figures' | 'what-if' | 'prescribe' | null>(null);
    const [tried, setTried] = useState<Tried>();
    const canTry = reading?.model != null;
    useKeys({
        i: () => {
            if (canTry) setSheet('what-if');
        },
        p: () => {
            if (reading !== undefined && reading.causes.length > 0) setSheet('prescribe');
        },
    });
    if (reading === undefined) {
        return (
            <section aria-label="Reading" data-testid="reading" data-balls="0" className={`border-line p-4 lg:border-l ${className}`}>
                {bench.trouble === null ? (
                    <Skeleton />
                ) : (
                    <p>The reading comes with the connection. {bench.waiting} entries wait on this device.</p>
                )}
            </section>
        );
    }
    const { pattern } = reading;
    const causes = reading.causes.filter((_, place) => place < reading.likely);
    const first = reading.causes.find((cause) => cause.id === reading.work_on_first);
    const cause = reading.causes.find((one) => one.id === opened);
    const next = reading.check_next;
    const nextLook = next === null ? undefined : observableOf(catalogue, next.observable);
    const given = lesson.prescription;
    return (
        <section
            aria-label="Reading"
            data-testid="reading"
            data-balls={pattern.n}
            className={`flex min-h-0 flex-col border-line px-4 py-3 lg:border-l ${className}`}
        >
            <div className="min-h-0 lg:overflow-y-auto">
                {set.balls.length !== pattern.n && bench.trouble !== null && (
                    <p className="mb-1 font-semibold">
                        Reading of {pattern.n} balls; {set.balls.length} are logged. It catches up with the connection.
                    </p>
                )}
                <h2 className="text-lg" aria-live="polite">
                    {pattern.text}
                </h2>
                {pattern.n > 0 && (
                    <button
                        type="button"
                        className="min-h-12 text-left text-sm underline decoration-1 underline-offset-4"
                        onClick={() => {
                            setSheet('figures');
                        }}
                    >
                        {pattern.low_point_text} {pattern.measured} measured, {pattern.assumed} assumed, {pattern.censored} without ground
                        contact
                    </button>
                )}
                {reading.warnings.map((warning) => (
                    <p
                        key={warning.id + warning.text}
                        data-warning={warning.id}
                        className="mt-2 border-l-[6px] border-ochre bg-ochre-wash px-3 py-1.5 text-[15px] leading-tight"
                    >
                        {warning.text}
                    </p>
                ))}
                {reading.tell_apart.map((text) => (
                    <p key={text} className="mt-2 border-l-[6px] border-slate px-3 py-1 text-[15px] leading-tight">
                        {text}
                    </p>
                ))}
                <ul className="mt-2">
                    {causes.map((one, i) => (
                        <li key={one.id} className="border-t border-line first:border-t-0">
                            <button
                                type="button"
                                className="w-full py-1.5 text-left"
                                onClick={() => {
                                    setOpened(one.id);
                                }}
                                data-cause={one.id}
                            >
                                <span className="flex justify-between gap-2 leading-tight font-bold">
                                    <span>{one.name.split(':')[0]}</span>
                                    <span className="whitespace-nowrap">{percent(one.probability)}</span>
                                </span>
                                <span className="my-1 block h-1.5 bg-soil">
                                    <span
                                        className="fill block h-full bg-ink"
                                        style={{ width: percent(one.probability).replace(' ', '') }}
                                    />
                                </span>
                                <span className={`block text-sm leading-snug ${i === 0 ? '' : 'truncate'}`}>
                                    {one.main_reasons.slice(0, i === 0 ? 2 : 1).join(' ')}
                                    {one.against[0] && (
                                        <span>
                                            {' '}
                                            <strong>Against:</strong> {one.against[0].text}
                                        </span>
                                    )}
                                </span>
                            </button>
                        </li>
                    ))}
                </ul>
            </div>
            {next !== null && nextLook !== undefined && (
                <div className="mt-2 border-2 border-ink bg-press px-3 pb-2">
                    <details className="leading-tight">
                        <summary className="flex min-h-12 cursor-pointer list-none items-center justify-between">
                            <strong>Look next: {next.label}</strong> <span className="px-3 text-sm underline">why</span>
                        </summary>
                        <p className="mb-1 text-sm">{next.why}</p>
                    </details>
                    <div className="grid auto-cols-fr grid-flow-col gap-1">
                        {next.answers.map((answer) => (
                            <Button
                                key={answer.label}
                                className="px-1 text-sm leading-tight"
                                title={answer.then}
                                onClick={() => {
                                    bench.see(set, nextLook, answer.value);
                                }}
                            >
                                {answer.label}
                            </Button>
                        ))}
                    </div>
                </div>
            )}
            <div className="mt-auto pt-2">
                <p className="leading-tight font-semibold">{reading.advice}</p>
                {reading.prediction && (
                    <p className="mt-0.5 text-[15px] leading-tight" data-testid="predicted">
                        {reading.prediction.text}
                    </p>
                )}
                {given !== null && (
                    <p className="mt-1 text-sm leading-tight text-marram">
                        Handed out: {given.content.cause_name}. {given.content.drills.map((drill) => drill.name).join(', ')}.
                    </p>
                )}
                <div className="mt-2 flex gap-2">
                    {canTry && (
                        <Button
                            hotkey="i"
                            onClick={() => {
                                setSheet('what-if');
                            }}
                        >
                            What if
                        </Button>
                    )}
                    {(first ?? reading.causes[0]) !== undefined && pattern.n > 0 && (
                        <Button
                            hotkey="p"
                            main={given === null}
                            className="flex-1 px-1 leading-tight"
                            onClick={() => {
                                setTried(undefined);
                                setSheet('prescribe');
                            }}
                        >
                            {given === null ? 'Prescribe' : 'Change it'}
                        </Button>
                    )}
                    {given !== null && (
                        <Button main className="flex-1 px-1 leading-tight" onClick={onRetest}>
                            Hit the next set
                        </Button>
                    )}
                </div>
            </div>
            <Panel
                title={cause?.name ?? ''}
                open={cause !== undefined}
                onOpenChange={() => {
                    setOpened(undefined);
                }}
            >
                {cause && <Evidence cause={cause} />}
            </Panel>
            <Panel
                title="Where the figures come from"
                open={sheet === 'figures'}
                onOpenChange={() => {
                    setSheet(null);
                }}
                wide
            >
                <HowFiguresCome reading={reading} set={set} units={units} />
            </Panel>
            {sheet === 'what-if' && (
                <WhatIf
                    prediction={reading.prediction}
                    lesson={lesson}
                    set={set}
                    catalogue={catalogue}
                    handed={handed}
                    units={units}
                    onClose={() => {
                        setSheet(null);
                    }}
                    onTry={(next) => {
                        setTried(next);
                        setSheet('prescribe');
                    }}
                />
            )}
            {sheet === 'prescribe' && (
                <Prescribe
                    bench={bench}
                    lesson={lesson}
                    set={set}
                    reading={reading}
                    catalogue={catalogue}
                    units={units}
                    tried={tried}
                    first={(first ?? reading.causes[0])?.id ?? ''}
                    onClose={() => {
                        setSheet(null);
                        setTried(undefined);
                    }}
                />
            )}
        </section>
    );
}

function HowFiguresCome({ reading, set, units }: { reading: Reading; set: BallSet; units: Units }) {
    const { model } = reading;
    return (
        <>
            <h3 className="text-lg">Touch and low point</h3>
            <p className="mb-2">
                First touch is what was seen. The low point follows from the arc, whose radius near the ground is{' '}
                {withUnit(reading.radius_mm, 'mm', units)}: with the length of the mark it lies half the cut past the touch (measured);
                without, the depth is taken from the kind of mark or strike (assumed); a ball that left no mark passed above the ground and
                tells only about depth.
            </p>
            <table className="mb-4 w-full text-left text-sm">
                <thead>
                    <tr>
                        <th>Ball</th>
                        <th>Touch</th>
                        <th>Low point</th>
                        <th>Depth</th>
                        <th>How</th>
                    </tr>
                </thead>
                <tbody>
                    {reading.balls.map((ball, i) => (
                        <tr key={set.balls[i]?.id ?? i} className="border-t border-line">
                            <td>{i + 1}</td>
                            <td>{touchText(set.balls[i]?.seen ?? {}, units)}</td>
                            <td>{ball.low_point_mm === null ? 'not known' : place(ball.low_point_mm, units)}</td>
                            <td>{ball.depth_mm === null ? 'above the ground or not known' : `${String(ball.depth_mm)} mm`}</td>
                            <td>{ball.source.replace('_', ' ')}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {model && (
                <>
                    <h3 className="text-lg">The model</h3>
                    <p>
                        Club as delivered: loft {model.delivered.loft_deg}°, bounce {model.delivered.bounce_deg}°. Fitted to these balls and
                        averaged over the scatter of low point and depth, the strike model alone would expect:
                    </p>
                    <p className="mb-2">
                        {Object.entries(model.rates)
                            .filter(([, share]) => share >= 0.01)
                            .map(([strike, share]) => `${strike} ${percent(share)}`)
                            .join(', ')}
                        .
                    </p>
                    {reading.prediction && (
                        <p className="mb-2">
                            {reading.prediction.text} The share now is what was seen, with the model counting as four balls.
                        </p>
                    )}
                    <Reasons model={model} />
                    {model.assumed.length > 0 && (
                        <p className="mt-2">Taken from the card, since not looked at: {model.assumed.join(', ')}.</p>
                    )}
                    <p className="mt-2">{model.note}</p>
                </>
            )}
        </>
    );
}

function Evidence({ cause }: { cause: WeighedCause }) {
    const rows = (clues: WeighedClue[]) =>
        clues.map((clue) => (
            <li key={clue.text + clue.how} className="border-t border-line py-2">
                <span className="font-semibold">{clue.text}</span> <span className="whitespace-nowrap">It {clue.says}.</span>
                <details className="text-sm">
                    <summary className="flex min-h-8 cursor-pointer items-center underline decoration-1 underline-offset-4">why so</summary>
                    {clue.how[0]?.toUpperCase()}
                    {clue.how.slice(1)}. Odds against no fault: × {clue.odds}.
                </details>
            </li>
        ));
    return (
        <>
            <p className="mb-4">
                <span className="display text-3xl">{percent(cause.probability)}</span> likely, from {percent(cause.prior)} before anything
                was seen.
            </p>
            <h3 className="text-lg">What speaks for it</h3>
            <ul className="mb-4">{cause.for.length === 0 ? <li>Nothing yet.</li> : rows(cause.for)}</ul>
            <h3 className="text-lg">What speaks against it</h3>
            <ul className="mb-4">{cause.against.length === 0 ? <li>Nothing yet.</li> : rows(cause.against)}</ul>
            {cause.gain_text !== null && <p className="mb-2">{cause.gain_text}</p>}
            <p>{cause.if_wrong}</p>
        </>
    );
}

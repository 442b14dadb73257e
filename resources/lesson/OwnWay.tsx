import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { ApiError, call } from '../api/client';
import { observableOf, useDrills, useOwnWay } from '../api/queries';
import type { BallSet, Catalogue, DrillHandout, Lesson, Observable, OwnCard, OwnWay as Own, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../ui/Page';
import { numberOr, observed, shownFactor, shownUnit } from '../ui/units';
import { OwnDrillForm } from './OwnDrillForm';

interface OwnBundle {
    figures: { observable: string; to: number; text: string }[];
    feel: string;
    drills: DrillHandout[];
}

interface Props {
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    units: Units;
    onGive: (bundle: OwnBundle) => void;
}

const FIELD = 'mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal';

/** A coach who works differently puts his own bundle together: figures, a feel, drills; kept as a card, it is offered again. */
export function OwnWay({ lesson, set, catalogue, units, onGive }: Props) {
    const own = useOwnWay();
    const sheets = useDrills(lesson.id, set.id);
    if (own.isError) return <Trouble error={own.error} onRetry={() => void own.refetch()} />;
    if (sheets.isError) return <Trouble error={sheets.error} onRetry={() => void sheets.refetch()} />;
    if (own.data === undefined || sheets.data === undefined) return <Skeleton />;
    return <Bundle own={own.data} sheets={sheets.data.drills} {...{ lesson, set, catalogue, units, onGive }} />;
}

function Bundle({ own, sheets, lesson, set, catalogue, units, onGive }: Props & { own: Own; sheets: DrillHandout[] }) {
    const queries = useQueryClient();
    const [figures, setFigures] = useState<{ observable: string; typed: string }[]>([]);
    const [feel, setFeel] = useState('');
    const [chosen, setChosen] = useState<string[]>([]);
    const [name, setName] = useState('');
    const [inventing, setInventing] = useState(false);
    const [told, setTold] = useState('');
    const shown = (what: Observable, value: number) => String(Math.round((value / shownFactor(what.unit, units)) * 10) / 10);
    const stored = figures.flatMap(({ observable, typed }) => {
        const what = observableOf(catalogue, observable);
        const value = numberOr(typed);
        return what === undefined || typed.trim() === ''
            ? []
            : [{ observable, to: typeof value === 'number' ? value * shownFactor(what.unit, units) : value, what }];
    });
    const again = () => queries.invalidateQueries({ queryKey: ['own'] });
    const take = (card: OwnCard) => {
        setFigures(
            card.figures.flatMap((one) => {
                const what = observableOf(catalogue, one.observable);
                return what === undefined ? [] : [{ observable: one.observable, typed: shown(what, one.to) }];
            }),
        );
        setFeel(card.feel);
        setChosen(card.drills.filter((id) => sheets.some((sheet) => sheet.id === id)));
        setName(card.name);
    };
    const keep = () => {
        const same = own.cards.find((card) => card.name === name.trim() && card.shot === lesson.task.shot);
        call<OwnCard>('PUT', `own/cards/${same?.id ?? ulid()}`, {
            name,
            shot: lesson.task.shot,
            figures: stored.map(({ observable, to }) => ({ observable, to })),
            feel,
            drills: chosen,
        })
            .then((card) => {
                setTold(`Kept as “${card.name}”. It is offered the next time.`);
                return again();
            })
            .catch((error: unknown) => {
                setTold(error instanceof ApiError ? error.message : String(error));
            });
    };
    const forget = (card: OwnCard) => {
        call('DELETE', `own/cards/${card.id}`)
            .then(again)
            .catch((error: unknown) => {
                setTold(String(error));
            });
    };
    const toggle = (id: string) => {
        setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-own.most.drills));
    };
    const cards = own.cards.filter((card) => card.shot === lesson.task.shot);
    const open = catalogue.observables.filter(
        (one) => one.group === 'setup' && one.kind === 'number' && !figures.some((figure) => figure.observable === one.id),
    );
    return (
        <>
            {cards.length > 0 && (
                <section aria-label="Your cards" className="mb-4">
                    <h3 className="text-lg">Your cards for this shot</h3>
                    <div className="mt-1 flex flex-wrap gap-1.5">
                        {cards.map((card) => (
                            <span key={card.id} className="flex">
                                <Button
                                    onClick={() => {
                                        take(card);
                                    }}
                                >
                                    {card.name}
                                </Button>
                                <Button
                                    aria-label={`Forget the card ${card.name}`}
                                    className="border-l-0"
                                    onClick={() => {
                                        forget(card);
                                    }}
                                >
                                    ×
                                </Button>
                            </span>
                        ))}
                    </div>
                </section>
            )}
            <h3 className="text-lg">Set-up, any figures</h3>
            <ol className="mb-1 list-decimal space-y-1 pl-5">
                {figures.map((figure, place) => {
                    const what = observableOf(catalogue, figure.observable);
                    const now = set.setup[figure.observable];
                    return (
                        what && (
                            <li key={what.id}>
                                <label className="inline-flex items-baseline gap-2">
                                    <span className="w-36">{what.label}</span>
                                    <input
                                        aria-label={what.label}
                                        inputMode="decimal"
                                        className="min-h-12 w-24 border-[1.5px] border-ink bg-press px-2"
                                        value={figure.typed}
                                        onChange={(event) => {
                                            setFigures(
                                                figures.map((one, at) => (at === place ? { ...one, typed: event.target.value } : one)),
                                            );
                                        }}
                                    />
                                    {shownUnit(what.unit, units)}
                                </label>
                                {now !== undefined && now !== null && (
                                    <span className="ml-2 text-sm">now {observed(what, now, units)}</span>
                                )}
                                <Button
                                    aria-label={`Leave out ${what.label}`}
                                    className="ml-2"
                                    onClick={() => {
                                        setFigures(figures.filter((one) => one.observable !== what.id));
                                    }}
                                >
                                    ×
                                </Button>
                            </li>
                        )
                    );
                })}
            </ol>
            {figures.length < own.most.figures && (
                <select
                    aria-label="Add a figure"
                    className="mb-4 min-h-12 border-[1.5px] border-ink bg-press px-3"
                    value=""
                    onChange={(event) => {
                        if (event.target.value !== '') setFigures([...figures, { observable: event.target.value, typed: '' }]);
                    }}
                >
                    <option value="">Add a figure</option>
                    {open.map((one) => (
                        <option key={one.id} value={one.id}>
                            {one.label}
                        </option>
                    ))}
                </select>
            )}
            <label className="mb-4 block text-lg font-semibold">
                Feel, in your words
                <input
                    className={`${FIELD} text-base`}
                    maxLength={500}
                    value={feel}
                    onChange={(event) => {
                        setFeel(event.target.value);
                    }}
                />
            </label>
            <h3 className="text-lg">Drills, at most {own.most.drills}</h3>
            <div className="mt-1 flex flex-wrap gap-1.5">
                {sheets.map((drill) => (
                    <Button
                        key={drill.id}
                        chosen={chosen.includes(drill.id)}
                        title={drill.purpose}
                        onClick={() => {
                            toggle(drill.id);
                        }}
                    >
                        {drill.name}
                    </Button>
                ))}
                {!inventing && (
                    <Button
                        onClick={() => {
                            setInventing(true);
                        }}
                    >
                        A drill of your own
                    </Button>
                )}
            </div>
            {inventing && (
                <OwnDrillForm
                    own={own}
                    onClose={() => {
                        setInventing(false);
                    }}
                    onKept={(id) => {
                        setChosen([...chosen, id].slice(-own.most.drills));
                        return Promise.all([again(), queries.invalidateQueries({ queryKey: ['drills', set.id] })]);
                    }}
                />
            )}
            {sheets
                .filter((drill) => chosen.includes(drill.id))
                .map((drill) => (
                    <p key={drill.id} className="mt-2">
                        {drill.name}: {drill.purpose} {drill.dose.sets} × {drill.dose.balls}. Passed: {drill.goal.text}.
                    </p>
                ))}
            <div className="mt-4 flex flex-wrap items-end gap-2 border-t border-line pt-3">
                <label className="font-semibold">
                    Keep it as a card named
                    <input
                        className={FIELD}
                        maxLength={60}
                        value={name}
                        onChange={(event) => {
                            setName(event.target.value);
                        }}
                    />
                </label>
                <Button disabled={name.trim() === '' || feel.trim() === ''} onClick={keep}>
                    Keep the card
                </Button>
                <p role="status" className="basis-full">
                    {told}
                </p>
            </div>
            <Button
                main
                className="mt-2"
                disabled={feel.trim() === ''}
                onClick={() => {
                    onGive({
                        figures: stored.map(({ observable, to, what }) => ({
                            observable,
                            to,
                            text: `${what.label} ${observed(what, to, units)}`,
                        })),
                        feel: feel.trim(),
                        drills: sheets.filter((drill) => chosen.includes(drill.id)),
                    });
                }}
            >
                Hand it out
            </Button>
        </>
    );
}

import { useEffect, useState } from 'react';
import type { Ball, BallSeen, BallSet, Catalogue, Field, Handed, Reading, Units } from '../api/types';
import { GroundStrip, type Draft } from '../figures/GroundStrip';
import { mirror } from '../figures/scale';
import { shotOf } from '../api/queries';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { numberOr, place, shownFactor, shownUnit, withUnit } from '../ui/units';
import type { Bench } from './useBench';

/** The middle row of letters is a ruler: from 8 cm on the left of the ball to 8 cm on its right. */
export const TOUCH_KEYS = ['a', 's', 'd', 'f', 'g', 'h', 'j', 'k', 'l'];
const KEY_MM = 20;

interface Props {
    bench: Bench;
    set: BallSet;
    catalogue: Catalogue;
    shot: string;
    handed: Handed;
    units: Units;
    model: Reading['model'];
}

/** One ball in two touches or two keys: where the club met the ground, then the strike. */
export function BallEntry({ bench, set, catalogue, shot, handed, units, model }: Props) {
    const [draft, setDraft] = useState<Draft>();
    const [mark, setMark] = useState<string>();
    const [opened, setOpened] = useState<string>();
    const strikes = shotOf(catalogue, shot)?.strikes ?? [];
    const marks = catalogue.ball.mark?.answers ?? [];

    const log = (strike: string) => {
        bench.addBall(set, seenOf(draft, strike, mark));
        setDraft(undefined);
        setMark(undefined);
    };

    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const busy = event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]') !== null;
            if (busy || event.ctrlKey || event.metaKey || event.altKey) return;
            const column = TOUCH_KEYS.indexOf(event.key);
            const strike = strikes[Number(event.key) - 1];
            if (column >= 0) setDraft({ touchMm: mirror(handed) * (column - (TOUCH_KEYS.length - 1) / 2) * KEY_MM, lengthMm: 0 });
            else if (event.key === 'n') setDraft({ touchMm: null, lengthMm: 0 });
            else if (event.key === 'Escape') setDraft(undefined);
            else if (strike !== undefined && /^[1-9]$/.test(event.key)) log(strike.id);
            else return;
            event.preventDefault();
        };
        window.addEventListener('keydown', onKey);
        return () => { window.removeEventListener('keydown', onKey); };
    });

    const ball = set.balls.find((one) => one.id === opened);
    return (
        <>
            <GroundStrip balls={set.balls} draft={draft} handed={handed} units={units} model={model} onDraft={setDraft} />
            <div role="group" aria-label="Strike" className="mt-2 flex gap-1.5">
                {strikes.map((strike, i) => (
                    <Button key={strike.id} hotkey={String(i + 1)} onClick={() => { log(strike.id); }} className="min-h-14 flex-1 px-1.5 text-left leading-tight">
                        <span className="block">{strike.id}</span>
                    </Button>
                ))}
            </div>
            <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
                <Button hotkey="n" chosen={draft?.touchMm === null} onClick={() => { setDraft({ touchMm: null, lengthMm: 0 }); }}>no ground contact</Button>
                <span className="flex" role="group" aria-label="Mark">
                    {marks.filter((answer) => answer.value !== 'none').map((answer) => (
                        <Button key={answer.label} className="-ml-[1.5px]" chosen={mark === answer.value} onClick={() => { setMark(mark === answer.value ? undefined : String(answer.value)); }}>{answer.label}</Button>
                    ))}
                </span>
                <span className="ml-auto flex gap-1.5">
                    <Button hotkey="z" disabled={!bench.canUndo} onClick={bench.undo}>undo</Button>
                    <Button hotkey="y" disabled={!bench.canRedo} onClick={bench.redo}>redo</Button>
                </span>
            </div>
            {set.balls.length > 0 && (
                <ol aria-label="Balls" className="mt-1.5 flex gap-1 overflow-x-auto">
                    {set.balls.map((one, i) => (
                        <li key={one.id}>
                            <button type="button" className="min-h-12 min-w-12 border border-line px-1.5 text-left text-sm leading-tight whitespace-nowrap" onClick={() => { setOpened(one.id); }}>
                                <span className="font-bold">{i + 1}</span> {one.seen.strike ?? 'no strike'}
                                <span className="block">{touchText(one.seen, units)}</span>
                            </button>
                        </li>
                    ))}
                </ol>
            )}
            {ball && (
                <BallSheet
                    ball={ball}
                    number={set.balls.indexOf(ball) + 1}
                    strikes={strikes.map((strike) => strike.id)}
                    fields={catalogue.ball}
                    sand={shot === 'bunker'}
                    units={units}
                    onClose={() => { setOpened(undefined); }}
                    onChange={(seen) => { bench.correctBall(set, ball, seen); }}
                    onRemove={() => { bench.removeBall(set, ball); setOpened(undefined); }}
                />
            )}
        </>
    );
}

function seenOf(draft: Draft | undefined, strike: string, mark: string | undefined): BallSeen {
    const seen: BallSeen = { strike };
    if (draft !== undefined) seen.touch_mm = draft.touchMm;
    if (draft !== undefined && draft.lengthMm > 0) seen.mark_length_mm = draft.lengthMm;
    if (mark !== undefined) seen.mark = mark;
    return seen;
}

function touchText(seen: BallSeen, units: Units): string {
    if (seen.touch_mm === undefined) return 'touch not seen';
    if (seen.touch_mm === null) return 'no contact';
    return `${place(seen.touch_mm, units)}${seen.mark_length_mm === undefined ? '' : `, ${withUnit(seen.mark_length_mm, 'mm', units)}`}`;
}

interface SheetProps {
    ball: Ball;
    number: number;
    strikes: string[];
    fields: Record<string, Field>;
    sand: boolean;
    units: Units;
    onChange: (seen: BallSeen) => void;
    onRemove: () => void;
    onClose: () => void;
}

function BallSheet({ ball, number, strikes, fields, sand, units, onChange, onRemove, onClose }: SheetProps) {
    const { seen } = ball;
    return (
        <Panel title={`Ball ${String(number)}`} open onOpenChange={(open) => { if (!open) onClose(); }}>
            <p className="mb-4">First touch: {touchText(seen, units)}. To move it, take the ball out and log it again.</p>
            <p className="mb-1 font-semibold">Strike</p>
            <div className="mb-4 flex flex-wrap gap-2">
                {strikes.map((strike) => <Button key={strike} chosen={seen.strike === strike} onClick={() => { onChange({ ...seen, strike }); }}>{strike}</Button>)}
            </div>
            {WORDS.filter((key) => sand || !SAND_WORDS.includes(key)).map((key) => (
                <div key={key} role="group" aria-label={fields[key]?.label} className="mb-4">
                    <p className="mb-1 font-semibold">{fields[key]?.label}</p>
                    <div className="flex flex-wrap gap-2">
                        {fields[key]?.answers.map((answer) => (
                            <Button key={answer.label} chosen={seen[key] === answer.value} onClick={() => { onChange({ ...seen, [key]: seen[key] === answer.value ? undefined : String(answer.value) }); }}>{answer.label}</Button>
                        ))}
                    </div>
                </div>
            ))}
            <div className="mb-6 flex flex-wrap gap-6">
                {FIGURES.map((key) => fields[key] && <Figure key={key} field={fields[key]} value={seen[key]} units={units} onSet={(value) => { onChange({ ...seen, [key]: value }); }} />)}
            </div>
            <Button onClick={onRemove}>Take this ball out</Button>
        </Panel>
    );
}

/** What can be noted of a ball beside touch and strike. */
const WORDS = ['mark', 'flight', 'roll', 'sound', 'sand_direction'] as const;
const SAND_WORDS: readonly string[] = ['sound', 'sand_direction'];
const FIGURES = ['carry_m', 'start_deg', 'finish_m'] as const;

interface FigureProps {
    field: Field;
    value: number | undefined;
    units: Units;
    onSet: (value: number | undefined) => void;
}

function Figure({ field, value, units, onSet }: FigureProps) {
    const factor = shownFactor(field.unit, units);
    return (
        <label className="block font-semibold">
            {field.label}, {shownUnit(field.unit, units)}
            <input
                className="mt-1 block min-h-12 w-28 border-[1.5px] border-ink bg-press px-3 font-normal"
                inputMode="decimal"
                defaultValue={value === undefined ? '' : Math.round((value / factor) * 10) / 10}
                onBlur={(event) => {
                    const typed = event.target.value.trim();
                    const next = typed === '' ? undefined : numberOr(typed) * factor;
                    if (next !== value) onSet(next);
                }}
            />
        </label>
    );
}

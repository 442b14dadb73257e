import { useEffect, useState } from 'react';
import type { Ball, BallSeen, BallSet, Catalogue, Handed, Reading, Units } from '../api/types';
import { GroundStrip, type Draft } from '../figures/GroundStrip';
import { mirror } from '../figures/scale';
import { shotOf } from '../api/queries';
import { Button } from '../ui/Button';
import { Panel } from '../ui/Panel';
import { place, withUnit } from '../ui/units';
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
                    marks={marks.map((answer) => String(answer.value))}
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
    marks: string[];
    units: Units;
    onChange: (seen: BallSeen) => void;
    onRemove: () => void;
    onClose: () => void;
}

function BallSheet({ ball, number, strikes, marks, units, onChange, onRemove, onClose }: SheetProps) {
    const { seen } = ball;
    return (
        <Panel title={`Ball ${String(number)}`} open onOpenChange={(open) => { if (!open) onClose(); }}>
            <p className="mb-4">First touch: {touchText(seen, units)}. To move it, take the ball out and log it again.</p>
            <p className="mb-1 font-semibold">Strike</p>
            <div className="mb-4 flex flex-wrap gap-2">
                {strikes.map((strike) => <Button key={strike} chosen={seen.strike === strike} onClick={() => { onChange({ ...seen, strike }); }}>{strike}</Button>)}
            </div>
            <p className="mb-1 font-semibold">Mark</p>
            <div className="mb-6 flex flex-wrap gap-2">
                {marks.map((mark) => <Button key={mark} chosen={seen.mark === mark} onClick={() => { onChange({ ...seen, mark }); }}>{mark}</Button>)}
            </div>
            <Button onClick={onRemove}>Take this ball out</Button>
        </Panel>
    );
}

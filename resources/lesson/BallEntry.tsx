import { useState } from 'react';
import type { BallSeen, BallSet, Catalogue, Handed, Reading, Units } from '../api/types.gen';
import { GroundStrip, stepped, type Draft } from '../figures/GroundStrip';
import { mirror } from '../figures/scale';
import { shotOf } from '../api/queries';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/useKeys';
import { BallDialog } from './BallDialog';
import { LastBall } from './LastBall';
import type { Bench } from './useBench';
import { touchText } from './words';

/** The middle row of letters is a ruler: from 8 cm on the left of the ball to 8 cm on its right. */
const TOUCH_KEYS = ['a', 's', 'd', 'f', 'g', 'h', 'j', 'k', 'l'];
const KEY_MM = 20;
export const MARK_KEYS: Record<string, string> = { brush: 'q', shallow: 'w', deep: 'e' };

interface Props {
    /** The ball to open at once, 1 = the first; 0 = none. */
    opened: number;
    bench: Bench;
    lessonId: string;
    set: BallSet;
    catalogue: Catalogue;
    shot: string;
    handed: Handed;
    units: Units;
    reading: Reading | undefined;
}

/** One ball in two touches or two keys: where the club met the ground, then the strike. */
export function BallEntry({ opened: openedFirst, bench, lessonId, set, catalogue, shot, handed, units, reading }: Props) {
    const [draft, setDraft] = useState<Draft>();
    const [mark, setMark] = useState<BallSeen['mark']>();
    const [opened, setOpened] = useState<string | undefined>(() => set.balls[openedFirst - 1]?.id);
    const strikes = shotOf(catalogue, shot)?.strikes ?? [];
    const marks = catalogue.ball.mark?.answers.filter((answer) => answer.value !== 'none') ?? [];
    const farthestMm = catalogue.ball.touch_mm?.max ?? 0;
    const sand = shotOf(catalogue, shot)?.sand === true;

    const log = (strike: BallSeen['strike']) => {
        bench.addBall(set, seenOf(draft, strike, mark));
        setDraft(undefined);
        setMark(undefined);
    };
    const toggleMark = (value: number | string) => {
        setMark(mark === value ? undefined : (value as BallSeen['mark']));
    };

    const touchAt = (column: number) => () => {
        setDraft({ touchMm: mirror(handed) * (column - (TOUCH_KEYS.length - 1) / 2) * KEY_MM, lengthMm: 0 });
    };
    const step = (rightward: boolean) => () => {
        setDraft(stepped(draft, rightward, handed, farthestMm));
    };
    useKeys({
        ...Object.fromEntries(TOUCH_KEYS.map((key, column) => [key, touchAt(column)])),
        ...Object.fromEntries(
            marks.map((answer) => [
                MARK_KEYS[String(answer.value)] ?? '',
                () => {
                    toggleMark(answer.value);
                },
            ]),
        ),
        ...Object.fromEntries(
            strikes.map((strike, i) => [
                String(i + 1),
                () => {
                    log(strike.id);
                },
            ]),
        ),
        ArrowRight: step(true),
        ArrowLeft: step(false),
        n: () => {
            setDraft({ touchMm: null, lengthMm: 0 });
        },
        Escape: () => {
            setDraft(undefined);
        },
    });

    const ball = set.balls.find((one) => one.id === opened);
    return (
        <>
            <GroundStrip
                balls={set.balls}
                draft={draft}
                handed={handed}
                units={units}
                sand={sand}
                model={reading?.model ?? null}
                lowPoint={reading?.pattern.low_point_mm.known ?? false}
                entryMm={reading?.school.entry_mm ?? null}
                farthestMm={farthestMm}
                onDraft={setDraft}
            />
            <div role="group" aria-label="Strike" className="mt-1.5 flex flex-wrap gap-1.5 sm:flex-nowrap">
                {strikes.map((strike, i) => (
                    <Button
                        key={strike.id}
                        hotkey={String(i + 1)}
                        onClick={() => {
                            log(strike.id);
                        }}
                        className="min-h-14 min-w-[22%] flex-1 px-1.5 text-left leading-tight sm:min-w-0"
                    >
                        <span className="block">{strike.id}</span>
                    </Button>
                ))}
            </div>
            <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
                <Button
                    hotkey="n"
                    chosen={draft?.touchMm === null}
                    onClick={() => {
                        setDraft({ touchMm: null, lengthMm: 0 });
                    }}
                >
                    no contact
                </Button>
                <span className="flex" role="group" aria-label="Mark">
                    {marks.map((answer) => (
                        <Button
                            key={answer.label}
                            hotkey={MARK_KEYS[String(answer.value)]}
                            className="-ml-[1.5px]"
                            chosen={mark === answer.value}
                            onClick={() => {
                                toggleMark(answer.value);
                            }}
                        >
                            {answer.label}
                        </Button>
                    ))}
                </span>
                <span className="ml-auto flex gap-1.5">
                    <Button hotkey="z" disabled={!bench.canUndo} onClick={bench.undo}>
                        undo
                    </Button>
                    <Button hotkey="y" disabled={!bench.canRedo} onClick={bench.redo}>
                        redo
                    </Button>
                </span>
            </div>
            {set.balls.length === 0 && set.purpose === 'retest' && (
                <Confidence
                    most={catalogue.most.sure}
                    value={set.confidence}
                    onSure={(value) => {
                        bench.sure(set, value);
                    }}
                />
            )}
            {set.balls.length > 0 && (
                <ol aria-label="Balls" className="mt-1.5 flex gap-1 overflow-x-auto">
                    {set.balls
                        .map((one, i) => (
                            <li key={one.id}>
                                <button
                                    type="button"
                                    className="min-h-12 min-w-12 border border-line px-1.5 text-left text-sm leading-tight whitespace-nowrap"
                                    onClick={() => {
                                        setOpened(one.id);
                                    }}
                                >
                                    <span className="font-bold">{i + 1}</span> {one.seen.strike ?? 'no strike'}
                                    <span className="block">{touchText(one.seen, units)}</span>
                                </button>
                            </li>
                        ))
                        .reverse()}
                </ol>
            )}
            <LastBall
                ball={set.balls.at(-1)}
                fields={catalogue.ball}
                sand={sand}
                units={units}
                onChange={(one, seen) => {
                    bench.correctBall(set, one, seen);
                }}
            />
            {ball && (
                <BallDialog
                    ball={ball}
                    number={set.balls.indexOf(ball) + 1}
                    path={`lessons/${lessonId}/sets/${set.id}`}
                    strikes={strikes}
                    fields={catalogue.ball}
                    sand={sand}
                    units={units}
                    onClose={() => {
                        setOpened(undefined);
                    }}
                    onChange={(seen) => {
                        bench.correctBall(set, ball, seen);
                    }}
                    onRemove={() => {
                        bench.removeBall(set, ball);
                        setOpened(undefined);
                    }}
                />
            )}
        </>
    );
}

/** Asked before the first ball of a retest: what the student expects, beside what comes. */
function Confidence({ most, value, onSure }: { most: number; value: number | null; onSure: (value: number | null) => void }) {
    return (
        <div role="group" aria-label="How sure is the student, 1 to 10" className="mt-1.5 flex flex-wrap items-center gap-x-2">
            <span className="text-sm leading-tight">
                How sure is the student,
                <br />1 to 10?
            </span>
            <span className="flex flex-wrap">
                {Array.from({ length: most }, (_, i) => (
                    <Button
                        key={i}
                        className="-ml-[1.5px] min-w-12"
                        chosen={value === i + 1}
                        onClick={() => {
                            onSure(value === i + 1 ? null : i + 1);
                        }}
                    >
                        {i + 1}
                    </Button>
                ))}
            </span>
        </div>
    );
}

function seenOf(draft: Draft | undefined, strike: BallSeen['strike'], mark: BallSeen['mark']): BallSeen {
    const seen: BallSeen = { strike };
    if (draft !== undefined) seen.touch_mm = draft.touchMm;
    if (draft !== undefined && draft.lengthMm > 0) seen.mark_length_mm = draft.lengthMm;
    if (mark !== undefined) seen.mark = mark;
    return seen;
}

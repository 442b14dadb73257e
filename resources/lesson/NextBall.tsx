import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { shotOf } from '../api/catalogue';
import type { BallSeen, BallSet, Catalogue, Handed, Reading, Units } from '../api/types.gen';
import { GroundStrip, stepped, type Draft } from '../figures/GroundStrip';
import { mirror } from '../figures/scale';
import { StrikeShape } from '../figures/StrikeShape';
import { Button } from '../ui/Button';
import { InRow, Row } from '../ui/Row';
import { useKeys } from '../ui/useKeys';
import type { Bench } from './useBench';

/** The middle row of letters is a ruler: from 8 cm on the left of the ball to 8 cm on its right. */
const TOUCH_KEYS = ['a', 's', 'd', 'f', 'g', 'h', 'j', 'k', 'l'];
const KEY_MM = 20;
export const MARK_KEYS: Record<string, string> = { brush: 'q', shallow: 'w', deep: 'e' };

interface Props {
    bench: Bench;
    set: BallSet;
    catalogue: Catalogue;
    shot: string;
    handed: Handed;
    units: Units;
    reading: Reading | undefined;
    closed: boolean;
}

/** The next ball: where the club met the ground, the mark it left, then the strike, by touch or by key. */
export function NextBall({ bench, set, catalogue, shot, handed, units, reading, closed }: Props) {
    const { t } = useTranslation();
    const [draft, setDraft] = useState<Draft>();
    const [mark, setMark] = useState<BallSeen['mark']>();
    const known = shotOf(catalogue, shot);
    const strikes = known?.strikes ?? [];
    const marks = catalogue.ball.mark?.answers.filter((answer) => answer.value !== 'none') ?? [];
    const farthestMm = catalogue.ball.touch_mm?.max ?? 0;

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
    const keys = {
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
    };
    useKeys(closed ? {} : keys);

    return (
        <>
            <GroundStrip
                balls={set.balls}
                draft={draft}
                handed={handed}
                units={units}
                sand={known?.sand === true}
                model={reading?.model ?? null}
                touchTells={reading?.touch_tells ?? null}
                lowPoint={reading?.pattern.low_point_mm.known ?? false}
                entryMm={reading?.school.entry_mm ?? null}
                farthestMm={farthestMm}
                onDraft={setDraft}
            />
            <Row label={t('Strike')} className="mt-1.5 flex flex-wrap pl-[1.5px] sm:flex-nowrap">
                {strikes.map((strike, i) => (
                    <InRow key={strike.id}>
                        <Button
                            aria-keyshortcuts={String(i + 1)}
                            title={strike.meaning}
                            onClick={() => {
                                log(strike.id);
                            }}
                            className="-ml-[1.5px] min-h-14 min-w-[22%] flex-1 px-0.5 leading-tight sm:min-w-0"
                        >
                            <svg viewBox="-8 -8 16 16" className="mx-auto mb-0.5 block size-4" aria-hidden="true">
                                <StrikeShape strike={strike.id} x={0} y={0} size={11} />
                            </svg>
                            <kbd className="mr-1 font-text text-sm font-normal text-soft max-sm:hidden">{i + 1}</kbd>
                            {word(strike.id)}
                        </Button>
                    </InRow>
                ))}
            </Row>
            <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
                <Button
                    hotkey="n"
                    chosen={draft?.touchMm === null}
                    onClick={() => {
                        setDraft({ touchMm: null, lengthMm: 0 });
                    }}
                >
                    {t('no contact')}
                </Button>
                <Row label={t('Mark')} className="flex">
                    {marks.map((answer) => (
                        <InRow key={answer.label}>
                            <Button
                                hotkey={MARK_KEYS[String(answer.value)]}
                                className="-ml-[1.5px]"
                                chosen={mark === answer.value}
                                onClick={() => {
                                    toggleMark(answer.value);
                                }}
                            >
                                {answer.label}
                            </Button>
                        </InRow>
                    ))}
                </Row>
                <span className="ml-auto flex gap-1.5">
                    <Button hotkey="z" disabled={!bench.canUndo} onClick={bench.undo}>
                        {t('undo')}
                    </Button>
                    <Button hotkey="y" className="max-sm:hidden" disabled={!bench.canRedo} onClick={bench.redo}>
                        {t('redo')}
                    </Button>
                </span>
            </div>
        </>
    );
}

function seenOf(draft: Draft | undefined, strike: BallSeen['strike'], mark: BallSeen['mark']): BallSeen {
    const seen: BallSeen = { strike };
    if (draft !== undefined) seen.touch_mm = draft.touchMm;
    if (draft !== undefined && draft.lengthMm > 0) seen.mark_length_mm = draft.lengthMm;
    if (mark !== undefined) seen.mark = mark;
    return seen;
}

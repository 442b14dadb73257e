import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import type { BallSet, Catalogue, Handed, Reading, Units } from '../api/types.gen';
import { shotOf } from '../api/catalogue';
import { Button } from '../ui/Button';
import { BallDialog } from './BallDialog';
import { LastBall } from './LastBall';
import { NextBall } from './NextBall';
import type { Bench } from './useBench';
import { touchText } from './words';

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
    closed: boolean;
}

/** The balls of a set: the next one, the one just hit, and all of them to open. */
export function BallEntry({ opened: openedFirst, lessonId, ...next }: Props) {
    const { bench, set, catalogue, shot, units } = next;
    const [opened, setOpened] = useState<string | undefined>(() => set.balls[openedFirst - 1]?.id);
    const known = shotOf(catalogue, shot);
    const sand = known?.sand === true;
    const ball = set.balls.find((one) => one.id === opened);
    return (
        <>
            <NextBall {...next} />
            {set.balls.length === 0 && set.purpose === 'retest' && (
                <Confidence
                    most={catalogue.most.sure}
                    value={set.confidence}
                    onSure={(value) => {
                        bench.sure(set, value);
                    }}
                />
            )}
            <BallList balls={set.balls} units={units} onOpen={setOpened} />
            <LastBall
                ball={set.balls.at(-1)}
                others={set.balls.slice(0, -1)}
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
                    of={{ lesson: lessonId, set: set.id }}
                    strikes={known?.strikes ?? []}
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

/** The balls of the set, the latest first; a press opens one. */
function BallList({ balls, units, onOpen }: { balls: BallSet['balls']; units: Units; onOpen: (id: string) => void }) {
    const { t } = useTranslation();
    if (balls.length === 0) return null;
    return (
        <ol aria-label={t('Balls')} className="mt-1.5 flex gap-1 overflow-x-auto">
            {balls
                .map((one, i) => (
                    <li key={one.id}>
                        <button
                            type="button"
                            className="min-h-12 min-w-12 border border-line px-1.5 text-left text-sm leading-tight whitespace-nowrap"
                            onClick={() => {
                                onOpen(one.id);
                            }}
                        >
                            <span className="font-bold">{i + 1}</span>{' '}
                            {one.seen.strike === undefined ? t('no strike') : word(one.seen.strike)}
                            <span className="block">{touchText(one.seen, units)}</span>
                        </button>
                    </li>
                ))
                .reverse()}
        </ol>
    );
}

/** Asked before the first ball of a retest: what the student expects, beside what comes. */
function Confidence({ most, value, onSure }: { most: number; value: number | null; onSure: (value: number | null) => void }) {
    const { t } = useTranslation();
    return (
        <div role="group" aria-label={t('How sure is the student, 1 to 10')} className="mt-1.5 flex flex-wrap items-center gap-x-2">
            <span className="text-sm leading-tight">
                {t('How sure is the student,')}
                <br />
                {t('1 to 10?')}
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

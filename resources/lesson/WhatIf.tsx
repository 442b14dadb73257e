import { inSentence } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Slider } from 'radix-ui';
import { useDeferredValue, useState } from 'react';
import { answer, api, at } from '../api/client';
import { goodStrikeOf, observableOf, shotOf } from '../api/catalogue';
import type { BallSet, Catalogue, Club, Handed, Lesson, Model, Prediction, SetupChange, Task, Units } from '../api/types.gen';
import { ModelStrip } from '../figures/ModelStrip';
import { Button } from '../ui/Button';
import { clubLabel, sameClub, withInHand } from '../ui/club';
import { Skeleton, Trouble } from '../frame/Page';
import { Panel } from '../ui/Panel';
import { SelectField } from '../ui/SelectField';
import { Reasons } from './Reasons';
import { inTen, observed, oneDecimal } from '../ui/units';

export interface Tried {
    observable: string;
    to: number;
    text: string;
}

interface Props {
    lesson: Lesson;
    set: BallSet;
    catalogue: Catalogue;
    /** Those of the student. */
    clubs: Club[];
    handed: Handed;
    units: Units;
    /** What the reading says of putting the first cause right. */
    prediction: Prediction | null;
    /** What it asks of the set-up. */
    advised: SetupChange[];
    onClose: () => void;
    /** Where given, what was moved can be handed out. */
    onTry?: (tried: Tried) => void;
}

/** Only a part of what a figure may be is worth trying. */
const REACH: Record<string, [number, number]> = {
    shaft_lean_deg: [-8, 20],
    face_open_deg: [-12, 45],
    ball_position_pct: [0, 110],
    lead_weight_pct: [30, 90],
};

/** Move one thing and see at once what the model makes of it, beside what is. */
export function WhatIf({ lesson, set, catalogue, clubs, handed, units, prediction, advised, onClose, onTry }: Props) {
    const { t } = useTranslation();
    const [setup, setSetup] = useState<Record<string, number>>({});
    const [lie, setLie] = useState(lesson.task.lie);
    const [club, setClub] = useState<Club | Task['club']>(lesson.task.club);
    const body = useDeferredValue({ setup, task: { lie, club } });
    const trial = useQuery({
        queryKey: ['try', set.id, set.balls.length, body],
        queryFn: () => answer(api.POST('/api/lessons/{lesson}/sets/{set}/try', { ...at({ lesson: lesson.id, set: set.id }), body })),
        placeholderData: keepPreviousData,
        retry: false,
    });
    const sand = shotOf(catalogue, lesson.task.shot)?.sand === true;
    const good = goodStrikeOf(catalogue, lesson.task.shot);
    const data = trial.data;
    // The whole of what is advised, and nothing else, has the one figure of the advice.
    const isAdvised = data?.advised === true && prediction?.after != null;
    return (
        <Panel title={t('What if')} open onOpenChange={onClose} wide>
            {trial.isError && <Trouble error={trial.error} onRetry={() => void trial.refetch()} />}
            {data === undefined ? (
                !trial.isError && <Skeleton />
            ) : (
                <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[19rem_1fr]">
                    <div className="space-y-4">
                        {Object.entries(REACH).map(([id, reach]) => {
                            const what = observableOf(catalogue, id);
                            const start = data.start[id];
                            if (what === undefined || start === undefined) return null;
                            const value = setup[id] ?? start;
                            const moved = setup[id] !== undefined && Math.round(setup[id]) !== Math.round(start);
                            return (
                                <div key={id} data-try={id}>
                                    <p className="flex min-h-11 items-baseline justify-between leading-tight">
                                        <span className="font-semibold">{what.label}</span>{' '}
                                        <span>
                                            <strong>{observed(what, value, units)}</strong>
                                            {moved && `, ${t('is {{figure}}', { figure: observed(what, start, units) })}`}
                                        </span>
                                    </p>
                                    <Slider.Root
                                        className="relative flex h-12 touch-none items-center"
                                        min={reach[0]}
                                        max={reach[1]}
                                        step={1}
                                        value={[value]}
                                        onValueChange={([next]) => {
                                            if (next !== undefined) setSetup({ ...setup, [id]: next });
                                        }}
                                    >
                                        <Slider.Track className="relative h-1.5 grow bg-soil">
                                            <Slider.Range className="absolute h-full bg-ink" />
                                        </Slider.Track>
                                        <Slider.Thumb
                                            aria-label={what.label}
                                            aria-valuetext={observed(what, value, units)}
                                            className="block h-8 w-5 border-[1.5px] border-ink bg-press"
                                        />
                                    </Slider.Root>
                                    {moved && onTry !== undefined && (
                                        <Button
                                            className="w-full"
                                            onClick={() => {
                                                onTry({
                                                    observable: id,
                                                    to: setup[id] ?? start,
                                                    text: `${what.label} ${observed(what, value, units)}`,
                                                });
                                            }}
                                        >
                                            {t('Try this: {{label}} {{value}}', {
                                                label: inSentence(what.label),
                                                value: observed(what, value, units),
                                            })}
                                        </Button>
                                    )}
                                </div>
                            );
                        })}
                        <SelectField
                            label={t('Lie')}
                            className="w-full"
                            options={(shotOf(catalogue, lesson.task.shot)?.lies ?? []).map(({ id, label }) => ({ value: id, label }))}
                            value={lie}
                            onValue={setLie}
                        />
                        <div role="group" aria-label={t('Club, loft and bounce')} className="flex flex-wrap gap-1.5">
                            {withInHand(clubs, lesson.task.club).map((one) => (
                                <Button
                                    key={clubLabel(one)}
                                    chosen={sameClub(one, club)}
                                    onClick={() => {
                                        setClub(one);
                                    }}
                                >
                                    {clubLabel(one)}
                                </Button>
                            ))}
                        </div>
                    </div>
                    <div>
                        <Side title={t('As it is')} model={data.now} handed={handed} units={units} sand={sand} good={good} />
                        {isAdvised ? (
                            <Advised share={prediction.after ?? 0} good={good} advised={advised} />
                        ) : (
                            <Side
                                title={Object.keys(setup).length === 0 ? t('What if') : t('Only this')}
                                model={data.then}
                                {...{ handed, units, sand }}
                                good={good}
                                tried
                            />
                        )}
                        <Reasons model={data.now} />
                        <p className="mt-2 text-sm">
                            {t('{{note}} Here one figure moves and the swing stays: less lean alone also takes the low point back.', {
                                note: data.now.note,
                            })}
                            {!isAdvised && prediction?.after != null && ` ${t('As advised: {{text}}', { text: prediction.text })}`}
                        </p>
                    </div>
                </div>
            )}
        </Panel>
    );
}

/** What the advice as a whole would win, with what it asks. */
function Advised({ share, good, advised }: { share: number; good: string; advised: SetupChange[] }) {
    const { t } = useTranslation();
    return (
        <section aria-label={t('As advised')} data-testid="advised" className="border-t border-line py-2 leading-tight">
            <p className="font-semibold">{t('As advised')}</p>
            <p>
                <span className="display text-4xl text-marram">{inTen(share)}</span> {good}
            </p>
            <p>{advised.map((one) => one.text).join(' ')}</p>
        </section>
    );
}

function Side({
    title,
    model,
    handed,
    units,
    sand,
    good,
    tried = false,
}: {
    title: string;
    model: Model;
    handed: Handed;
    units: Units;
    sand: boolean;
    good: string;
    tried?: boolean;
}) {
    const { t } = useTranslation();
    return (
        <section
            aria-label={title}
            data-testid={tried ? 'tried' : 'as-is'}
            className="grid grid-cols-[1fr_8.5rem] items-center gap-4 border-t border-line py-1 first:border-t-0"
        >
            <ModelStrip title={title} model={model} handed={handed} units={units} sand={sand} />
            <p className="leading-tight">
                <span className="block font-semibold">{title}</span>
                {model.what_if !== null && (
                    <>
                        <span className={`display text-4xl ${tried ? 'text-marram' : ''}`}>{inTen(model.good_rate)}</span> {good}
                    </>
                )}
                <span className="block text-sm">
                    {t('loft {{loft}}°, bounce {{bounce}}° as delivered', {
                        loft: oneDecimal(model.delivered.loft_deg),
                        bounce: oneDecimal(model.delivered.bounce_deg),
                    })}
                </span>
            </p>
        </section>
    );
}

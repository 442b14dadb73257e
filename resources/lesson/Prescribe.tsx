import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, at } from '../api/client';
import type { BallSet, Catalogue, Handed, Lesson, Reading, SetupChange, Units, WeighedCause } from '../api/types.gen';
import { NowAndAsked } from '../figures/NowAndAsked';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { Panel } from '../ui/Panel';
import { SelectField } from '../ui/SelectField';
import { OwnWay } from './OwnWay';
import { ProposedWay } from './ProposedWay';
import { SchoolsSideBySide } from './SchoolsSideBySide';
import { chance } from '../ui/units';
import type { Bench } from './useBench';
import type { Tried } from './WhatIf';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    reading: Reading;
    catalogue: Catalogue;
    units: Units;
    handed: Handed;
    first: string;
    /** A set-up change found by "what if", to take the place of the one proposed. */
    tried: Tried | undefined;
    onClose: () => void;
}

const MOST_OFFERED = 3;

/** No cause has this id. */
const ANOTHER = 'another';

/** One idea with its set-up changes, one feel, at most two drills: the engine proposes, the coach decides. */
export function Prescribe({ bench, lesson, set, reading, catalogue, units, handed, first, tried, onClose }: Props) {
    const { t } = useTranslation();
    const [causeId, setCauseId] = useState(first);
    const [ownWay, setOwnWay] = useState(false);
    const proposed = useQuery({
        queryKey: ['proposal', set.id, causeId, reading],
        queryFn: () =>
            answer(
                api.GET(
                    '/api/lessons/{lesson}/sets/{set}/causes/{cause}/prescription',
                    at({ lesson: lesson.id, set: set.id, cause: causeId }),
                ),
            ),
        initialData: causeId === reading.work_on_first ? reading.prescription : undefined,
    });
    const cause = reading.causes.find((one) => one.id === causeId);
    const [all, setAll] = useState(false);
    // The likeliest, and what was seen; the rest where somebody asks.
    const isOffered = (one: WeighedCause, place: number) => place < MOST_OFFERED || one.seen || one.id === causeId;
    const offered = reading.causes.filter(isOffered);
    const others = reading.causes.filter((one, place) => !isOffered(one, place));
    const give = (given: Parameters<Bench['prescribe']>[0]) => {
        bench.prescribe(given);
        onClose();
    };
    return (
        <Panel title={t('Prescription')} open onOpenChange={onClose} wide>
            <SelectField
                label={t('Work on')}
                outer="mb-4 block font-semibold"
                className="w-full"
                options={[
                    ...offered.map((one) => ({ value: one.id, label: `${one.name}, ${chance(one.probability)}` })),
                    ...(all
                        ? others.map((one) => ({ value: one.id, label: one.name }))
                        : others.length > 0
                          ? [{ value: ANOTHER, label: t('another cause …') }]
                          : []),
                ]}
                value={causeId}
                onValue={(next) => {
                    if (next === ANOTHER) setAll(true);
                    else setCauseId(next);
                }}
            />
            {cause !== undefined && cause.main_reasons.length > 0 && (
                <p className="mb-4">
                    <strong>{t('Because:')}</strong> {cause.main_reasons.join(' ')}
                    {cause.against[0] !== undefined && (
                        <>
                            {' '}
                            <strong>{t('Against it:')}</strong> {cause.against[0].text}
                        </>
                    )}
                </p>
            )}
            <SchoolsSideBySide reading={reading} catalogue={catalogue} units={units} />
            <div role="group" aria-label={t('How it is put together')} className="mb-4 flex gap-1.5">
                <Button
                    chosen={!ownWay}
                    onClick={() => {
                        setOwnWay(false);
                    }}
                >
                    {t('As proposed')}
                </Button>
                <Button
                    chosen={ownWay}
                    onClick={() => {
                        setOwnWay(true);
                    }}
                >
                    {t('Your own way')}
                </Button>
            </div>
            {ownWay && cause && (
                <OwnWay
                    {...{ lesson, set, catalogue, units }}
                    onGive={({ figures, feel, drills }) => {
                        give({
                            kind: 'prescribe',
                            lessonId: lesson.id,
                            setId: set.id,
                            cause,
                            school: reading.school.id,
                            feel,
                            drills,
                            goals: {},
                            sentence: '',
                            setup: figures.map(changeTo),
                            figures: figures.map(({ observable, to }) => ({ observable, to })),
                        });
                    }}
                />
            )}
            {!ownWay && causeId === reading.work_on_first && <NowAndAsked views={reading.asked ?? []} handed={handed} slim />}
            {!ownWay && proposed.isPending && <Skeleton />}
            {!ownWay && proposed.isError && <Trouble error={proposed.error} onRetry={() => void proposed.refetch()} />}
            {!ownWay && proposed.data && cause && (
                <ProposedWay
                    key={causeId}
                    proposal={proposed.data}
                    catalogue={catalogue}
                    tried={tried}
                    name={`${set.id} ${causeId}`}
                    onGive={({ feel, drills, change, goals, sentence }) => {
                        const setup = change === undefined ? proposed.data.setup : [changeTo(change)];
                        give({
                            kind: 'prescribe',
                            lessonId: lesson.id,
                            setId: set.id,
                            cause,
                            school: reading.school.id,
                            setup,
                            feel,
                            drills,
                            goals,
                            sentence,
                            ...(change === undefined ? {} : { figures: [{ observable: change.observable, to: change.to }] }),
                        });
                    }}
                />
            )}
        </Panel>
    );
}

/** A figure of the coach's own, as it stands among the changes until the server has worded it. */
function changeTo({ observable, to, text }: { observable: string; to: number; text: string }): SetupChange {
    return { observable: observable as SetupChange['observable'], from: null, to, text };
}

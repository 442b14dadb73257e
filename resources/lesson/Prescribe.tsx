import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/client';
import type { BallSet, DrillSheet, Lesson, Proposal, Reading } from '../api/types';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../ui/Page';
import { Panel } from '../ui/Panel';
import type { Bench } from './useBench';
import type { Tried } from './WhatIf';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    reading: Reading;
    first: string;
    /** A set-up change found by "what if", to take the place of the one proposed. */
    tried: Tried | undefined;
    onClose: () => void;
}

const MOST_DRILLS = 2;

/** One set-up change, one feel, at most two drills: the engine proposes, the coach decides. */
export function Prescribe({ bench, lesson, set, reading, first, tried, onClose }: Props) {
    const [causeId, setCauseId] = useState(first);
    const proposed = useQuery({
        queryKey: ['proposal', set.id, causeId, reading],
        queryFn: () => call<Proposal>('GET', `lessons/${lesson.id}/sets/${set.id}/causes/${causeId}/prescription`),
        initialData: causeId === reading.work_on_first ? reading.prescription : undefined,
    });
    const cause = reading.causes.find((one) => one.id === causeId);
    return (
        <Panel title="Prescription" open onOpenChange={onClose} wide>
            <label className="mb-4 block font-semibold">
                Work on
                <select className="mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal" value={causeId} onChange={(event) => { setCauseId(event.target.value); }}>
                    {reading.causes.map((one) => <option key={one.id} value={one.id}>{one.name} ({Math.round(one.probability * 100)} %)</option>)}
                </select>
            </label>
            {proposed.isPending && <Skeleton />}
            {proposed.isError && <Trouble error={proposed.error} onRetry={() => void proposed.refetch()} />}
            {proposed.data && cause && (
                <Choose
                    key={causeId}
                    proposal={proposed.data}
                    tried={tried}
                    onGive={(feel, drills, change) => {
                        const setup = change === undefined ? proposed.data.setup : [{ observable: change.observable, from: null, to: change.to, text: change.text }];
                        bench.send({
                            kind: 'prescribe', lessonId: lesson.id, setId: set.id, cause, school: reading.school.id, setup, feel, drills,
                            ...(change === undefined ? {} : { change: { observable: change.observable, to: change.to } }),
                        });
                        onClose();
                    }}
                />
            )}
        </Panel>
    );
}

interface ChooseProps {
    proposal: Proposal;
    tried: Tried | undefined;
    onGive: (feel: string, drills: DrillSheet[], change: Tried | undefined) => void;
}

function Choose({ proposal, tried, onGive }: ChooseProps) {
    const [change, setChange] = useState(tried);
    const all = [...proposal.drills, ...proposal.other_drills];
    const [feel, setFeel] = useState(proposal.feel ?? '');
    const [chosen, setChosen] = useState(proposal.drills.map((drill) => drill.id));
    const toggle = (id: string) => { setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-MOST_DRILLS)); };
    return (
        <>
            <h3 className="text-lg">Set-up</h3>
            {tried !== undefined && (
                <div className="my-1 flex flex-wrap gap-1.5">
                    <Button chosen={change !== undefined} onClick={() => { setChange(tried); }}>{tried.text} (what if)</Button>
                    <Button chosen={change === undefined} onClick={() => { setChange(undefined); }}>as proposed</Button>
                </div>
            )}
            {change === undefined ? proposal.setup.map((one) => <p key={one.text} className="mb-1">{one.text}</p>) : <p className="mb-1">{change.text}</p>}
            {proposal.stop !== null && <p className="mb-4">{proposal.stop}</p>}
            <h3 className="text-lg">Feel, one of these</h3>
            <div className="mb-4 mt-1 grid gap-1.5">
                {Object.entries(proposal.feels ?? {}).map(([kind, text]) => (
                    <Button key={kind} chosen={feel === text} className="text-left leading-tight" onClick={() => { setFeel(text); }}>{text} <span className="font-normal">({kind === 'sound' ? 'a sound' : `${kind} the body`})</span></Button>
                ))}
            </div>
            <h3 className="text-lg">Drills, at most two</h3>
            <div className="mb-4 mt-1 space-y-3">
                {all.map((drill) => (
                    <article key={drill.id} className={chosen.includes(drill.id) ? 'border-l-[6px] border-marram pl-3' : 'pl-[18px]'}>
                        <Button chosen={chosen.includes(drill.id)} onClick={() => { toggle(drill.id); }}>{drill.name}</Button>
                        <p className="mt-1">{drill.purpose} {drill.dose.sets} × {drill.dose.balls}, {drill.dose.minutes} minutes. Passed: {drill.pass.kind === 'count' && `${String(drill.pass.need)} of ${String(drill.pass.of)}. `}{drill.pass.text}</p>
                        {drill.distances.map((text) => <p key={text} className="font-semibold">{text}</p>)}
                        <details className="text-sm">
                            <summary className="min-h-6 cursor-pointer">Steps and cautions</summary>
                            <ol className="list-decimal pl-5">{drill.steps.map((step) => <li key={step}>{step}</li>)}</ol>
                            <p>Easier: {drill.easier} Harder: {drill.harder}</p>
                            <ul className="mt-2 list-disc pl-5">{drill.cautions.map((caution) => <li key={caution}>{caution}</li>)}</ul>
                        </details>
                    </article>
                ))}
                {proposal.left_out.map((drill) => <p key={drill.id} className="pl-[18px]">{drill.name} is left out: {drill.why}.</p>)}
            </div>
            {proposal.measure !== null && <p className="mb-4">What must move: {proposal.measure}.</p>}
            <Button main disabled={feel === ''} onClick={() => { onGive(feel, all.filter((drill) => chosen.includes(drill.id)), change); }}>Hand it out</Button>
        </>
    );
}

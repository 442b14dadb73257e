import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/client';
import { observableOf } from '../api/queries';
import type { BallSet, Catalogue, DrillHandout, Goal, Lesson, Proposal, Reading, ScoringKind, Units } from '../api/types';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../ui/Page';
import { Panel } from '../ui/Panel';
import { inTen, numberOr, observed } from '../ui/units';
import { OwnWay } from './OwnWay';
import type { Bench } from './useBench';
import type { Tried } from './WhatIf';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    reading: Reading;
    catalogue: Catalogue;
    units: Units;
    first: string;
    /** A set-up change found by "what if", to take the place of the one proposed. */
    tried: Tried | undefined;
    onClose: () => void;
}

const MOST_DRILLS = 2;

/** One idea with its set-up changes, one feel, at most two drills: the engine proposes, the coach decides. */
export function Prescribe({ bench, lesson, set, reading, catalogue, units, first, tried, onClose }: Props) {
    const [causeId, setCauseId] = useState(first);
    const [ownWay, setOwnWay] = useState(false);
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
            {cause !== undefined && cause.for.length > 0 && <p className="mb-4"><strong>Because:</strong> {cause.for.slice(0, 3).map((clue) => clue.text).join(' ')}{cause.against[0] !== undefined && <> <strong>Against it:</strong> {cause.against[0].text}</>}</p>}
            <SchoolsSideBySide reading={reading} catalogue={catalogue} units={units} />
            <div role="group" aria-label="How it is put together" className="mb-4 flex gap-1.5">
                <Button chosen={!ownWay} onClick={() => { setOwnWay(false); }}>As proposed</Button>
                <Button chosen={ownWay} onClick={() => { setOwnWay(true); }}>Your own way</Button>
            </div>
            {ownWay && cause && (
                <OwnWay
                    {...{ lesson, set, catalogue, units }}
                    onGive={({ figures, feel, drills }) => {
                        bench.send({
                            kind: 'prescribe', lessonId: lesson.id, setId: set.id, cause, school: reading.school.id, feel, drills, goals: {}, sentence: '',
                            setup: figures.map(({ observable, to, text }) => ({ observable, from: null, to, text })),
                            figures: figures.map(({ observable, to }) => ({ observable, to })),
                        });
                        onClose();
                    }}
                />
            )}
            {!ownWay && proposed.isPending && <Skeleton />}
            {!ownWay && proposed.isError && <Trouble error={proposed.error} onRetry={() => void proposed.refetch()} />}
            {!ownWay && proposed.data && cause && (
                <Choose
                    key={causeId}
                    proposal={proposed.data}
                    tried={tried}
                    onGive={({ feel, drills, change, goals, sentence }) => {
                        const setup = change === undefined ? proposed.data.setup : [{ observable: change.observable, from: null, to: change.to, text: change.text }];
                        bench.send({
                            kind: 'prescribe', lessonId: lesson.id, setId: set.id, cause, school: reading.school.id, setup, feel, drills, goals, sentence,
                            ...(change === undefined ? {} : { figures: [{ observable: change.observable, to: change.to }] }),
                        });
                        onClose();
                    }}
                />
            )}
        </Panel>
    );
}

interface Given {
    feel: string;
    drills: DrillHandout[];
    change: Tried | undefined;
    goals: Record<string, Partial<Goal>>;
    sentence: string;
}

interface ChooseProps {
    proposal: Proposal;
    tried: Tried | undefined;
    onGive: (given: Given) => void;
}

function Choose({ proposal, tried, onGive }: ChooseProps) {
    const [change, setChange] = useState(tried);
    const [goals, setGoals] = useState<Record<string, Partial<Goal>>>({});
    const [sentence, setSentence] = useState('');
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
            {change === undefined ? <ol className="mb-1 list-decimal pl-5">{proposal.setup.map((one) => <li key={one.text}>{one.text}</li>)}</ol> : <p className="mb-1">{change.text}</p>}
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
                        <p className="mt-1">{drill.purpose} {drill.dose.sets} × {drill.dose.balls}, {drill.dose.minutes} minutes. Passed: {drill.goal.text}. {drill.pass.text}</p>
                        {chosen.includes(drill.id) && <Dose goal={drill.goal} over={goals[drill.id] ?? {}} onChange={(over) => { setGoals({ ...goals, [drill.id]: over }); }} />}
                        <p className="text-sm">{drill.trade.better !== '' && <>Better: {drill.trade.better}. </>}{drill.trade.worse !== '' && <>Worse: {drill.trade.worse}.</>}</p>
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
            <label className="mb-4 block font-semibold">
                A sentence of your own for the student
                <input className="mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal" maxLength={500} value={sentence} onChange={(event) => { setSentence(event.target.value); }} />
            </label>
            <Button main disabled={feel === ''} onClick={() => { onGive({ feel, drills: all.filter((drill) => chosen.includes(drill.id)), change, goals, sentence }); }}>Hand it out</Button>
        </>
    );
}

const DOSE = [['sets', 'sets'], ['balls', 'balls'], ['minutes', 'minutes'], ['need', 'pass at'], ['of', 'of']] as const;
const KINDS: ScoringKind[] = ['count', 'streak', 'ladder', 'error', 'timed', 'free'];

/** Dose and pass mark, to be changed where the student needs others. */
function Dose({ goal, over, onChange }: { goal: Goal; over: Partial<Goal>; onChange: (over: Partial<Goal>) => void }) {
    return (
        <details>
            <summary className="min-h-8 cursor-pointer underline">Dose and pass mark</summary>
            <div className="flex flex-wrap items-end gap-2 py-1">
                <label className="text-sm">
                    scored by
                    <select className="block min-h-12 border-[1.5px] border-ink bg-press px-2 text-base" value={over.kind ?? goal.kind} onChange={(event) => { onChange({ ...over, kind: KINDS.find((kind) => kind === event.target.value) ?? goal.kind }); }}>
                        {KINDS.map((kind) => <option key={kind} value={kind}>{kind}</option>)}
                    </select>
                </label>
                {DOSE.map(([key, label]) => (
                    <label key={key} className="text-sm">
                        {label}
                        <input inputMode="numeric" className="block min-h-12 w-20 border-[1.5px] border-ink bg-press px-2 text-base" defaultValue={over[key] ?? goal[key] ?? ''} onChange={(event) => { onChange({ ...over, [key]: event.target.value.trim() === '' ? undefined : numberOr(event.target.value) }); }} />
                    </label>
                ))}
            </div>
        </details>
    );
}

/** The chosen school and the one the evidence speaks for, card beside card. */
function SchoolsSideBySide({ reading, catalogue, units }: { reading: Reading; catalogue: Catalogue; units: Units }) {
    const { school } = reading;
    if (school.offer === null) return null;
    const sides = [{ name: school.name, idea: school.idea, card: reading.card, rate: school.offer.rate_chosen }, { name: school.offer.name, idea: school.offer.idea, card: school.offer.card, rate: school.offer.rate_offered }];
    return (
        <div className="mb-4 border-l-[6px] border-ochre pl-3">
            <p className="mb-2">{school.offer.why} The choice is yours: change the school in the task.</p>
            <div className="grid gap-4 sm:grid-cols-2">
                {sides.map((side) => (
                    <section key={side.name} aria-label={side.name}>
                        <h3 className="text-lg">{side.name}{side.rate !== null && `, about ${inTen(side.rate)}`}</h3>
                        <p className="text-sm">{side.idea}</p>
                        <ul className="text-sm">
                            {Object.entries(side.card).map(([id, [from, to]]) => {
                                const what = observableOf(catalogue, id);
                                return what && <li key={id}>{what.label}: {observed(what, from, units)} to {observed(what, to, units)}</li>;
                            })}
                        </ul>
                    </section>
                ))}
            </div>
        </div>
    );
}

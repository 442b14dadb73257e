import { useState } from 'react';
import type { Catalogue, DrillHandout, GoalChoice, Proposal } from '../api/types.gen';
import { Button } from '../ui/Button';
import { GoalFields } from './GoalFields';
import type { Tried } from './WhatIf';

interface Given {
    feel: string;
    drills: DrillHandout[];
    change: Tried | undefined;
    goals: Record<string, GoalChoice>;
    sentence: string;
}

interface Props {
    proposal: Proposal;
    catalogue: Catalogue;
    tried: Tried | undefined;
    onGive: (given: Given) => void;
}

/** What the core proposes, each part of it to be chosen. */
export function ProposedWay({ proposal, catalogue, tried, onGive }: Props) {
    const [change, setChange] = useState(tried);
    const [goals, setGoals] = useState<Record<string, GoalChoice>>({});
    const [sentence, setSentence] = useState('');
    const all = [...proposal.drills, ...proposal.other_drills];
    const [feel, setFeel] = useState(proposal.feel ?? '');
    const [chosen, setChosen] = useState(proposal.drills.map((drill) => drill.id));
    const toggle = (id: string) => {
        setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-catalogue.most.drills));
    };
    return (
        <>
            <h3 className="text-lg">Set-up</h3>
            {tried !== undefined && (
                <div className="my-1 flex flex-wrap gap-1.5">
                    <Button
                        chosen={change !== undefined}
                        onClick={() => {
                            setChange(tried);
                        }}
                    >
                        {tried.text} (what if)
                    </Button>
                    <Button
                        chosen={change === undefined}
                        onClick={() => {
                            setChange(undefined);
                        }}
                    >
                        as proposed
                    </Button>
                </div>
            )}
            {change === undefined ? (
                <ol className="mb-1 list-decimal pl-5">
                    {proposal.setup.map((one) => (
                        <li key={one.text}>{one.text}</li>
                    ))}
                </ol>
            ) : (
                <p className="mb-1">{change.text}</p>
            )}
            {proposal.stop !== null && <p className="mb-4">{proposal.stop}</p>}
            <h3 className="text-lg">Feel, one of these</h3>
            <div className="mb-4 mt-1 grid gap-1.5">
                {Object.entries(proposal.feels ?? {}).map(([kind, text]) => (
                    <Button
                        key={kind}
                        chosen={feel === text}
                        className="text-left leading-tight"
                        onClick={() => {
                            setFeel(text);
                        }}
                    >
                        {text} <span className="font-normal">({kind === 'sound' ? 'a sound' : `${kind} the body`})</span>
                    </Button>
                ))}
            </div>
            <h3 className="text-lg">Drills, at most {catalogue.most.drills}</h3>
            <div className="mb-4 mt-1 space-y-3">
                {all.map((drill) => (
                    <article key={drill.id} className={chosen.includes(drill.id) ? 'border-l-[6px] border-marram pl-3' : 'pl-[18px]'}>
                        <Button
                            chosen={chosen.includes(drill.id)}
                            onClick={() => {
                                toggle(drill.id);
                            }}
                        >
                            {drill.name}
                        </Button>
                        <p className="mt-1">
                            {drill.purpose} {drill.dose.sets} × {drill.dose.balls}, {drill.dose.minutes} minutes. Passed: {drill.goal.text}.{' '}
                            {drill.pass.text}
                        </p>
                        {chosen.includes(drill.id) && (
                            <GoalFields
                                kinds={catalogue.scoring}
                                goal={drill.goal}
                                over={goals[drill.id] ?? {}}
                                onChange={(over) => {
                                    setGoals({ ...goals, [drill.id]: over });
                                }}
                            />
                        )}
                        <p className="text-sm">
                            {drill.trade.better !== '' && <>Better: {drill.trade.better}. </>}
                            {drill.trade.worse !== '' && <>Worse: {drill.trade.worse}.</>}
                        </p>
                        {drill.distances.map((text) => (
                            <p key={text} className="font-semibold">
                                {text}
                            </p>
                        ))}
                        <details className="text-sm">
                            <summary className="min-h-6 cursor-pointer">Steps and cautions</summary>
                            <ol className="list-decimal pl-5">
                                {drill.steps.map((step) => (
                                    <li key={step}>{step}</li>
                                ))}
                            </ol>
                            <p>
                                Easier: {drill.easier} Harder: {drill.harder}
                            </p>
                            <ul className="mt-2 list-disc pl-5">
                                {drill.cautions.map((caution) => (
                                    <li key={caution}>{caution}</li>
                                ))}
                            </ul>
                        </details>
                    </article>
                ))}
                {proposal.left_out.map((drill) => (
                    <p key={drill.id} className="pl-[18px]">
                        {drill.name} is left out: {drill.why}.
                    </p>
                ))}
            </div>
            {proposal.measure !== null && <p className="mb-4">What must move: {proposal.measure}.</p>}
            <label className="mb-4 block font-semibold">
                A sentence of your own for the student
                <input
                    className="mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal"
                    maxLength={catalogue.most.text}
                    value={sentence}
                    onChange={(event) => {
                        setSentence(event.target.value);
                    }}
                />
            </label>
            <Button
                main
                disabled={feel === ''}
                onClick={() => {
                    onGive({ feel, drills: all.filter((drill) => chosen.includes(drill.id)), change, goals, sentence });
                }}
            >
                Hand it out
            </Button>
        </>
    );
}

import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import type { Catalogue, DrillHandout, GoalChoice, Proposal } from '../api/types.gen';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { useDraft } from '../ui/useDraft';
import { DrillOffer } from './DrillOffer';
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
    /** Of what is being written here, so that it is found again. */
    name: string;
    onGive: (given: Given) => void;
}

/** What the core proposes, each part of it to be chosen. */
export function ProposedWay({ proposal, catalogue, tried, name, onGive }: Props) {
    const { t } = useTranslation();
    const [change, setChange] = useState(tried);
    const [goals, setGoals, goalsGiven] = useDraft<Record<string, GoalChoice>>(`goals ${name}`, {});
    const [sentence, setSentence, sentenceGiven] = useDraft(`sentence ${name}`, '');
    const all = [...proposal.drills, ...proposal.other_drills];
    const [feel, setFeel, feelGiven] = useDraft(`feel ${name}`, proposal.feel ?? '');
    const [chosen, setChosen] = useState(proposal.drills.map((drill) => drill.id));
    const toggle = (id: string) => {
        setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-catalogue.most.drills));
    };
    return (
        <>
            <h3 className="text-lg">{t('Set-up')}</h3>
            {tried !== undefined && (
                <div className="my-1 flex flex-wrap gap-1.5">
                    <Button
                        chosen={change !== undefined}
                        onClick={() => {
                            setChange(tried);
                        }}
                    >
                        {t('{{text}} (what if)', { text: tried.text })}
                    </Button>
                    <Button
                        chosen={change === undefined}
                        onClick={() => {
                            setChange(undefined);
                        }}
                    >
                        {t('as proposed')}
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
            <h3 className="text-lg">{t('Feel, one of these')}</h3>
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
                        {text}{' '}
                        <span className="font-normal">
                            ({kind === 'sound' ? t('a sound') : kind === 'outside' ? t('outside the body') : t('inside the body')})
                        </span>
                    </Button>
                ))}
            </div>
            <h3 className="text-lg">{t('Drills, at most {{drills}}', { drills: catalogue.most.drills })}</h3>
            <div className="mb-4 mt-1 space-y-3">
                {all.map((drill) => (
                    <DrillOffer
                        key={drill.id}
                        drill={drill}
                        chosen={chosen.includes(drill.id)}
                        over={goals[drill.id] ?? {}}
                        onToggle={() => {
                            toggle(drill.id);
                        }}
                        onGoal={(over) => {
                            setGoals({ ...goals, [drill.id]: over });
                        }}
                    />
                ))}
                {proposal.left_out.map((drill) => (
                    <p key={drill.id} className="pl-[18px]">
                        {t('{{name}} is left out: {{why}}.', { name: drill.name, why: drill.why })}
                    </p>
                ))}
            </div>
            {proposal.measure !== null && <p className="mb-4">{t('What must move: {{measure}}.', { measure: proposal.measure })}</p>}
            <TextField
                label={t('A sentence of your own for the student')}
                outer="mb-4 block font-semibold"
                maxLength={catalogue.most.text}
                value={sentence}
                onValue={setSentence}
            />
            <Button
                main
                disabled={feel === ''}
                onClick={() => {
                    [goalsGiven, sentenceGiven, feelGiven].forEach((done) => {
                        done();
                    });
                    onGive({ feel, drills: all.filter((drill) => chosen.includes(drill.id)), change, goals, sentence });
                }}
            >
                {t('Hand it out')}
            </Button>
        </>
    );
}

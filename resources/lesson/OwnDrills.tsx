import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import type { DrillHandout, OwnWay } from '../api/types.gen';
import { Button } from '../ui/Button';
import { OwnDrillForm } from './OwnDrillForm';

interface Props {
    own: OwnWay;
    drills: DrillHandout[];
    /** Ids. */
    chosen: string[];
    onChoose: (chosen: string[]) => void;
    onKept: () => Promise<unknown>;
}

/** Any drills of the shot, or a new one of the coach's own. */
export function OwnDrills({ own, drills, chosen, onChoose, onKept }: Props) {
    const { t } = useTranslation();
    const [inventing, setInventing] = useState(false);
    // The one chosen first gives way.
    const add = (id: string) => {
        onChoose([...chosen, id].slice(-own.most.drills));
    };
    return (
        <>
            <h3 className="text-lg">{t('Drills, at most {{drills}}', { drills: own.most.drills })}</h3>
            <div className="mt-1 flex flex-wrap gap-1.5">
                {drills.map((drill) => (
                    <Button
                        key={drill.id}
                        chosen={chosen.includes(drill.id)}
                        title={drill.purpose}
                        onClick={() => {
                            if (chosen.includes(drill.id)) onChoose(chosen.filter((one) => one !== drill.id));
                            else add(drill.id);
                        }}
                    >
                        {drill.name}
                    </Button>
                ))}
                {!inventing && (
                    <Button
                        onClick={() => {
                            setInventing(true);
                        }}
                    >
                        {t('A drill of your own')}
                    </Button>
                )}
            </div>
            {inventing && (
                <OwnDrillForm
                    own={own}
                    onClose={() => {
                        setInventing(false);
                    }}
                    onKept={(id) => {
                        add(id);
                        return onKept();
                    }}
                />
            )}
            {drills
                .filter((drill) => chosen.includes(drill.id))
                .map((drill) => (
                    <p key={drill.id} className="mt-2">
                        {t('{{name}}: {{purpose}} {{sets}} × {{balls}}. Passed: {{goal}}.', {
                            name: drill.name,
                            purpose: drill.purpose,
                            sets: drill.dose.sets,
                            balls: drill.dose.balls,
                            goal: drill.goal.text,
                        })}
                    </p>
                ))}
        </>
    );
}

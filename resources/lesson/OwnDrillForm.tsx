import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { ulid } from 'ulid';
import { answer, api, at } from '../api/client';
import type { DrillPreview, GoalChoice, OwnWay } from '../api/types.gen';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { useDraft } from '../ui/useDraft';
import { numberOr } from '../ui/units';
import { GoalFields } from './GoalFields';
import { DrillParts, type LaidPart } from './DrillParts';
import { Problem } from '../ui/Problem';
import { told } from '../api/told';

interface Props {
    own: OwnWay;
    onClose: () => void;
    onKept: (id: string) => Promise<unknown>;
}

const FIELD = 'mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal';
const MM_PER_CM = 10;

/** A drill of the coach's own: text, dose, scoring, and a picture from a few parts. It is drawn as it will be handed out. */
export function OwnDrillForm({ own: { parts, kinds, most, first_goal: firstGoal }, onClose, onKept }: Props) {
    const { t } = useTranslation();
    const [id] = useState(() => ulid().toLowerCase());
    const [name, setName, nameKept] = useDraft('own drill, name', '');
    const [purpose, setPurpose, purposeKept] = useDraft('own drill, purpose', '');
    const [steps, setSteps, stepsKept] = useDraft('own drill, steps', '');
    const [goal, setGoal] = useState<GoalChoice>(firstGoal);
    const [laid, setLaid] = useState<LaidPart[]>([]);
    const [kept, setKept] = useState<DrillPreview | null>(null);
    const [trouble, setTrouble] = useState('');
    const cm = (typed: string) => {
        const value = numberOr(typed === '' ? '0' : typed);
        return typeof value === 'number' ? value * MM_PER_CM : value;
    };
    const keep = () => {
        const body = {
            name,
            purpose,
            steps: steps
                .split('\n')
                .map((step) => step.trim())
                .filter((step) => step !== ''),
            goal,
            parts: laid.map((part) => ({ kind: part.kind, ahead_mm: cm(part.ahead), across_mm: cm(part.across) })),
        };
        answer(api.PUT('/api/own/drills/{drill}', { ...at({ drill: id }), body }))
            .then((drill) => {
                setKept(drill);
                [nameKept, purposeKept, stepsKept].forEach((done) => {
                    done();
                });
                setTrouble('');
                return onKept(id);
            })
            .catch((error: unknown) => {
                setTrouble(told(error));
            });
    };
    return (
        <section aria-label={t('A drill of your own')} className="mt-3 space-y-3 border-l-[6px] border-ochre pl-3">
            <div className="grid gap-3 sm:grid-cols-2">
                <TextField label={t('Name')} outer="font-semibold" maxLength={60} value={name} onValue={setName} />
                <TextField label={t('What it is for')} outer="font-semibold" maxLength={200} value={purpose} onValue={setPurpose} />
            </div>
            <label className="block font-semibold">
                {t('Steps, one a line')}
                <textarea
                    className={`${FIELD} min-h-24 py-2`}
                    value={steps}
                    onChange={(event) => {
                        setSteps(event.target.value);
                    }}
                />
            </label>
            <GoalFields kinds={kinds} goal={firstGoal} over={goal} onChange={setGoal} />
            <DrillParts parts={parts} most={most.parts} laid={laid} onLay={setLaid} />
            <Problem text={trouble} />
            {kept !== null && (
                <img
                    className="w-full max-w-sm"
                    alt={t('{{name}}, seen from above', { name: kept.drill.name })}
                    src={`data:image/svg+xml;utf8,${encodeURIComponent(kept.svg)}`}
                />
            )}
            <div className="flex gap-1.5">
                <Button onClick={keep}>{kept === null ? t('Keep the drill') : t('Keep it anew')}</Button>
                <Button onClick={onClose}>{kept === null ? t('Never mind') : t('Done')}</Button>
            </div>
        </section>
    );
}

import { word } from '../language/trade';
import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { useId, useState, type FormEvent, type ReactNode } from 'react';
import { schoolKept, schoolsOf, shotOf } from '../api/catalogue';
import type { Catalogue, Club, Task, Units } from '../api/types.gen';
import { Button } from '../ui/Button';
import { clubLabel, sameClub } from '../ui/club';
import { TextField } from '../ui/TextField';
import { numberOr, shownFactor, shownUnit } from '../ui/units';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';

/** Figures of the task that are typed; some only for some shots, as the catalogue says. */
const FIGURES = [
    { id: 'carry_m', label: said('Carry'), metres: true },
    { id: 'roll_m', label: said('Green to roll on'), metres: true },
    { id: 'lip_height_m', label: said('Lip height'), metres: true },
    { id: 'lip_distance_m', label: said('Lip away'), metres: true },
    { id: 'slope_deg', label: said('Slope, + uphill'), metres: false },
] as const;

interface Props {
    catalogue: Catalogue;
    /** Those of the student. */
    clubs: Club[];
    units: Units;
    task: Task;
    submit: string;
    problem: string;
    onSubmit: (task: Task) => void;
}

export function TaskForm({ catalogue, clubs, units, task: first, submit, problem, onSubmit }: Props) {
    const { t } = useTranslation();
    const [task, setTask] = useState(first);
    const factor = shownFactor('m', units);
    const shown = (value: number | null | undefined, by: number) =>
        value === null || value === undefined ? '' : String(Math.round((value / by) * 10) / 10);
    const [figures, setFigures] = useState<Record<string, string>>(() =>
        Object.fromEntries(FIGURES.map(({ id, metres }) => [id, shown(first[id], metres ? factor : 1)])),
    );
    const [loft, setLoft] = useState(String(first.club.loft_deg));
    const [bounce, setBounce] = useState(String(first.club.bounce_deg));
    const shot = shotOf(catalogue, task.shot);
    const change = (part: Partial<Task>) => {
        setTask({ ...task, ...part });
    };
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        // What is not a number goes out as typed: the server names what is wrong with it.
        const typed = { loft_deg: numberOr(loft), bounce_deg: numberOr(bounce) };
        // With its name, where it is one that has one.
        const club = [task.club, ...clubs].find((one) => sameClub(one, typed)) ?? typed;
        const numbers = Object.fromEntries(
            FIGURES.map(({ id, metres }) => {
                const text = figures[id] ?? '';
                const value = text.trim() === '' ? null : numberOr(text);
                return [id, typeof value === 'number' && metres ? value * factor : value];
            }),
        );
        onSubmit({ ...task, ...numbers, club });
    };
    return (
        <form onSubmit={onSend} className="space-y-5">
            <ShotAndLie
                catalogue={catalogue}
                task={task}
                onChange={change}
                onCarry={(metres) => {
                    setFigures({ ...figures, carry_m: shown(metres, factor) });
                }}
            />
            <Choices label={t('Club, loft and bounce')}>
                {clubs.map((club) => (
                    <Button
                        key={clubLabel(club)}
                        chosen={loft === String(club.loft_deg) && bounce === String(club.bounce_deg)}
                        onClick={() => {
                            setLoft(String(club.loft_deg));
                            setBounce(String(club.bounce_deg));
                        }}
                    >
                        {clubLabel(club)}
                    </Button>
                ))}
                <TextField
                    label={t('Loft °')}
                    outer="flex items-center gap-2"
                    className="mt-0! w-20"
                    inputMode="decimal"
                    value={loft}
                    onValue={setLoft}
                />
                <TextField
                    label={t('Bounce °')}
                    outer="flex items-center gap-2"
                    className="mt-0! w-20"
                    inputMode="decimal"
                    value={bounce}
                    onValue={setBounce}
                />
            </Choices>
            <div className="flex flex-wrap gap-x-10 gap-y-5">
                {FIGURES.filter(({ id }) => catalogue.task[id]?.sand_only !== true || shot?.sand === true).map(({ id, metres, label }) => (
                    <TextField
                        key={id}
                        label={`${t(label)}, ${metres ? shownUnit('m', units) : '°'}`}
                        className="w-24"
                        inputMode="decimal"
                        value={figures[id] ?? ''}
                        onValue={(value) => {
                            setFigures({ ...figures, [id]: value });
                        }}
                    />
                ))}
                <Choices label={t('Flight')}>
                    {catalogue.task.flight_wanted?.answers.map((answer) => (
                        <Button
                            key={answer.label}
                            chosen={(task.flight_wanted ?? 'stock') === answer.value}
                            onClick={() => {
                                change({ flight_wanted: answer.value as Task['flight_wanted'] });
                            }}
                        >
                            {answer.label}
                        </Button>
                    ))}
                </Choices>
                <SchoolChoice catalogue={catalogue} task={task} onChange={change} />
            </div>
            <TextField
                label={t('What does the student believe goes wrong?')}
                placeholder={t('In the student’s words, for example: I scoop it')}
                value={task.belief ?? ''}
                onValue={(value) => {
                    change({ belief: value === '' ? null : value });
                }}
            />
            <Problem text={problem} />
            <Button type="submit" main className="px-8">
                {submit}
            </Button>
        </form>
    );
}

function Choices({ label, children }: { label: string; children: ReactNode }) {
    const id = useId();
    return (
        <div role="group" aria-labelledby={id}>
            <p id={id} className="mb-1 font-semibold">
                {label}
            </p>
            <div className="flex flex-wrap items-center gap-2">{children}</div>
        </div>
    );
}

/** Schools that suit the shot from this lie; one that was chosen before stays to be seen. */
function SchoolChoice({ catalogue, task, onChange }: { catalogue: Catalogue; task: Task; onChange: (part: Partial<Task>) => void }) {
    const { t } = useTranslation();
    const suiting = schoolsOf(catalogue, task.shot, task.lie);
    const schools = catalogue.schools.filter((one) => suiting.includes(one) || one.id === task.method);
    return (
        <SelectField
            label={t('School')}
            options={[{ value: '', label: t('the usual one for the lie') }, ...schools.map(({ id, name }) => ({ value: id, label: name }))]}
            value={task.method ?? ''}
            onValue={(school) => {
                onChange({ method: school === '' ? null : school });
            }}
        />
    );
}

interface ShotAndLieProps {
    catalogue: Catalogue;
    task: Task;
    onChange: (part: Partial<Task>) => void;
    /** The carry that this coach begins the shot with, m. */
    onCarry: (metres: number) => void;
}

/** The shot, begun as this coach usually does, and the lies that it can be played from. */
function ShotAndLie({ catalogue, task, onChange, onCarry }: ShotAndLieProps) {
    const { t } = useTranslation();
    const lies = shotOf(catalogue, task.shot)?.lies ?? [];
    return (
        <>
            <Choices label={t('Shot')}>
                {catalogue.shots.map((one) => (
                    <Button
                        key={one.id}
                        chosen={task.shot === one.id}
                        onClick={() => {
                            onChange({ shot: one.id, lie: one.usual.lie, method: one.usual.school });
                            if (one.usual.carry_m !== null) onCarry(one.usual.carry_m);
                        }}
                    >
                        {word(one.id)}
                    </Button>
                ))}
            </Choices>
            <Choices label={t('Lie')}>
                {lies.map((lie) => (
                    <Button
                        key={lie.id}
                        chosen={task.lie === lie.id}
                        onClick={() => {
                            const kept = schoolKept(catalogue, task.shot, lie.id, task.method ?? '');
                            onChange({ lie: lie.id, method: kept === '' ? null : kept });
                        }}
                    >
                        {lie.label}
                    </Button>
                ))}
            </Choices>
        </>
    );
}

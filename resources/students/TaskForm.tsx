import { useId, useState, type FormEvent, type ReactNode } from 'react';
import { shotOf } from '../api/queries';
import type { Catalogue, Task, Units } from '../api/types';
import { Button } from '../ui/Button';
import { shownFactor, shownUnit } from '../ui/units';

/** Quick picks; any other loft and bounce can be typed. */
const CLUBS = [
    { loft_deg: 46, bounce_deg: 6 },
    { loft_deg: 52, bounce_deg: 8 },
    { loft_deg: 56, bounce_deg: 12 },
    { loft_deg: 60, bounce_deg: 8 },
];

/** Shots the lesson can be begun with. */
const SHOTS = ['chip'];

interface Props {
    catalogue: Catalogue;
    units: Units;
    task: Task;
    submit: string;
    problem: string;
    onSubmit: (task: Task) => void;
}

const box = 'min-h-12 border-[1.5px] border-ink bg-press px-3';

export function TaskForm({ catalogue, units, task: first, submit, problem, onSubmit }: Props) {
    const [task, setTask] = useState(first);
    const factor = shownFactor('m', units);
    const [carry, setCarry] = useState(first.carry_m === null || first.carry_m === undefined ? '' : String(Math.round((first.carry_m / factor) * 10) / 10));
    const [loft, setLoft] = useState(String(first.club.loft_deg));
    const [bounce, setBounce] = useState(String(first.club.bounce_deg));
    const shot = shotOf(catalogue, task.shot);
    const change = (part: Partial<Task>) => { setTask({ ...task, ...part }); };
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        // What is not a number goes out as typed: the server names what is wrong with it.
        const club = { ...task.club, loft_deg: figure(loft), bounce_deg: figure(bounce) };
        const metres = carry.trim() === '' ? null : figure(carry);
        onSubmit({ ...task, club, carry_m: typeof metres === 'number' ? metres * factor : metres } as Task);
    };
    return (
        <form onSubmit={onSend} className="space-y-5">
            {SHOTS.length > 1 && (
                <Choices label="Shot">
                    {SHOTS.map((id) => <Button key={id} chosen={task.shot === id} onClick={() => { change({ shot: id, lie: shotOf(catalogue, id)?.lies[0]?.id ?? '' }); }}>{id}</Button>)}
                </Choices>
            )}
            <Choices label="Lie">
                {shot?.lies.map((lie) => <Button key={lie.id} chosen={task.lie === lie.id} onClick={() => { change({ lie: lie.id }); }}>{lie.label}</Button>)}
            </Choices>
            <Choices label="Club, loft and bounce">
                {CLUBS.map((club) => (
                    <Button
                        key={club.loft_deg}
                        chosen={loft === String(club.loft_deg) && bounce === String(club.bounce_deg)}
                        onClick={() => { setLoft(String(club.loft_deg)); setBounce(String(club.bounce_deg)); }}
                    >
                        {club.loft_deg}/{club.bounce_deg}
                    </Button>
                ))}
                <label className="flex items-center gap-2">Loft ° <input className={`${box} w-20`} inputMode="decimal" value={loft} onChange={(event) => { setLoft(event.target.value); }} /></label>
                <label className="flex items-center gap-2">Bounce ° <input className={`${box} w-20`} inputMode="decimal" value={bounce} onChange={(event) => { setBounce(event.target.value); }} /></label>
            </Choices>
            <div className="flex flex-wrap gap-x-10 gap-y-5">
                <label className="block font-semibold">
                    Carry, {shownUnit('m', units)}
                    <input className={`${box} mt-1 block w-28 font-normal`} inputMode="decimal" value={carry} onChange={(event) => { setCarry(event.target.value); }} />
                </label>
                <Choices label="Flight">
                    {catalogue.task.flight_wanted?.answers.map((answer) => (
                        <Button key={answer.label} chosen={(task.flight_wanted ?? 'stock') === answer.value} onClick={() => { change({ flight_wanted: String(answer.value) }); }}>{answer.label}</Button>
                    ))}
                </Choices>
                <label className="block font-semibold">
                    School
                    <select className={`${box} mt-1 block font-normal`} value={task.method ?? ''} onChange={(event) => { change({ method: event.target.value === '' ? null : event.target.value }); }}>
                        <option value="">the usual one for the lie</option>
                        {catalogue.schools.map((school) => <option key={school.id} value={school.id}>{school.name}</option>)}
                    </select>
                </label>
            </div>
            <label className="block font-semibold">
                What does the student believe goes wrong?
                <input className={`${box} mt-1 block w-full font-normal`} placeholder="In the student’s words, for example: I scoop it" value={task.belief ?? ''} onChange={(event) => { change({ belief: event.target.value === '' ? null : event.target.value }); }} />
            </label>
            {problem !== '' && <p role="alert" className="font-semibold whitespace-pre-line text-rust">{problem}</p>}
            <Button type="submit" main className="px-8">{submit}</Button>
        </form>
    );
}

const figure = (typed: string): number => {
    const number = Number(typed.replace(',', '.').replace('−', '-'));
    return typed.trim() === '' || Number.isNaN(number) ? (typed as unknown as number) : number;
};

function Choices({ label, children }: { label: string; children: ReactNode }) {
    const id = useId();
    return (
        <div role="group" aria-labelledby={id}>
            <p id={id} className="mb-1 font-semibold">{label}</p>
            <div className="flex flex-wrap items-center gap-2">{children}</div>
        </div>
    );
}

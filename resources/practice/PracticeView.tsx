import type { DrillResult, Practice, PracticeDrill } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { Button } from '../ui/Button';
import { moment, weekday } from '../ui/reader';
import { begun } from './useRun';

interface Props {
    path: string;
    practice: Practice;
    onRun: (drill: PracticeDrill, session: string | null) => void;
    /** Where given, a session can be dragged or moved to another day. */
    onMove?: (session: string, day: string) => void;
}

/** Fault, card, feel, drills, plan and log: what the student practises with, the same for coach and student. */
export function PracticeView({ path, practice, onRun, onMove }: Props) {
    const outbox = useOutbox(useOutboxOfApp());
    const waiting = outbox.entries.filter((entry) => entry.action.kind === 'result' && entry.action.path === path);
    const { fault } = practice;
    return (
        <div className="space-y-8">
            {waiting.length > 0 && (
                <div role="status" className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                    {waiting.map((entry) => (
                        <p key={entry.id}>
                            {entry.state === 'refused'
                                ? `Not stored: ${entry.message ?? ''}`
                                : 'Saved on this device, waiting for a connection.'}
                        </p>
                    ))}
                </div>
            )}
            {practice.student.guardian && (
                <p className="border-l-[6px] border-ochre bg-ochre-wash p-3 font-semibold">
                    Practise with a responsible adult present; the safeguarding rules of the club apply.
                </p>
            )}
            {fault === null ? (
                <p>Nothing was handed out yet.</p>
            ) : (
                <section aria-label="What to work on" className="grid gap-6 md:grid-cols-2">
                    <div>
                        <h2 className="text-2xl">{fault.title}</h2>
                        {fault.seen !== null && <p className="mt-2">{fault.seen}</p>}
                        {fault.belief !== null && <p className="mt-2 font-semibold">{fault.belief}</p>}
                        {fault.stop !== null && <p className="mt-2">{fault.stop}</p>}
                        {practice.sentence !== '' && (
                            <p className="mt-3 border-l-[6px] border-marram pl-3 break-words">{practice.sentence}</p>
                        )}
                        <p className="mt-4 font-semibold">Feel</p>
                        <p className="display text-xl">{practice.feel}</p>
                    </div>
                    <div>
                        <h2 className="text-2xl">Set-up card</h2>
                        <ol className={practice.setup.length > 1 ? 'mt-2 list-decimal pl-5 font-semibold' : 'mt-2 font-semibold'}>
                            {practice.setup.map((text) => (
                                <li key={text}>{text}</li>
                            ))}
                        </ol>
                        <ul className="mt-2 grid grid-cols-1 gap-x-6 sm:grid-cols-2">
                            {practice.card.map((line) => (
                                <li key={line} className="border-b border-line py-1">
                                    {line}
                                </li>
                            ))}
                        </ul>
                    </div>
                </section>
            )}
            {practice.drills.length > 0 && (
                <section aria-label="Drills">
                    <h2 className="mb-2 text-2xl">Drills</h2>
                    {practice.drills.map((drill) => (
                        <Sheet
                            key={drill.id}
                            path={path}
                            drill={drill}
                            results={practice.results}
                            onRun={() => {
                                onRun(drill, null);
                            }}
                        />
                    ))}
                </section>
            )}
            {practice.plan !== null && (
                <section aria-label="Plan">
                    <h2 className="mb-2 text-2xl">Plan</h2>
                    {practice.plan.notes.map((note) => (
                        <p key={note}>{note}</p>
                    ))}
                    <Weeks practice={practice} onRun={onRun} onMove={onMove} />
                </section>
            )}
            <section aria-label="Log">
                <h2 className="mb-2 text-2xl">Log</h2>
                {practice.results.length === 0 && <p>Nothing logged yet.</p>}
                <ul>
                    {practice.results.map((result) => (
                        <li key={result.id} className="flex flex-wrap gap-x-4 border-b border-line py-1.5">
                            <span className="font-semibold">
                                {practice.drills.find((one) => one.id === result.drill)?.name ?? result.drill}
                            </span>
                            <span>
                                {result.text}, {result.passed ? 'passed' : 'not passed'}
                            </span>
                            {result.confidence !== null && <span>confidence {result.confidence}</span>}
                            <span className="ml-auto">
                                {moment(result.done_at)}, by {result.by}
                            </span>
                        </li>
                    ))}
                </ul>
            </section>
            <section aria-label="Cautions" className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                {practice.cautions.map((caution) => (
                    <p key={caution}>{caution}</p>
                ))}
                <p>Notes on the rules of play are reminders only: the rules in force and the committee decide.</p>
            </section>
        </div>
    );
}

function Sheet({ path, drill, results, onRun }: { path: string; drill: PracticeDrill; results: DrillResult[]; onRun: () => void }) {
    const counted = begun(path, drill.id);
    const last = results.find((one) => one.drill === drill.id);
    const { goal } = drill;
    return (
        <article className="grid gap-x-6 gap-y-2 border-t border-line py-4 md:grid-cols-[15rem_1fr]">
            {drill.svg === null ? (
                <span />
            ) : (
                <img
                    src={`data:image/svg+xml;utf8,${encodeURIComponent(drill.svg)}`}
                    alt={`${drill.name} from above, to scale`}
                    className="w-60 max-w-full"
                />
            )}
            <div>
                <h3 className="text-xl">{drill.name}</h3>
                <p>
                    {drill.purpose} {goal.sets} × {goal.balls}, {goal.minutes} minutes. <strong>Passed: {goal.text}.</strong>{' '}
                    {drill.pass.text}
                </p>
                {drill.distances.map((text) => (
                    <p key={text} className="font-semibold">
                        {text}
                    </p>
                ))}
                <ol className="mt-1 list-decimal pl-5">
                    {drill.steps.map((step) => (
                        <li key={step}>{step}</li>
                    ))}
                </ol>
                {drill.cautions.length > 0 && <p className="mt-1 text-sm">{drill.cautions.join(' ')}</p>}
                <p className="mt-2">
                    {last !== undefined && (
                        <>
                            Last: {last.text}, {last.passed ? 'passed' : 'not passed'}.{' '}
                        </>
                    )}
                    <strong>{drill.next.text}</strong>
                </p>
                <Button main className="mt-2 px-8" onClick={onRun}>
                    {counted === 0 ? `Run ${drill.name}` : `Go on with ${drill.name} at ball ${String(counted + 1)}`}
                </Button>
            </div>
        </article>
    );
}

function Weeks({ practice, onRun, onMove }: Omit<Props, 'path'>) {
    const sessions = practice.plan?.sessions ?? [];
    const days = sessions.map((one) => one.day).sort();
    const first = days[0];
    const last = days.at(-1);
    if (first === undefined || last === undefined) return <p>No visits planned.</p>;
    const all: string[] = [];
    for (
        let day = new Date(`${first}T12:00:00Z`);
        day.toISOString().slice(0, 10) <= last || all.length % 7 !== 0;
        day = new Date(day.getTime() + 86400000)
    )
        all.push(day.toISOString().slice(0, 10));
    return (
        <ol className="mt-2 grid grid-cols-1 gap-1.5 sm:grid-cols-7" aria-label="Days">
            {all.map((day) => {
                const here = sessions.filter((one) => one.day === day);
                return (
                    <li
                        key={day}
                        data-day={day}
                        className={`min-h-16 border border-line p-1.5 ${here.length === 0 ? 'max-sm:hidden' : ''}`}
                        onDragOver={(event) => {
                            if (onMove !== undefined) event.preventDefault();
                        }}
                        onDrop={(event) => {
                            event.preventDefault();
                            const id = event.dataTransfer.getData('text/plain');
                            if (id !== '' && onMove !== undefined) onMove(id, day);
                        }}
                    >
                        <p className="text-sm">{weekday(day)}</p>
                        {here.map((session) => {
                            const done = practice.results.some((one) => one.session === session.id);
                            return (
                                <div
                                    key={session.id}
                                    data-session={session.id}
                                    draggable={onMove !== undefined}
                                    className="mt-1 border-[1.5px] border-ink bg-press p-1.5 text-sm"
                                    onDragStart={(event) => {
                                        event.dataTransfer.setData('text/plain', session.id);
                                    }}
                                >
                                    <p className="font-bold">
                                        {session.minutes} min{done ? ', done' : ''}
                                    </p>
                                    {session.items.map((item, i) => {
                                        const drill = practice.drills.find((one) => one.id === item.drill);
                                        return (
                                            <p key={`${item.drill}${String(i)}`}>
                                                <button
                                                    type="button"
                                                    className="min-h-6 text-left underline"
                                                    disabled={drill === undefined}
                                                    onClick={() => {
                                                        if (drill !== undefined) onRun(drill, session.id);
                                                    }}
                                                >
                                                    {item.name}
                                                </button>{' '}
                                                {item.minutes} min
                                            </p>
                                        );
                                    })}
                                    {onMove !== undefined && (
                                        <label className="mt-1 block">
                                            <span className="sr-only">Move to</span>
                                            <input
                                                type="date"
                                                className="min-h-8 w-full border border-line bg-paper"
                                                value={session.day}
                                                onChange={(event) => {
                                                    if (event.target.value !== '') onMove(session.id, event.target.value);
                                                }}
                                            />
                                        </label>
                                    )}
                                </div>
                            );
                        })}
                    </li>
                );
            })}
        </ol>
    );
}

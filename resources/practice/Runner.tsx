import { useEffect, useState } from 'react';
import { ulid } from 'ulid';
import { now, nowIso } from '../api/clock';
import type { Goal, Practice, PracticeDrill, PutResult, Units } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { Button } from '../ui/Button';
import { numberOr, shownFactor, shownUnit } from '../ui/units';

interface Props {
    path: string;
    practice: Practice;
    drill: PracticeDrill;
    session: string | null;
    onDone: () => void;
}

/** Counts a drill with a thumb. What it came to is worked out by the server; here it is only counted and kept. */
export function Runner({ path, practice, drill, session, onDone }: Props) {
    const outbox = useOutboxOfApp();
    const [attempts, setAttempts] = useState<PutResult['attempts']>([]);
    const [confidence, setConfidence] = useState<number | null>(null);
    const [id] = useState(() => ulid(now()));
    const [saved, setSaved] = useState(false);
    useAwake();
    const { goal } = drill;
    const add = (attempt: boolean | number | [number, number]) => {
        setAttempts([...attempts, attempt]);
    };
    const save = () => {
        if (saved) return;
        setSaved(true);
        void outbox.add({
            kind: 'result',
            lessonId: null,
            path,
            resultId: id,
            run: { drill: drill.id, goal, attempts, done_at: nowIso(), session, confidence, note: '' },
        });
        onDone();
    };
    return (
        <section aria-label={drill.name} className="mx-auto flex min-h-[80vh] max-w-lg flex-col gap-4 p-4">
            <div className="flex items-baseline justify-between gap-4">
                <h2 className="text-2xl">{drill.name}</h2>
                <button type="button" className="min-h-12 px-2 underline" onClick={onDone}>
                    Leave
                </button>
            </div>
            <p>
                {drill.pass.text} <strong>Passed: {goal.text}.</strong>
            </p>
            <Counter drill={drill} attempts={attempts} units={practice.student.units} onAdd={add} />
            <Button
                className="min-h-14"
                disabled={attempts.length === 0}
                onClick={() => {
                    setAttempts(attempts.slice(0, -1));
                }}
            >
                Undo the last
            </Button>
            <div role="group" aria-label="Confidence">
                <p className="mb-1 font-semibold">How sure do you feel, 1 to 10?</p>
                <div className="grid grid-cols-5 gap-1.5">
                    {Array.from({ length: practice.most_sure }, (_, i) => (
                        <Button
                            key={i}
                            chosen={confidence === i + 1}
                            onClick={() => {
                                setConfidence(confidence === i + 1 ? null : i + 1);
                            }}
                        >
                            {i + 1}
                        </Button>
                    ))}
                </div>
            </div>
            <Button
                main
                className="mt-auto min-h-16 text-xl"
                disabled={saved || (goal.kind !== 'free' && attempts.length === 0)}
                onClick={save}
            >
                {goal.kind === 'free' ? 'Done' : 'Save'}
            </Button>
        </section>
    );
}

interface CounterProps {
    drill: PracticeDrill;
    attempts: PutResult['attempts'];
    units: Units;
    onAdd: (attempt: boolean | number | [number, number]) => void;
}

function Counter({ drill, attempts, units, onAdd }: CounterProps) {
    const { goal } = drill;
    const hits = attempts.filter((one) => one === true).length;
    switch (goal.kind) {
        case 'count':
            return (
                <HitOrMiss
                    onAdd={onAdd}
                    big={`${String(hits)} of ${String(attempts.length)}`}
                    small={`${String(goal.need)} of ${String(goal.of)} to pass`}
                />
            );
        case 'streak': {
            const now = attempts.length - 1 - attempts.lastIndexOf(false);
            return <HitOrMiss onAdd={onAdd} big={`${String(now)} in a row`} small={`${String(goal.need)} in a row to pass`} />;
        }
        case 'ladder': {
            const { rung, inBlock, good } = ladder(attempts, goal);
            return (
                <HitOrMiss
                    onAdd={onAdd}
                    big={`Rung ${String(rung)} of ${String(goal.rungs)}`}
                    small={`this block: ${String(good)} of ${String(inBlock)}; ${goal.text}`}
                />
            );
        }
        case 'error':
            return (
                <Distance
                    key={attempts.length}
                    target={drill.numbers[attempts.length % drill.numbers.length] ?? 0}
                    n={attempts.length}
                    of={goal.of ?? 0}
                    farthest={goal.farthest_m}
                    units={units}
                    onAdd={onAdd}
                />
            );
        case 'timed':
            return <Clock seconds={attempts[0]} need={goal.need ?? 0} onAdd={onAdd} />;
        case 'free':
            return (
                <HitOrMiss
                    onAdd={() => {
                        onAdd(true);
                    }}
                    big={String(attempts.length)}
                    small={`${String(goal.sets)} × ${String(goal.balls)}`}
                    one="One more"
                />
            );
    }
}

function HitOrMiss({ big, small, one, onAdd }: { big: string; small: string; one?: string; onAdd: (hit: boolean) => void }) {
    return (
        <>
            <p aria-live="polite" className="text-center">
                <span data-testid="count" className="display block text-6xl">
                    {big}
                </span>
                {small}
            </p>
            <div className="grid grid-cols-2 gap-3">
                {one === undefined && (
                    <Button
                        className="min-h-32 text-2xl"
                        onClick={() => {
                            onAdd(false);
                        }}
                    >
                        Miss
                    </Button>
                )}
                <Button
                    main
                    className={`min-h-32 text-2xl ${one === undefined ? '' : 'col-span-2'}`}
                    onClick={() => {
                        onAdd(true);
                    }}
                >
                    {one ?? 'Hit'}
                </Button>
            </div>
        </>
    );
}

/** Where the blocks so far have led, looked up in the table that came with the drill. */
function ladder(attempts: PutResult['attempts'], goal: Goal): { rung: number; inBlock: number; good: number } {
    const of = goal.of ?? 1;
    let rung = 0;
    for (let from = 0; from + of <= attempts.length; from += of) {
        const good = attempts.slice(from, from + of).filter((one) => one === true).length;
        rung = goal.ladder[rung]?.[good] ?? rung;
    }
    const block = attempts.slice(attempts.length - (attempts.length % of));
    return { rung, inBlock: block.length, good: block.filter((one) => one === true).length };
}

function Distance({
    target,
    n,
    of,
    farthest,
    units,
    onAdd,
}: {
    target: number;
    n: number;
    of: number;
    farthest: number;
    units: Units;
    onAdd: (pair: [number, number]) => void;
}) {
    const [typed, setTyped] = useState('');
    const factor = shownFactor('m', units);
    const carry = numberOr(typed);
    const ok = typed.trim() !== '' && typeof carry === 'number' && carry >= 0 && carry * factor <= farthest;
    return (
        <form
            className="text-center"
            onSubmit={(event) => {
                event.preventDefault();
                if (ok) onAdd([target, carry * factor]);
            }}
        >
            <p>
                Ball {n + 1} of {of}. Choose a start spot a metre ahead. Carry
            </p>
            <p data-testid="count" className="display text-6xl">
                {Math.round(target / factor)} {shownUnit('m', units)}
            </p>
            <label className="mt-4 block font-semibold">
                It carried, {shownUnit('m', units)}
                <input
                    autoFocus
                    inputMode="decimal"
                    className="mt-1 block min-h-16 w-full border-[1.5px] border-ink bg-press px-3 text-center text-2xl font-normal"
                    value={typed}
                    onChange={(event) => {
                        setTyped(event.target.value);
                    }}
                />
            </label>
            <Button type="submit" main className="mt-3 min-h-16 w-full text-xl" disabled={!ok}>
                Next number
            </Button>
        </form>
    );
}

const TICK_MS = 100;

function Clock({
    seconds,
    need,
    onAdd,
}: {
    seconds: PutResult['attempts'][number] | undefined;
    need: number;
    onAdd: (seconds: number) => void;
}) {
    const [began, setBegan] = useState<number | null>(null);
    const [now, setNow] = useState(0);
    useEffect(() => {
        if (began === null) return undefined;
        const timer = window.setInterval(() => {
            setNow(performance.now());
        }, TICK_MS);
        return () => {
            window.clearInterval(timer);
        };
    }, [began]);
    const shown = typeof seconds === 'number' ? seconds : began === null ? 0 : Math.max(0, now - began) / 1000;
    return (
        <>
            <p className="text-center">
                <span data-testid="count" className="display block text-6xl">
                    {shown.toFixed(1)} s
                </span>
                {need} seconds to pass
            </p>
            {typeof seconds !== 'number' && (
                <Button
                    main
                    className="min-h-32 text-2xl"
                    onClick={() => {
                        if (began === null) {
                            setNow(performance.now());
                            setBegan(performance.now());
                        } else onAdd(Math.round(((performance.now() - began) / 1000) * 10) / 10);
                    }}
                >
                    {began === null ? 'Start' : 'Stop'}
                </Button>
            )}
        </>
    );
}

/** Keeps the screen on while somebody counts, where the browser allows it. */
function useAwake(): void {
    useEffect(() => {
        let lock: WakeLockSentinel | undefined;
        const ask = () => {
            if (document.visibilityState === 'visible')
                void navigator.wakeLock
                    ?.request('screen')
                    .then((given) => {
                        lock = given;
                    })
                    .catch(() => undefined);
        };
        ask();
        document.addEventListener('visibilitychange', ask);
        return () => {
            document.removeEventListener('visibilitychange', ask);
            void lock?.release().catch(() => undefined);
        };
    }, []);
}

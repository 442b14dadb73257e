import { useEffect, useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { nowIso } from '../api/clock';
import type { Goal, Practice, PracticeDrill, PutResult, Units } from '../api/types.gen';
import { DrillFeed } from '../feed/DrillFeed';
import { useOutboxOfApp } from '../outbox/context';
import { Button } from '../ui/Button';
import { decimal } from '../ui/reader';
import { numberOr, percent, shownFactor, shownUnit, withUnit } from '../ui/units';
import { CarryScale } from './CarryScale';
import { sound, soundOn, switchSound } from './sound';
import { useRun } from './useRun';

interface Props {
    path: string;
    practice: Practice;
    drill: PracticeDrill;
    session: string | null;
    /** On the coach’s side, where measuring devices are. */
    studentId?: string;
    onDone: () => void;
}

/** Counts a drill with a thumb, a set at a time. What it came to is worked out by the server; here it is only counted and kept. */
export function Runner({ path, practice, drill, session, studentId, onDone }: Props) {
    const { t } = useTranslation();
    const outbox = useOutboxOfApp();
    const { id, began, attempts, fed, confidence, add, undo, feel, end } = useRun(path, drill.id);
    const [set, setSet] = useState(1);
    const [saved, setSaved] = useState<string>();
    const [rested, setRested] = useState<number>();
    const [loud, setLoud] = useState(soundOn);
    useAwake();
    const { goal } = drill;
    const runs = goal.runs ?? 1;
    const { over, part } = standing(goal, attempts);
    const asked = askedOf(drill, part);
    const save = (then: () => void) => {
        if (saved === id) return;
        setSaved(id);
        void outbox.add({
            kind: 'result',
            lessonId: null,
            path,
            resultId: id,
            run: { drill: drill.id, goal, attempts, done_at: nowIso(), session, confidence, note: '' },
        });
        end();
        then();
    };
    const nothing = goal.kind !== 'free' && attempts.length === 0;
    return (
        <section aria-label={drill.name} className="mx-auto flex min-h-[80vh] max-w-lg flex-col gap-4 p-4">
            <div className="flex items-baseline justify-between gap-4">
                <h2 className="text-2xl">{drill.name}</h2>
                <button type="button" className="min-h-12 px-2 underline" onClick={onDone}>
                    {t('Leave')}
                </button>
            </div>
            <p>
                {drill.pass.text} <strong>{t('Passed: {{mark}}.', { mark: goal.text })}</strong>{' '}
                {runs > 1 && t('Set {{n}} of {{all}}; rest a minute between them.', { n: Math.min(set, runs), all: runs })}
            </p>
            {drill.record !== null && <p className="text-soft">{drill.record}.</p>}
            {rested !== undefined && attempts.length === 0 && <Rest since={rested} />}
            <div inert={over}>
                <Counter drill={drill} attempts={attempts} units={practice.student.units} even={practice.even_share} onAdd={add} />
            </div>
            {studentId !== undefined && asked !== null && !over && (
                <DrillFeed
                    studentId={studentId}
                    figure={asked.figure}
                    targetM={drill.goal.kind === 'error' ? asked.part : null}
                    since={began}
                    fed={fed}
                    onBall={(ball, metres) => {
                        add([asked.part, Math.min(metres, goal.farthest_m)], [ball]);
                    }}
                />
            )}
            {over && (
                <p role="status" className="border-l-[6px] border-marram pl-3 font-semibold">
                    {t('That is the set. Save it.')}
                </p>
            )}
            <div className="flex gap-3">
                <Button className="min-h-14 flex-1" disabled={attempts.length === 0} onClick={undo}>
                    {t('Undo the last')}
                </Button>
                <Button
                    className="min-h-14"
                    chosen={loud}
                    onClick={() => {
                        switchSound(!loud);
                        setLoud(!loud);
                    }}
                >
                    {t('Sound')}
                </Button>
            </div>
            <div role="group" aria-label={t('Confidence')}>
                <p className="mb-1 font-semibold">{t('How sure do you feel, 1 to 10?')}</p>
                <div className="grid grid-cols-5 gap-1.5">
                    {Array.from({ length: practice.most_sure }, (_, i) => (
                        <Button
                            key={i}
                            chosen={confidence === i + 1}
                            onClick={() => {
                                feel(confidence === i + 1 ? null : i + 1);
                            }}
                        >
                            {i + 1}
                        </Button>
                    ))}
                </div>
            </div>
            <div className="mt-auto flex gap-3">
                <Button
                    main
                    className="min-h-16 flex-1 text-xl"
                    disabled={saved === id || nothing}
                    onClick={() => {
                        save(onDone);
                    }}
                >
                    {goal.kind === 'free' ? t('Done') : t('Save')}
                </Button>
                {set < runs && (
                    <Button
                        className="min-h-16 flex-1"
                        disabled={nothing}
                        onClick={() => {
                            save(() => {
                                setSet(set + 1);
                                setRested(Date.now());
                            });
                        }}
                    >
                        {t('Save, then set {{n}}', { n: set + 1 })}
                    </Button>
                )}
            </div>
        </section>
    );
}

const REST_S = 60;

/** The rest between two sets runs down; nobody is kept from beginning sooner. */
function Rest({ since }: { since: number }) {
    const { t } = useTranslation();
    const [now, setNow] = useState(since);
    useEffect(() => {
        const timer = window.setInterval(() => {
            setNow(Date.now());
        }, 1000);
        return () => {
            window.clearInterval(timer);
        };
    }, []);
    const left = Math.max(0, Math.ceil(REST_S - (now - since) / 1000));
    return (
        <p role="timer" className="border-l-[6px] border-ochre pl-3">
            {left === 0 ? t('Rested. On with it.') : t('Rest: {{n}} s', { n: left })}
        </p>
    );
}

/** Where a run stands, by the table that came with its drill. */
function standing({ counting, most, parts = [] }: Goal, attempts: PutResult['attempts']) {
    const balls = attempts.length;
    // A page that an earlier version has kept here: its balls are counted and asked for, rows and rungs are told once it is sent.
    if (counting === undefined)
        return {
            over: most != null && balls >= most,
            part: parts.length > 0 ? balls % parts.length : balls,
            row: 0,
            rung: 0,
            block: 0,
            good: 0,
        };
    const state = attempts.reduce<number>((so, one) => counting[one === false ? 'miss' : 'hit'][so] ?? so, 0);
    const at = <T,>(list: T[]): T => list[state] as T;
    return {
        over: at(counting.over),
        part: at(counting.part),
        row: at(counting.row),
        rung: at(counting.rung),
        block: at(counting.block),
        good: at(counting.good),
    };
}

/** What the next ball is measured against, of a drill whose balls are: a number, or the place of a part; and which figure of it counts. */
function askedOf({ goal, numbers }: PracticeDrill, part: number): { part: number; figure: 'carry_m' | 'roll_m' } | null {
    switch (goal.kind) {
        case 'error':
            return { part: numbers[part % numbers.length] ?? 0, figure: 'carry_m' };
        case 'stations':
            return { part, figure: 'carry_m' };
        case 'contrast':
            return { part, figure: 'roll_m' };
        default:
            return null;
    }
}

interface CounterProps {
    drill: PracticeDrill;
    attempts: PutResult['attempts'];
    units: Units;
    /** A lean of target numbers below this share is none. */
    even: number;
    onAdd: (attempt: boolean | number | [number, number]) => void;
}

function Counter({ drill, attempts, units, even, onAdd }: CounterProps) {
    const { t } = useTranslation();
    const { goal } = drill;
    const stands = standing(goal, attempts);
    const part = askedOf(drill, stands.part)?.part ?? 0;
    const hits = attempts.filter((one) => one === true).length;
    const untold = goal.counting === undefined && (goal.kind === 'streak' || goal.kind === 'ladder');
    switch (untold ? 'count' : goal.kind) {
        case 'count':
            return (
                <HitOrMiss
                    onAdd={onAdd}
                    big={t('{{n}} of {{all}}', { n: hits, all: attempts.length })}
                    small={t('{{mark}} to pass', { mark: goal.text })}
                />
            );
        case 'streak':
            return (
                <HitOrMiss onAdd={onAdd} big={t('{{n}} in a row', { n: stands.row })} small={t('{{mark}} to pass', { mark: goal.text })} />
            );
        case 'ladder':
            return (
                <HitOrMiss
                    onAdd={onAdd}
                    big={t('Rung {{n}} of {{all}}', { n: stands.rung, all: goal.rungs })}
                    small={t('this block: {{n}} of {{all}}; {{mark}}', { n: stands.good, all: stands.block, mark: goal.text })}
                />
            );
        case 'error':
            return (
                <Measured
                    key={attempts.length}
                    {...{ attempts, goal, units }}
                    asks={drill.feel}
                    told={<SoFar attempts={attempts} units={units} even={even} />}
                    big={`${String(Math.round(part / shownFactor('m', units)))} ${shownUnit('m', units)}`}
                    label={t('It carried')}
                    scaleM={part}
                    onAdd={(metres) => {
                        onAdd([part, metres]);
                    }}
                />
            );
        case 'stations':
        case 'contrast': {
            const stations = goal.kind === 'stations';
            return (
                <Measured
                    key={attempts.length}
                    {...{ attempts, goal, units }}
                    asks={stations ? t('Swing back as far as the') : t('Now with the finish')}
                    big={goal.parts?.[part] ?? ''}
                    label={stations ? t('It carried') : t('It rolled')}
                    onAdd={(metres) => {
                        onAdd([part, metres]);
                    }}
                />
            );
        }
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
                    one={t('One more')}
                />
            );
    }
}

/** Told apart without looking: a hit is one short buzz, a miss two. */
const HIT_MS = [30];
const MISS_MS = [30, 80, 30];

function vibrate(pattern: number[]): void {
    if ('vibrate' in navigator) navigator.vibrate(pattern);
}

function HitOrMiss({ big, small, one, onAdd }: { big: string; small: string; one?: string; onAdd: (hit: boolean) => void }) {
    const { t } = useTranslation();
    return (
        <>
            <p aria-live="polite" className="text-center">
                <span data-testid="count" className="display block text-6xl">
                    {big}
                </span>
                {small}
            </p>
            <div className="grid grid-cols-[2fr_3fr] gap-3">
                {one === undefined && (
                    <Button
                        className="min-h-32 text-2xl"
                        onClick={() => {
                            vibrate(MISS_MS);
                            sound(false);
                            onAdd(false);
                        }}
                    >
                        {t('Miss')}
                    </Button>
                )}
                <Button
                    main
                    className={`min-h-32 text-2xl ${one === undefined ? '' : 'col-span-2'}`}
                    onClick={() => {
                        vibrate(HIT_MS);
                        sound(true);
                        onAdd(true);
                    }}
                >
                    {one ?? t('Hit')}
                </Button>
            </div>
        </>
    );
}

interface MeasuredProps {
    attempts: PutResult['attempts'];
    goal: Goal;
    units: Units;
    asks: string;
    /** What the balls so far came to. */
    told?: ReactNode;
    big: string;
    label: string;
    /** The number that was asked for: what it came to can be touched on a scale around it, m. */
    scaleM?: number;
    onAdd: (metres: number) => void;
}

/** A ball whose distance is touched on a scale, or typed in. */
function Measured({ attempts, goal, units, asks, told, big, label, scaleM, onAdd }: MeasuredProps) {
    const { t } = useTranslation();
    const [typed, setTyped] = useState('');
    const factor = shownFactor('m', units);
    const distance = numberOr(typed);
    const ok = typed.trim() !== '' && typeof distance === 'number' && distance >= 0 && distance * factor <= goal.farthest_m;
    return (
        <form
            className="text-center"
            onSubmit={(event) => {
                event.preventDefault();
                if (ok) onAdd(distance * factor);
            }}
        >
            <p>
                {t('Ball {{n}} of {{all}}.', { n: Math.min(attempts.length + 1, goal.most ?? 0), all: goal.most })} {asks}
            </p>
            <p data-testid="count" className="display text-6xl">
                {big}
            </p>
            {scaleM !== undefined && <CarryScale targetM={scaleM} mostM={goal.farthest_m} units={units} onCarry={onAdd} />}
            <label className="mt-4 block font-semibold">
                {label}, {shownUnit('m', units)}
                <input
                    // On a phone the keyboard would cover the scale.
                    autoFocus={scaleM === undefined}
                    inputMode="decimal"
                    className="mt-1 block min-h-16 w-full border-[1.5px] border-ink bg-press px-3 text-center text-2xl font-normal"
                    value={typed}
                    onChange={(event) => {
                        setTyped(event.target.value);
                    }}
                />
            </label>
            <Button type="submit" main className="mt-3 min-h-16 w-full text-xl" disabled={!ok}>
                {t('Next ball')}
            </Button>
            {told}
        </form>
    );
}

/** The error of the last ball at once, and what all of them lean to: shown while counting, judged by the server. */
function SoFar({ attempts, units, even }: { attempts: PutResult['attempts']; units: Units; even: number }) {
    const { t } = useTranslation();
    const errors = attempts.flatMap((one) => (Array.isArray(one) && one[0] > 0 ? [(one[1] - one[0]) / one[0]] : []));
    const last = attempts.at(-1);
    if (errors.length === 0 || !Array.isArray(last)) return null;
    const off = last[1] - last[0];
    const mean = errors.reduce((sum, one) => sum + Math.abs(one), 0) / errors.length;
    const bias = errors.reduce((sum, one) => sum + one, 0) / errors.length;
    const far = withUnit(Math.abs(off), 'm', units);
    const lean = percent(Math.abs(bias));
    const squares = errors.reduce((sum, one) => sum + (one - bias) ** 2, 0);
    const scatter = errors.length < 2 ? null : percent(Math.sqrt(squares / (errors.length - 1)));
    return (
        <p role="status" className="mt-3">
            <strong className="display block text-2xl">
                {Math.abs(off) < EVEN_M ? t('To the metre') : off > 0 ? t('{{far}} long', { far }) : t('{{far}} short', { far })}
            </strong>
            {t('{{mean}} off on average over {{count}}', { mean: percent(mean), count: errors.length })},{' '}
            {Math.abs(bias) < even ? t('neither long nor short') : bias > 0 ? t('{{lean}} long', { lean }) : t('{{lean}} short', { lean })}
            {scatter !== null && `, ${t('scatter {{scatter}}', { scatter })}`}
        </p>
    );
}

/** Told to the metre, m: nearer than this nothing is told. */
const EVEN_M = 0.5;

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
    const { t } = useTranslation();
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
                    {t('{{n}} s', { n: decimal(shown) })}
                </span>
                {t('{{n}} seconds to pass', { n: need })}
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
                    {began === null ? t('Start') : t('Stop')}
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

import { useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router-dom';
import { goodStrikeOf, shotOf, titleOf, useCatalogue, useCoach, useStudent } from '../api/queries';
import type { BallSet, Lesson, PastLesson, PastSet, Observed, Purpose, Reading } from '../api/types.gen';
import { StackedStrip, type Strip } from '../figures/StackedStrip';
import { StancePlan } from '../figures/StancePlan';
import { TaskForm } from '../students/TaskForm';
import { Button } from '../ui/Button';
import { ObservationField } from '../ui/ObservationField';
import { Mark } from '../ui/Mark';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { Panel } from '../ui/Panel';
import { useKeys } from '../ui/useKeys';
import { BallEntry } from './BallEntry';
import { MotionRows } from './MotionRows';
import { ReadingPanel } from './ReadingPanel';
import { Shortcuts } from './Shortcuts';
import { useBench } from './useBench';
import { taskLine } from './words';

type View = { set: string } | 'side-by-side';

/** On a narrow screen one at a time, the reading a thumb away. */
const AREAS = ['Set-up', 'Balls', 'Motion', 'Reading'] as const;
type Area = (typeof AREAS)[number];

/** A set that was begun is on the screen by then, or will not come. */
const UNDER_WAY_MS = 5000;

/** The screen on which a lesson happens: set-up, balls and motion to enter, the reading always beside them. */
export function LessonBench() {
    const { id = '' } = useParams();
    const bench = useBench(id);
    const catalogue = useCatalogue();
    const { data: coach } = useCoach();
    const navigate = useNavigate();
    const [asked] = useSearchParams();
    const [view, setView] = useState<View | null>(() => (asked.has('set') ? { set: asked.get('set') ?? '' } : null));
    const [sheet, setSheet] = useState<'task' | 'keys' | null>(null);
    const begun = useRef({ id: '', at: 0 });
    const { lesson, student } = bench;

    const [area, setArea] = useState<Area>('Balls');
    const earlier = useStudent(student?.id ?? '', student !== undefined);
    const { undo, redo } = bench;
    useKeys({
        '?': () => {
            setSheet('keys');
        },
        z: undo,
        y: redo,
    });

    if (bench.query.isError && lesson === undefined)
        return (
            <Page title="Lesson">
                <KeptBar bench={bench} />
                <Trouble error={bench.query.error} onRetry={() => void bench.query.refetch()} />
            </Page>
        );
    if (catalogue.isError)
        return (
            <Page title="Lesson">
                <Trouble error={catalogue.error} onRetry={() => void catalogue.refetch()} />
            </Page>
        );
    if (lesson === undefined || student === undefined || catalogue.data === undefined || coach === undefined)
        return (
            <Page title="Lesson">
                <Skeleton lines={8} />
            </Page>
        );

    const sets = lesson.sets;
    const set = view !== null && view !== 'side-by-side' ? (sets.find((one) => one.id === view.set) ?? sets.at(-1)) : sets.at(-1);
    if (set === undefined)
        return (
            <Page title="Lesson">
                <Trouble
                    error={new Error('This lesson has no set of balls yet.')}
                    onRetry={() => {
                        bench.beginSet('before', undefined, []);
                    }}
                />
            </Page>
        );
    const reading = bench.readings[set.id];
    const wanted = (one: BallSet) => bench.wanted[one.id] ?? 0;
    const shot = shotOf(catalogue.data, lesson.task.shot);
    const changed = (lesson.prescription?.content.setup ?? []).flatMap((one) => one.observable ?? []);
    const begin = (purpose: Purpose) => {
        // The one begun a moment ago is still on its way to the screen.
        if (Date.now() - begun.current.at < UNDER_WAY_MS && !sets.some((one) => one.id === begun.current.id)) return;
        // A double tap, or a set begun and not used: that one serves.
        const last = sets.at(-1);
        if (last !== undefined && last.purpose !== 'before' && last.balls.length === 0) {
            setView({ set: last.id });
            return;
        }
        begun.current = { id: bench.beginSet(purpose, last, purpose === 'after' ? changed : []), at: Date.now() };
        setView({ set: begun.current.id });
    };
    const looks = catalogue.data.observables.filter((one) => !one.sand_only || shot?.sand === true);
    const before = setupBefore(set, lesson, earlier.data?.lessons ?? []);
    const only = (...areas: Area[]) => (areas.includes(area) ? '' : 'max-lg:hidden');
    const faultOf = (key: string) =>
        bench.refused
            .flatMap((entry) => (entry.action.kind === 'look' && entry.action.setId === set.id ? (entry.faults ?? []) : []))
            .find((fault) => fault.key === key)?.message;

    return (
        <div className="flex min-h-screen flex-col lg:h-screen lg:overflow-hidden">
            <header className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink px-4 py-1.5">
                <Link to={`/students/${student.id}`} aria-label={`To ${student.name}`} className="flex min-h-12 items-center">
                    <Mark className="h-8 w-11" />
                </Link>
                <h1 className="text-2xl">{student.name}</h1>
                <button
                    type="button"
                    className="min-h-12 text-left leading-tight underline decoration-1 underline-offset-4 max-lg:min-h-8 max-lg:basis-full"
                    onClick={() => {
                        setSheet('task');
                    }}
                >
                    {student.handed === 'left' && 'left-handed, '}
                    {taskLine(lesson.task, catalogue.data, coach.units)}
                </button>
                <nav
                    aria-label="Sets"
                    className="ml-auto flex max-lg:w-full max-lg:overflow-x-auto max-lg:pl-[1.5px] max-lg:whitespace-nowrap"
                >
                    {sets.map((one) => (
                        <Button
                            key={one.id}
                            chosen={view !== 'side-by-side' && one.id === set.id}
                            onClick={() => {
                                setView({ set: one.id });
                            }}
                            className="-ml-[1.5px]"
                        >
                            {titleOf(catalogue.data, one.purpose)} · {one.balls.length}
                            {wanted(one) > one.balls.length && `/${String(wanted(one))}`}
                        </Button>
                    ))}
                    {!sets.some((one) => one.purpose === 'after') && (
                        <Button
                            className="-ml-[1.5px]"
                            onClick={() => {
                                begin('after');
                            }}
                        >
                            + After the change
                        </Button>
                    )}
                    {sets.some((one) => one.purpose === 'after') && (
                        <Button
                            className="-ml-[1.5px]"
                            onClick={() => {
                                begin('retest');
                            }}
                        >
                            + Retest
                        </Button>
                    )}
                    {sets.length > 1 && (
                        <Button
                            className="-ml-[1.5px]"
                            chosen={view === 'side-by-side'}
                            onClick={() => {
                                setView('side-by-side');
                            }}
                        >
                            Side by side
                        </Button>
                    )}
                    <Button
                        className="ml-3 px-4 max-lg:hidden"
                        aria-keyshortcuts="?"
                        aria-label="Keys"
                        onClick={() => {
                            setSheet('keys');
                        }}
                    >
                        ?
                    </Button>
                    <Button
                        className="ml-1.5"
                        onClick={() => {
                            bench.saveLesson(lesson.task, lesson.closed_at === null ? new Date().toISOString() : null);
                            if (lesson.closed_at === null) void navigate(`/students/${student.id}`);
                        }}
                    >
                        {lesson.closed_at === null ? 'Close lesson' : 'Reopen lesson'}
                    </Button>
                </nav>
            </header>
            <KeptBar bench={bench} />
            {view === 'side-by-side' ? (
                <main className="mx-auto w-full max-w-5xl space-y-4 overflow-y-auto p-6">
                    {sets.map((one) => (
                        <StackedStrip
                            key={one.id}
                            strip={stripOf(one, goodStrikeOf(catalogue.data, lesson.task.shot), bench.readings[one.id])}
                            title={titleOf(catalogue.data, one.purpose)}
                            handed={student.handed}
                            units={coach.units}
                        />
                    ))}
                </main>
            ) : (
                <main className="grid min-h-0 flex-1 grid-cols-1 max-lg:pb-16 lg:grid-cols-[16.5rem_1fr_22rem] 2xl:grid-cols-[24rem_1fr_30rem]">
                    <section aria-label="Set-up" className={`border-line p-3 lg:overflow-y-auto lg:border-r ${only('Set-up')}`}>
                        <StancePlan
                            looks={looks}
                            setup={set.setup}
                            card={reading?.card}
                            handed={student.handed}
                            units={coach.units}
                            onSee={(what, value) => {
                                bench.see(set, what, value);
                            }}
                        />
                        {reading?.card_notes.map((note) => (
                            <p key={note} className="mt-1 border-l-[6px] border-ochre pl-2 text-sm leading-tight">
                                {note}
                            </p>
                        ))}
                        <div className="mt-1 grid grid-cols-2 gap-1.5">
                            {looks
                                .filter((one) => one.group === 'setup')
                                .map((one) => (
                                    <ObservationField
                                        key={one.id}
                                        what={one}
                                        value={set.setup[one.id]}
                                        units={coach.units}
                                        stock={reading?.card[one.id]}
                                        fault={faultOf(`setup.${one.id}`)}
                                        onSee={(value) => {
                                            bench.see(set, one, value);
                                        }}
                                    />
                                ))}
                            {before !== null && (
                                <CopySetup
                                    from={before.setup}
                                    words={before.words}
                                    onCopy={() => {
                                        bench.copySetup(set, before.setup);
                                    }}
                                />
                            )}
                        </div>
                    </section>
                    <section aria-label="Balls and motion" className={`min-w-0 p-3 lg:overflow-y-auto ${only('Balls', 'Motion')}`}>
                        <div className={only('Balls')}>
                            <BallEntry
                                key={set.id}
                                opened={asked.get('set') === set.id ? Number(asked.get('ball')) : 0}
                                bench={bench}
                                lessonId={lesson.id}
                                set={set}
                                catalogue={catalogue.data}
                                shot={lesson.task.shot}
                                handed={student.handed}
                                units={coach.units}
                                reading={reading}
                            />
                        </div>
                        <div className={only('Motion')}>
                            <MotionRows
                                looks={looks.filter((one) => one.group === 'motion')}
                                set={set}
                                units={coach.units}
                                faultOf={faultOf}
                                onSee={(what, value) => {
                                    bench.see(set, what, value);
                                }}
                            />
                        </div>
                    </section>
                    <ReadingPanel
                        bench={bench}
                        lesson={lesson}
                        set={set}
                        reading={reading}
                        catalogue={catalogue.data}
                        handed={student.handed}
                        units={coach.units}
                        className={only('Reading')}
                        onRetest={() => {
                            begin(sets.some((one) => one.purpose === 'after') ? 'retest' : 'after');
                        }}
                    />
                    <nav aria-label="Areas" className="fixed inset-x-0 bottom-0 flex border-t-2 border-ink bg-paper lg:hidden">
                        {AREAS.map((one) => (
                            <button
                                key={one}
                                type="button"
                                aria-pressed={area === one}
                                className={`min-h-14 flex-1 font-semibold ${area === one ? 'bg-ink text-paper' : ''}`}
                                onClick={() => {
                                    setArea(one);
                                }}
                            >
                                {one}
                                {one === 'Reading' && reading !== undefined && reading.pattern.n > 0
                                    ? ` · ${String(reading.pattern.n)}`
                                    : ''}
                            </button>
                        ))}
                    </nav>
                </main>
            )}
            <Panel
                title="Task"
                open={sheet === 'task'}
                onOpenChange={(open) => {
                    setSheet(open ? 'task' : null);
                }}
                wide
            >
                <TaskForm
                    catalogue={catalogue.data}
                    units={coach.units}
                    task={lesson.task}
                    submit="Change the task"
                    problem={bench.refused
                        .filter((entry) => entry.action.kind === 'lesson')
                        .map((entry) => entry.message)
                        .join('\n')}
                    onSubmit={(task) => {
                        bench.saveLesson(task, lesson.closed_at);
                        setSheet(null);
                    }}
                />
            </Panel>
            <Shortcuts
                open={sheet === 'keys'}
                onOpenChange={(open) => {
                    setSheet(open ? 'keys' : null);
                }}
                strikes={shot?.strikes.map((strike) => strike.id) ?? []}
            />
        </div>
    );
}

function stripOf(set: BallSet, word: string, reading: Reading | undefined): Strip {
    return {
        marks: set.balls.map((ball) => ({ touch: ball.seen.touch_mm ?? null, strike: ball.seen.strike ?? '' })),
        good: reading?.pattern.good ?? { count: 0, of: 0 },
        word,
        window: reading?.model?.touch_window_mm ?? null,
        mean: reading?.pattern.touch_mm.mean ?? null,
        text: reading?.pattern.text ?? `${String(set.balls.length)} balls`,
    };
}

function CopySetup({ from, words, onCopy }: { from: Observed; words: string; onCopy: () => void }) {
    useKeys({ c: onCopy });
    return (
        <Button
            hotkey="c"
            className="px-2 text-left text-sm leading-tight"
            title={`${String(Object.keys(from).length)} figures`}
            onClick={onCopy}
        >
            as {words}
        </Button>
    );
}

/** The set-up seen last: of the set before in this lesson, else of the last lesson with this shot. */
function setupBefore(set: BallSet, lesson: Lesson, lessons: PastLesson[]): { setup: Observed; words: string } | null {
    const worth = (one: PastSet | undefined) => one !== undefined && Object.keys(one.setup).length > 0;
    const here = lesson.sets[lesson.sets.findIndex((one) => one.id === set.id) - 1];
    if (here !== undefined && worth(here)) return { setup: here.setup, words: 'set before' };
    const last = lessons
        .filter((one) => one.id !== lesson.id && one.task.shot === lesson.task.shot && one.began_at < lesson.began_at)
        .flatMap((one) => one.sets.slice(-1))
        .find(worth);
    return last === undefined ? null : { setup: last.setup, words: 'last lesson' };
}

/** Says what is not yet with the server, and why. Silent while all is well. */
function KeptBar({ bench }: { bench: ReturnType<typeof useBench> }) {
    const lines: string[] = [];
    if (bench.trouble !== null && bench.waiting > 0)
        lines.push(`Saved on this device, ${String(bench.waiting)} waiting. ${bench.trouble.message}`);
    if (bench.deviceFull)
        lines.push('This device cannot keep entries (its storage is full or switched off). Do not reload before all is sent.');
    if (lines.length === 0 && bench.refused.length === 0 && bench.notices.length === 0) return null;
    return (
        <div role="status" className="border-b border-ink bg-ochre-wash px-4 py-2">
            {lines.map((line) => (
                <p key={line}>
                    {line}
                    {bench.trouble?.status === 401 && (
                        <>
                            {' '}
                            <Link to="/" reloadDocument className="font-semibold underline">
                                Sign in
                            </Link>
                        </>
                    )}
                </p>
            ))}
            {bench.notices.map((notice) => (
                <p key={notice}>{notice}</p>
            ))}
            {bench.notices.length > 0 && (
                <button type="button" className="min-h-8 underline" onClick={bench.understood}>
                    Understood
                </button>
            )}
            {bench.refused.map((entry) => (
                <p key={entry.id} role="alert">
                    <strong>Not stored:</strong> {entry.message}{' '}
                    <button
                        type="button"
                        className="min-h-8 px-2 underline"
                        onClick={() => {
                            bench.again(entry.id);
                        }}
                    >
                        Try again
                    </button>{' '}
                    <button
                        type="button"
                        className="min-h-8 px-2 underline"
                        onClick={() => {
                            bench.drop(entry.id);
                        }}
                    >
                        Take it out
                    </button>
                </p>
            ))}
        </div>
    );
}

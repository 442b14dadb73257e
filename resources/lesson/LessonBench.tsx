import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import { useCatalogue, useCoach } from '../api/queries';
import type { Purpose } from '../api/types';
import { StackedStrip } from '../figures/StackedStrip';
import { StancePlan } from '../figures/StancePlan';
import { TaskForm } from '../students/TaskForm';
import { Button } from '../ui/Button';
import { Look } from '../ui/Look';
import { Mark } from '../ui/Mark';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { Panel } from '../ui/Panel';
import { BallEntry } from './BallEntry';
import { MotionRows } from './MotionRows';
import { ReadingPanel } from './ReadingPanel';
import { Shortcuts } from './Shortcuts';
import { useBench } from './useBench';
import { SET_NAMES, taskLine } from './words';

type View = { set: string } | 'side-by-side';

/** The screen on which a lesson happens: set-up, balls and motion to enter, the reading always beside them. */
export function LessonBench() {
    const { id = '' } = useParams();
    const bench = useBench(id);
    const catalogue = useCatalogue();
    const { data: coach } = useCoach();
    const navigate = useNavigate();
    const [view, setView] = useState<View | null>(null);
    const [sheet, setSheet] = useState<'task' | 'keys' | null>(null);
    const { lesson, student } = bench;

    const { undo, redo } = bench;
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, select, [role=dialog]') !== null;
            if (typing) return;
            if (event.key === '?') setSheet('keys');
            else if (event.key === 'z') undo();
            else if (event.key === 'y') redo();
            else return;
            event.preventDefault();
        };
        window.addEventListener('keydown', onKey);
        return () => { window.removeEventListener('keydown', onKey); };
    }, [undo, redo]);

    if (bench.query.isError && lesson === undefined) return <Page title="Lesson"><Trouble error={bench.query.error} onRetry={() => void bench.query.refetch()} /></Page>;
    if (catalogue.isError) return <Page title="Lesson"><Trouble error={catalogue.error} onRetry={() => void catalogue.refetch()} /></Page>;
    if (lesson === undefined || student === undefined || catalogue.data === undefined || coach === undefined) return <Page title="Lesson"><Skeleton lines={8} /></Page>;

    const sets = lesson.sets;
    const set = view !== null && view !== 'side-by-side' ? (sets.find((one) => one.id === view.set) ?? sets.at(-1)) : sets.at(-1);
    if (set === undefined) return <Page title="Lesson"><Trouble error={new Error('This lesson has no set of balls yet.')} onRetry={() => { bench.beginSet('before', undefined, null); }} /></Page>;
    const reading = bench.readings[set.id];
    const changed = lesson.prescription?.content.setup[0]?.observable ?? null;
    const begin = (purpose: Purpose) => { setView({ set: bench.beginSet(purpose, sets.at(-1), purpose === 'after' ? changed : null) }); };
    const looks = catalogue.data.observables.filter((one) => !one.sand_only || lesson.task.shot === 'bunker');
    const faultOf = (key: string) => bench.refused.flatMap((entry) => (entry.action.kind === 'look' && entry.action.setId === set.id ? (entry.faults ?? []) : [])).find((fault) => fault.key === key)?.message;

    return (
        <div className="flex min-h-screen flex-col lg:h-screen lg:overflow-hidden">
            <header className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b-2 border-ink px-4 py-1.5">
                <Link to={`/students/${student.id}`} aria-label={`To ${student.name}`} className="flex min-h-12 items-center"><Mark className="h-8 w-11" /></Link>
                <h1 className="text-2xl">{student.name}</h1>
                <button type="button" className="min-h-12 text-left leading-tight underline decoration-1 underline-offset-4" onClick={() => { setSheet('task'); }}>
                    {student.handed === 'left' && 'left-handed, '}{taskLine(lesson.task, catalogue.data, coach.units)}
                </button>
                <nav aria-label="Sets" className="ml-auto flex flex-wrap">
                    {sets.map((one) => (
                        <Button key={one.id} chosen={view !== 'side-by-side' && one.id === set.id} onClick={() => { setView({ set: one.id }); }} className="-ml-[1.5px]">
                            {SET_NAMES[one.purpose]} · {one.balls.length}
                        </Button>
                    ))}
                    {!sets.some((one) => one.purpose === 'after') && <Button className="-ml-[1.5px]" onClick={() => { begin('after'); }}>+ After the change</Button>}
                    {sets.some((one) => one.purpose === 'after') && <Button className="-ml-[1.5px]" onClick={() => { begin('retest'); }}>+ Retest</Button>}
                    {sets.length > 1 && <Button className="-ml-[1.5px]" chosen={view === 'side-by-side'} onClick={() => { setView('side-by-side'); }}>Side by side</Button>}
                    <Button
                        className="ml-3"
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
                    {sets.map((one) => <StackedStrip key={one.id} set={one} title={SET_NAMES[one.purpose]} handed={student.handed} units={coach.units} reading={bench.readings[one.id]} />)}
                </main>
            ) : (
                <main className="grid min-h-0 flex-1 grid-cols-1 lg:grid-cols-[16.5rem_1fr_22rem] 2xl:grid-cols-[22rem_1fr_28rem]">
                    <section aria-label="Set-up" className="border-line p-3 lg:overflow-y-auto lg:border-r">
                        <StancePlan setup={set.setup} card={reading?.card} handed={student.handed} units={coach.units} />
                        <div className="mt-2 grid grid-cols-2 gap-1.5">
                            {looks.filter((one) => one.group === 'setup').map((one) => (
                                <Look key={one.id} what={one} value={set.setup[one.id]} units={coach.units} stock={reading?.card[one.id]} fault={faultOf(`setup.${one.id}`)} onSee={(value) => { bench.see(set, one, value); }} />
                            ))}
                        </div>
                    </section>
                    <section aria-label="Balls and motion" className="p-3 lg:overflow-y-auto">
                        <BallEntry key={set.id} bench={bench} set={set} catalogue={catalogue.data} shot={lesson.task.shot} handed={student.handed} units={coach.units} model={reading?.model ?? null} />
                        <MotionRows looks={looks.filter((one) => one.group === 'motion')} set={set} units={coach.units} faultOf={faultOf} onSee={(what, value) => { bench.see(set, what, value); }} />
                    </section>
                    <ReadingPanel bench={bench} lesson={lesson} set={set} reading={reading} catalogue={catalogue.data} onRetest={() => { begin(sets.some((one) => one.purpose === 'after') ? 'retest' : 'after'); }} />
                </main>
            )}
            <Panel title="Task" open={sheet === 'task'} onOpenChange={(open) => { setSheet(open ? 'task' : null); }} wide>
                <TaskForm
                    catalogue={catalogue.data}
                    units={coach.units}
                    task={lesson.task}
                    submit="Change the task"
                    problem={bench.refused.filter((entry) => entry.action.kind === 'lesson').map((entry) => entry.message).join('\n')}
                    onSubmit={(task) => { bench.saveLesson(task, lesson.closed_at); setSheet(null); }}
                />
            </Panel>
            <Shortcuts open={sheet === 'keys'} onOpenChange={(open) => { setSheet(open ? 'keys' : null); }} strikes={catalogue.data.shots.find((one) => one.id === lesson.task.shot)?.strikes.map((strike) => strike.id) ?? []} />
        </div>
    );
}

/** Says what is not yet with the server, and why. Silent while all is well. */
function KeptBar({ bench }: { bench: ReturnType<typeof useBench> }) {
    const lines: string[] = [];
    if (bench.trouble !== null && bench.waiting > 0) lines.push(`Saved on this device, ${String(bench.waiting)} waiting. ${bench.trouble.message}`);
    if (bench.deviceFull) lines.push('This device cannot keep entries (its storage is full or switched off). Do not reload before all is sent.');
    if (lines.length === 0 && bench.refused.length === 0) return null;
    return (
        <div role="status" className="border-b border-ink bg-ochre-wash px-4 py-2">
            {lines.map((line) => <p key={line}>{line}{bench.trouble?.status === 401 && <> <Link to="/" reloadDocument className="font-semibold underline">Sign in</Link></>}</p>)}
            {bench.refused.map((entry) => (
                <p key={entry.id} role="alert">
                    <strong>Not stored:</strong> {entry.message} <button type="button" className="min-h-8 px-2 underline" onClick={() => { bench.drop(entry.id); }}>Take it out</button>
                </p>
            ))}
        </div>
    );
}

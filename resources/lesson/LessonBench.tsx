import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { useState } from 'react';
import { useParams } from 'react-router-dom';
import { shotOf } from '../api/catalogue';
import { useCatalogue, useCoach, useStudent } from '../ask/queries';
import type { BallSet, Catalogue, Coach, Lesson, Reading, Student } from '../api/types.gen';
import { Devices } from '../feed/Devices';
import { FeedBar } from '../feed/FeedBar';
import { useFeed } from '../feed/useFeed';
import { TaskForm } from '../task/TaskForm';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { Panel } from '../ui/Panel';
import { SkipLink } from '../ui/SkipLink';
import { useKeys } from '../ui/useKeys';
import { BallEntry } from './BallEntry';
import { BenchHead } from './BenchHead';
import { ClosedBar } from './ClosedBar';
import { DistanceLine } from './DistanceLine';
import { Guide } from './Guide';
import { KeptBar } from './KeptBar';
import { ReadingPanel } from './ReadingPanel';
import { ReadLesson } from './ReadLesson';
import { SetupArea } from './SetupArea';
import { Shortcuts } from './Shortcuts';
import { SideBySide } from './SideBySide';
import { TellMost } from './TellMost';
import { useBench, type Bench } from './useBench';
import { useSets } from './useSets';

/** On a narrow screen one at a time, the reading a thumb away. */
const AREAS = [said('Balls'), said('Looks'), said('Set-up'), said('Reading')] as const;
type Area = (typeof AREAS)[number];

/** The screen on which a lesson happens: set-up, balls and motion to enter, the reading always beside them. */
export function LessonBench() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const bench = useBench(id);
    const catalogue = useCatalogue();
    const { data: coach } = useCoach();
    const { lesson, student } = bench;
    const trouble = (query: { error: Error | null; refetch: () => unknown }) => (
        <Trouble error={query.error ?? new Error('')} onRetry={() => void query.refetch()} />
    );
    if (lesson !== undefined && student !== undefined && catalogue.data !== undefined && coach !== undefined)
        return <OpenBench {...{ bench, lesson, student, coach }} catalogue={catalogue.data} />;
    return (
        <Page title={t('Lesson')}>
            {bench.query.isError && lesson === undefined ? (
                <>
                    <KeptBar bench={bench} />
                    {trouble(bench.query)}
                </>
            ) : catalogue.isError ? (
                trouble(catalogue)
            ) : (
                <Skeleton lines={8} />
            )}
        </Page>
    );
}

interface Props {
    bench: Bench;
    lesson: Lesson;
    student: Student;
    catalogue: Catalogue;
    coach: Coach;
}

function OpenBench({ bench, lesson, student, catalogue, coach }: Props) {
    const { t } = useTranslation();
    const shown = useSets(bench);
    const [sheet, setSheet] = useState<'task' | 'keys' | 'devices' | null>(null);
    const closed = lesson.closed_at !== null || !student.may.update;
    useKeys({
        '?': () => {
            setSheet('keys');
        },
        ...(closed ? {} : { z: bench.undo, y: bench.redo }),
    });
    const { set } = shown;
    if (set === undefined)
        return (
            <Page title={t('Lesson')}>
                <Trouble
                    error={new Error(t('This lesson has no set of balls yet.'))}
                    onRetry={() => {
                        bench.beginSet('before');
                    }}
                />
            </Page>
        );
    if (!student.may.update) return <ReadLesson {...{ bench, lesson, student, catalogue, coach, set }} sets={shown} />;
    const strikes = shotOf(catalogue, lesson.task.shot)?.strikes.map((strike) => strike.id) ?? [];
    return (
        <div className="flex min-h-screen flex-col bench:h-screen bench:overflow-hidden">
            <SkipLink to="balls" words={t('To the balls')} />
            <SkipLink to="reading" words={t('To the reading')} />
            <BenchHead
                {...{ bench, lesson, student, catalogue, shown }}
                units={coach.units}
                onTask={() => {
                    setSheet('task');
                }}
                onKeys={() => {
                    setSheet('keys');
                }}
                onDevices={() => {
                    setSheet('devices');
                }}
            />
            <KeptBar bench={bench} />
            {lesson.closed_at !== null && (
                <ClosedBar
                    at={lesson.closed_at}
                    onReopen={() => {
                        bench.saveLesson(lesson.task, null);
                    }}
                />
            )}
            {shown.sideBySide ? (
                <SideBySide {...{ bench, lesson, catalogue }} handed={student.handed} units={coach.units} />
            ) : (
                <Areas {...{ bench, lesson, student, catalogue, coach, shown, set }} />
            )}
            <Guide lesson={lesson} />
            <Panel
                title={t('Task')}
                open={sheet === 'task'}
                onOpenChange={(open) => {
                    setSheet(open ? 'task' : null);
                }}
                wide
            >
                <TaskForm
                    catalogue={catalogue}
                    clubs={student.clubs}
                    units={coach.units}
                    task={lesson.task}
                    submit={t('Change the task')}
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
            <Panel
                title={t('Measuring devices')}
                open={sheet === 'devices'}
                onOpenChange={(open) => {
                    setSheet(open ? 'devices' : null);
                }}
            >
                <Devices lessonId={lesson.id} />
            </Panel>
            <Shortcuts
                open={sheet === 'keys'}
                onOpenChange={(open) => {
                    setSheet(open ? 'keys' : null);
                }}
                strikes={strikes}
            />
        </div>
    );
}

/** Set-up, balls, looks and reading of one set. */
function Areas({ bench, lesson, student, catalogue, coach, shown, set }: Props & { shown: ReturnType<typeof useSets>; set: BallSet }) {
    const { t } = useTranslation();
    const [area, setArea] = useState<Area>('Balls');
    const earlier = useStudent(student.id);
    const reading = bench.readings[set.id];
    const closed = lesson.closed_at !== null;
    const shot = shotOf(catalogue, lesson.task.shot);
    const looks = catalogue.observables.filter((one) => !one.sand_only || shot?.sand === true);
    const only = (one: Area) => (area === one ? '' : 'max-bench:hidden');
    const faultOf = (key: string) =>
        bench.refused
            .flatMap((entry) => (entry.action.kind === 'look' && entry.action.setId === set.id ? (entry.faults ?? []) : []))
            .find((fault) => fault.key === key)?.message;
    const feed = useFeed(lesson, set, catalogue, bench);
    const all = { bench, lesson, set, reading, closed, handed: student.handed, units: coach.units };
    return (
        <>
            <ReadingLine reading={reading} className={area === 'Reading' ? 'hidden' : 'bench:hidden'} />
            <main className="grid min-h-0 flex-1 grid-cols-1 max-bench:pb-16 bench:grid-cols-[18rem_1fr_22rem] 2xl:grid-cols-[24rem_1fr_30rem]">
                <SetupArea {...all} looks={looks} earlier={earlier.data?.lessons ?? []} faultOf={faultOf} className={only('Set-up')} />
                <section
                    id="balls"
                    tabIndex={-1}
                    aria-label={t('Balls and looks')}
                    inert={closed}
                    className={`min-w-0 p-3 outline-none bench:overflow-y-auto ${area === 'Balls' || area === 'Looks' ? '' : 'max-bench:hidden'}`}
                >
                    <div className={only('Balls')}>
                        <FeedBar {...{ feed, catalogue }} lessonId={lesson.id} units={coach.units} />
                        <BallEntry
                            {...all}
                            bench={{ ...bench, addBall: feed.addBall }}
                            key={set.id}
                            opened={shown.ball}
                            lessonId={lesson.id}
                            catalogue={catalogue}
                            shot={lesson.task.shot}
                        />
                        <DistanceLine {...{ bench, set, catalogue, reading }} studentId={student.id} carryM={lesson.task.carry_m} />
                    </div>
                    <div className={only('Looks')}>
                        {!closed && (
                            <TellMost
                                key={set.id}
                                {...{ reading, set, catalogue }}
                                onSee={(what, value) => {
                                    bench.see(set, what, value);
                                }}
                            />
                        )}
                    </div>
                </section>
                <ReadingPanel
                    {...all}
                    catalogue={catalogue}
                    clubs={student.clubs}
                    className={only('Reading')}
                    onRetest={() => {
                        shown.begin();
                        setArea('Balls');
                    }}
                />
            </main>
            <nav aria-label={t('Areas')} className="fixed inset-x-0 bottom-0 z-10 flex border-t-2 border-ink bg-paper bench:hidden">
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
                        {t(one)}
                    </button>
                ))}
            </nav>
        </>
    );
}

/** On a narrow screen the rate and the advice stay in sight while balls are entered. */
function ReadingLine({ reading, className }: { reading: Reading | undefined; className: string }) {
    if (reading === undefined) return null;
    return (
        <p aria-hidden="true" className={`sticky top-0 z-10 border-b border-line bg-paper px-4 py-1.5 leading-tight ${className}`}>
            <strong className="display mr-2 text-xl">{reading.pattern.headline}</strong> {reading.advice}
        </p>
    );
}

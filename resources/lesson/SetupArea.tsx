import { useTranslation } from 'react-i18next';
import { t } from '../language';
import { Link } from 'react-router-dom';
import type { BallSet, Handed, Lesson, Measured, Observable, Observed, PastLesson, PastSet, Reading, Units } from '../api/types.gen';
import { StancePlan } from '../figures/StancePlan';
import { Button } from '../ui/Button';
import { useKeys } from '../ui/useKeys';
import { Looks } from './Looks';
import type { Bench } from './useBench';

interface Props {
    bench: Bench;
    lesson: Lesson;
    set: BallSet;
    reading: Reading | undefined;
    /** What can be looked at with this shot. */
    looks: Observable[];
    /** The student's latest lessons. */
    earlier: PastLesson[];
    handed: Handed;
    units: Units;
    faultOf: (key: string) => string | undefined;
    closed: boolean;
    className: string;
}

/** The set-up, drawn, and all that was looked at. */
export function SetupArea({ bench, lesson, set, reading, looks, earlier, handed, units, faultOf, closed, className }: Props) {
    const { t } = useTranslation();
    const before = setupBefore(set, lesson, earlier);
    return (
        <section aria-label={t('Set-up')} inert={closed} className={`border-line p-3 bench:overflow-y-auto bench:border-r ${className}`}>
            <StancePlan
                looks={looks}
                setup={{ ...stood(reading), ...set.setup }}
                card={reading?.card}
                handed={handed}
                units={units}
                slopeDeg={lesson.task.slope_deg ?? 0}
                onSee={(what, value) => {
                    bench.see(set, what, value);
                }}
            />
            {reading?.card_notes.map((note) => (
                <p key={note} className="mt-1 border-l-[6px] border-ochre pl-2 text-sm leading-tight">
                    {note}
                </p>
            ))}
            <Looks
                {...{ looks, set, reading, units, handed, faultOf }}
                began={lesson.began_at}
                onSee={(what, value) => {
                    bench.see(set, what, value);
                }}
            />
            {!closed && (
                <Link
                    to={`/lessons/${lesson.id}/measure?set=${set.id}`}
                    className="mt-2 flex min-h-11 items-center underline underline-offset-4"
                >
                    {t('Measure from a picture or a film')}
                </Link>
            )}
            {!closed && (lesson.task.slope_deg ?? 0) !== 0 && (
                <Link
                    to={`/students/${lesson.student_id}/shots?${String(toSlope(lesson, set))}`}
                    className="flex min-h-11 items-center underline underline-offset-4"
                >
                    {t('Brush on the slope')}
                </Link>
            )}
            {before !== null && !closed && (
                <CopySetup
                    from={before.setup}
                    words={before.words}
                    onCopy={() => {
                        bench.takeOver(set, { setup: before.setup, motion: {}, measured: before.measured });
                    }}
                />
            )}
        </section>
    );
}

function CopySetup({ from, words, onCopy }: { from: Observed; words: string; onCopy: () => void }) {
    const { t } = useTranslation();
    useKeys({ c: onCopy });
    return (
        <Button
            hotkey="c"
            className="mt-2 w-full px-2 text-left leading-tight"
            title={t('{{n}} figures', { n: Object.keys(from).length })}
            onClick={onCopy}
        >
            {t('Set-up as {{words}}', { words })}
        </Button>
    );
}

/** What stands since earlier sets, to be drawn with what was seen in this one. */
const stood = (reading: Reading | undefined): Observed =>
    Object.fromEntries((reading?.standing ?? []).map((one) => [one.observable, one.value]));

/** The set-up seen last: of the set before in this lesson, else of the last lesson with this shot. */
function setupBefore(set: BallSet, lesson: Lesson, earlier: PastLesson[]): { setup: Observed; measured: Measured; words: string } | null {
    const worth = (one: PastSet | undefined) => one !== undefined && Object.keys(one.setup).length > 0;
    const here = lesson.sets[lesson.sets.findIndex((one) => one.id === set.id) - 1];
    if (here !== undefined && worth(here)) return { setup: here.setup, measured: here.measured ?? {}, words: t('set before') };
    const last = earlier
        .filter((one) => one.id !== lesson.id && one.task.shot === lesson.task.shot && one.began_at < lesson.began_at)
        .flatMap((one) => one.sets.slice(-1))
        .find(worth);
    return last === undefined ? null : { setup: last.setup, measured: last.measured ?? {}, words: t('last lesson') };
}

/** The slope of the lesson, and where ball and feet stand in this set. */
function toSlope(lesson: Lesson, set: BallSet): URLSearchParams {
    const told = { slope: lesson.task.slope_deg, stance: set.setup.stance_width_mm, ball: set.setup.ball_position_pct };
    return new URLSearchParams({
        tab: 'slope',
        lesson: lesson.id,
        set: set.id,
        ...Object.fromEntries(Object.entries(told).flatMap(([key, value]) => (value == null ? [] : [[key, String(value)]]))),
    });
}

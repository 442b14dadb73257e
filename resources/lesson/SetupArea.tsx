import type { BallSet, Handed, Lesson, Observable, Observed, PastLesson, PastSet, Reading, Units } from '../api/types.gen';
import { StancePlan } from '../figures/StancePlan';
import { Button } from '../ui/Button';
import { ObservationField } from '../ui/ObservationField';
import { useKeys } from '../ui/useKeys';
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
    className: string;
}

/** The set-up, drawn and in figures. */
export function SetupArea({ bench, lesson, set, reading, looks, earlier, handed, units, faultOf, className }: Props) {
    const before = setupBefore(set, lesson, earlier);
    return (
        <section aria-label="Set-up" className={`border-line p-3 lg:overflow-y-auto lg:border-r ${className}`}>
            <StancePlan
                looks={looks}
                setup={set.setup}
                card={reading?.card}
                handed={handed}
                units={units}
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
                            units={units}
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
    );
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
function setupBefore(set: BallSet, lesson: Lesson, earlier: PastLesson[]): { setup: Observed; words: string } | null {
    const worth = (one: PastSet | undefined) => one !== undefined && Object.keys(one.setup).length > 0;
    const here = lesson.sets[lesson.sets.findIndex((one) => one.id === set.id) - 1];
    if (here !== undefined && worth(here)) return { setup: here.setup, words: 'set before' };
    const last = earlier
        .filter((one) => one.id !== lesson.id && one.task.shot === lesson.task.shot && one.began_at < lesson.began_at)
        .flatMap((one) => one.sets.slice(-1))
        .find(worth);
    return last === undefined ? null : { setup: last.setup, words: 'last lesson' };
}

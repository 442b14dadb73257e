import { goodStrikeOf, titleOf } from '../api/catalogue';
import type { BallSet, Catalogue, Handed, Lesson, Reading, Units } from '../api/types.gen';
import { StackedStrip, type Strip } from '../figures/StackedStrip';
import type { Bench } from './useBench';

interface Props {
    bench: Bench;
    lesson: Lesson;
    catalogue: Catalogue;
    handed: Handed;
    units: Units;
}

/** All sets of the lesson, one below the other. */
export function SideBySide({ bench, lesson, catalogue, handed, units }: Props) {
    const word = goodStrikeOf(catalogue, lesson.task.shot);
    return (
        <main className="mx-auto w-full max-w-5xl space-y-4 overflow-y-auto p-6">
            <h2 className="text-3xl">{difference(lesson.sets, bench, word)}</h2>
            {lesson.sets.map((one) => (
                <StackedStrip
                    key={one.id}
                    strip={stripOf(one, word, bench.readings[one.id])}
                    title={titleOf(catalogue, one.purpose)}
                    handed={handed}
                    units={units}
                />
            ))}
        </main>
    );
}

/** "2 of 7, then 5 of 7 clean": the first set that was hit, and the last. */
function difference(sets: BallSet[], bench: Bench, word: string): string {
    const rates = sets
        .map((one) => bench.readings[one.id]?.pattern.good)
        .filter((good) => good !== undefined && good.of > 0)
        .map((good) => `${String(good?.count)} of ${String(good?.of)}`);
    const [first, last] = [rates[0], rates.at(-1)];
    if (first === undefined) return 'Nothing to compare yet';
    return rates.length === 1 ? `${first} ${word}` : `${first}, then ${last ?? ''} ${word}`;
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

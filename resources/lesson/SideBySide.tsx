import { t } from '../language';
import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { goodStrikeOf, titleOf } from '../api/catalogue';
import { ask } from '../ask/queries';
import type { BallSet, Catalogue, Handed, Lesson, Reading, Units } from '../api/types.gen';
import { StripRuler } from '../figures/StripRuler';
import { StackedStrip, type Strip } from '../figures/StackedStrip';
import type { Bench } from './useBench';

interface Props {
    bench: Bench;
    lesson: Lesson;
    catalogue: Catalogue;
    handed: Handed;
    units: Units;
}

/** The difference first, and how sure it is; then all sets of the lesson under one ruler. */
export function SideBySide({ bench, lesson, catalogue, handed, units }: Props) {
    const { t } = useTranslation();
    const change = useQuery(ask.comparison(lesson.id, lesson.sets.map((set) => set.balls.length).join()));
    return (
        <main className="mx-auto w-full max-w-5xl space-y-4 overflow-y-auto p-6">
            <h2 className="text-3xl">{change.data?.text ?? t('Nothing to compare yet')}</h2>
            {change.data?.sure != null && <p className="text-lg">{change.data.sure}</p>}
            <StripRuler
                handed={handed}
                units={units}
                strikes={lesson.sets.flatMap((set) => set.balls.map((ball) => ball.seen.strike ?? ''))}
            />
            {lesson.sets.map((one) => (
                <StackedStrip
                    key={one.id}
                    strip={stripOf(one, catalogue, lesson.task.shot, bench.readings[one.id])}
                    title={titleOf(catalogue, one.purpose)}
                    handed={handed}
                    units={units}
                />
            ))}
        </main>
    );
}

/** A set as a strip: its balls, and where they would have come out good. */
export function stripOf(set: BallSet, catalogue: Catalogue, shot: string, reading: Reading | undefined): Strip {
    return {
        marks: set.balls.map((ball) => ({ touch: ball.seen.touch_mm ?? null, strike: ball.seen.strike ?? '' })),
        good: reading?.pattern.good ?? { count: 0, of: 0 },
        word: goodStrikeOf(catalogue, shot),
        window: reading?.model?.touch_window_mm ?? null,
        pale: reading?.touch_tells === false,
        mean: reading?.pattern.touch_mm.mean ?? null,
        text: reading?.pattern.text ?? t('{{count}} balls', { count: set.balls.length }),
    };
}

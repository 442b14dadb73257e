import { keepPreviousData, useQueries } from '@tanstack/react-query';
import { i18next } from '../language';
import type { BallSet, Coach, Lesson, Reading, Student } from '../api/types.gen';
import { isHere } from './here';

interface Props {
    lesson: Lesson | undefined;
    student: Student | undefined;
    coach: Coach | undefined;
    /** Sets with entries that no server has read. */
    unread: string[];
}

/** The set as the core reads it: what the server makes of a stored one. */
const caseOf = (lesson: Lesson, student: Student, set: BallSet) => ({
    student: { handed: student.handed, limits: student.limits },
    task: lesson.task,
    setup: set.setup,
    motion: set.motion,
    measured: set.measured ?? {},
    balls: set.balls.map((ball) => ball.seen),
    // What was seen before in this lesson stands; of other lessons the server knows.
    earlier: lesson.sets
        .filter((one) => one.id < set.id)
        .map((one) => ({ days_ago: 0, setup: one.setup, motion: one.motion, measured: one.measured ?? {} })),
});

/** While nobody answers, and the core is on this device: what it reads in the sets that wait. In English, as it speaks by itself. */
export function useReadingsHere({ lesson, student, coach, unread }: Props): Record<string, Reading> {
    const sets = lesson?.sets.filter((set) => unread.includes(set.id)) ?? [];
    const able = isHere() && i18next.language.startsWith('en');
    const read = useQueries({
        queries: sets.map((set) => {
            const question =
                lesson === undefined || student === undefined || coach === undefined
                    ? null
                    : {
                          case: caseOf(lesson, student, set),
                          units: coach.units,
                          equipment: coach.equipment,
                          calibration: coach.calibration,
                          correction: coach.correction,
                      };
            return {
                queryKey: ['read here', question],
                queryFn: () => import('./engine').then(({ workOut }) => workOut<Reading>(question ?? {})),
                enabled: able && question !== null,
                networkMode: 'always' as const,
                retry: false,
                placeholderData: keepPreviousData,
                staleTime: Infinity,
                gcTime: 60_000,
            };
        }),
    });
    return Object.fromEntries(sets.flatMap((set, i) => (read[i]?.data === undefined ? [] : [[set.id, read[i].data]])));
}

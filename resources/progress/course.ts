import { t } from '../language';
import { titleOf } from '../api/catalogue';
import type { Catalogue, CoursePoint, DrillCourse, Estimate } from '../api/types.gen';
import type { Point } from './timeline';

const plain = { low: null, high: null, n: null };

/** Where a set stands in time, and where it leads. */
export const placeOf = (catalogue: Catalogue, one: CoursePoint) => ({
    at: one.at,
    label: titleOf(catalogue, one.purpose),
    to: `/lessons/${one.lesson}?set=${one.set}`,
});

const onGround = (catalogue: Catalogue, one: CoursePoint) => {
    const place = placeOf(catalogue, one);
    return one.censored === undefined
        ? place
        : { ...place, label: t('{{label}}, {{censored}} more without ground contact', { label: place.label, censored: one.censored }) };
};

const scaled = (interval: Estimate['mean_interval'], factor: number) => ({
    low: interval === null ? null : interval[0] / factor,
    high: interval === null ? null : interval[1] / factor,
});

/** Means of each set with their intervals, in the unit that so many of ours make. */
export function meansOf(
    catalogue: Catalogue,
    course: CoursePoint[],
    of: (one: CoursePoint) => Estimate | undefined,
    factor: number,
): Point[] {
    return course.flatMap((one) => {
        const seen = of(one);
        if (seen === undefined) return [];
        return [{ ...onGround(catalogue, one), value: seen.mean / factor, ...scaled(seen.mean_interval, factor), n: seen.n }];
    });
}

/** Scatters of the first touch with their intervals. */
export function scattersOf(catalogue: Catalogue, course: CoursePoint[], factor: number): Point[] {
    return course.flatMap((one) => {
        if (one.touch?.sd == null) return [];
        return [{ ...onGround(catalogue, one), value: one.touch.sd / factor, ...scaled(one.touch.sd_interval, factor), n: one.touch.n }];
    });
}

/** Shares of good strikes with their intervals. */
export function goodOf(catalogue: Catalogue, course: CoursePoint[]): Point[] {
    return course.map((one) => ({
        ...placeOf(catalogue, one),
        value: one.good.count / one.good.of,
        low: one.good.interval?.[0] ?? null,
        high: one.good.interval?.[1] ?? null,
        n: one.good.of,
    }));
}

/** How sure the student was, before retests and after drills. */
export function sureOf(catalogue: Catalogue, course: CoursePoint[], results: DrillCourse[]): Point[] {
    return [
        ...course.flatMap((one) => (one.confidence === undefined ? [] : [{ ...placeOf(catalogue, one), value: one.confidence, ...plain }])),
        ...results.flatMap((one) => (one.confidence === null ? [] : [{ at: one.at, label: one.name, value: one.confidence, ...plain }])),
    ].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

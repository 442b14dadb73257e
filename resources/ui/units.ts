import { t } from '../language';
import { decimal } from './reader';
import type { Field, Units } from '../api/types.gen';

// Only how figures are shown and typed; stored and sent are always mm, m and degrees.

const MM_PER_CM = 10;
const MM_PER_INCH = 25.4;
const M_PER_YARD = 0.9144;

/** How many stored units make one shown unit. */
export function shownFactor(unit: string, units: Units): number {
    if (unit === 'mm') return units === 'metric' ? MM_PER_CM : MM_PER_INCH;
    if (unit === 'm') return units === 'metric' ? 1 : M_PER_YARD;
    return 1;
}

export function shownUnit(unit: string, units: Units): string {
    if (unit === 'mm') return units === 'metric' ? 'cm' : 'in';
    if (unit === 'm') return units === 'metric' ? 'm' : 'yd';
    if (unit === 'degrees') return '°';
    return unit;
}

/** "45.8", "−1" */
export const oneDecimal = (value: number) => decimal(Math.round(value * 10) / 10).replace('-', '−');

/** "4.1 cm", "13°", "62 %" */
export function withUnit(value: number, unit: string, units: Units): string {
    const name = shownUnit(unit, units);
    return `${oneDecimal(value / shownFactor(unit, units))}${name === '°' ? '' : ' '}${name}`;
}

/** Half of an interval: "± 1.2°" */
export const off = (half: number, unit: string, units: Units): string => `±\u{00A0}${withUnit(half, unit, units)}`;

/** "4.1 cm behind", "at the ball" */
export function place(mm: number, units: Units): string {
    if (Math.abs(mm) < 0.5) return t('at the ball');
    return `${withUnit(Math.abs(mm), 'mm', units)} ${mm < 0 ? t('behind') : t('ahead')}`;
}

/** Told by the side of the ball on which it lies, never by a sign. */
const LOW_POINT = 'low_point_mm';

export function observed(field: Field & { id?: string }, value: number | string, units: Units): string {
    if (typeof value === 'string') return field.answers.find((answer) => answer.value === value)?.label ?? value;
    if (field.id === LOW_POINT) return place(value, units);
    return withUnit(value, field.unit, units);
}

export const percent = (share: number) => `${String(Math.round(share * 100))} %`;

/** A share as a count that can be seen: "6 in 10". */
export const inTen = (share: number) => t('{{n}} in 10', { n: Math.round(10 * share) });

/** How likely something is: it is never told as none of ten, nor as all. */
export const chance = (share: number) => (share < 0.05 ? t('less than 1 in 10') : share >= 0.95 ? t('more than 9 in 10') : inTen(share));

/** What was typed as a number. What is none goes on as it was typed: the server names what is wrong with it. */
export function numberOr(typed: string): number {
    const number = Number(typed.replace(',', '.').replace('−', '-'));
    return typed.trim() === '' || Number.isNaN(number) ? (typed as unknown as number) : number;
}

import { word } from '../language/trade';
import { t } from '../language';
import type { BallSeen, Catalogue, Task, Units } from '../api/types.gen';
import { shotOf } from '../api/catalogue';
import { place, withUnit } from '../ui/units';

/** "chip, fairway, 56/12, carry 9 m" */
export function taskLine(task: Task, catalogue: Catalogue | undefined, units: Units): string {
    const lie = catalogue === undefined ? undefined : shotOf(catalogue, task.shot)?.lies.find((one) => one.id === task.lie);
    const parts = [word(task.shot), lie?.label ?? task.lie, `${String(task.club.loft_deg)}/${String(task.club.bounce_deg)}`];
    if (typeof task.carry_m === 'number') parts.push(t('carry {{carry}}', { carry: withUnit(task.carry_m, 'm', units) }));
    return parts.join(', ');
}

/** "4.1 cm behind, 6 cm" for a ball */
export function touchText(seen: BallSeen, units: Units): string {
    if (seen.touch_mm === undefined) return t('touch not seen');
    if (seen.touch_mm === null) return t('no contact');
    return `${place(seen.touch_mm, units)}${seen.mark_length_mm === undefined ? '' : `, ${withUnit(seen.mark_length_mm, 'mm', units)}`}`;
}

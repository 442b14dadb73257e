import type { Catalogue, Purpose, Task, Units } from '../api/types';
import { shotOf } from '../api/queries';
import { withUnit } from '../ui/units';

export const SET_NAMES: Record<Purpose, string> = { before: 'Before', after: 'After the change', retest: 'Retest' };

/** "chip, fairway, 56/12, carry 9 m" */
export function taskLine(task: Task, catalogue: Catalogue | undefined, units: Units): string {
    const lie = catalogue === undefined ? undefined : shotOf(catalogue, task.shot)?.lies.find((one) => one.id === task.lie);
    const parts = [task.shot, lie?.label ?? task.lie, `${String(task.club.loft_deg)}/${String(task.club.bounce_deg)}`];
    if (typeof task.carry_m === 'number') parts.push(`carry ${withUnit(task.carry_m, 'm', units)}`);
    return parts.join(', ');
}

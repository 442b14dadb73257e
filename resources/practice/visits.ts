import type { PlanSession, Practice, PracticeDrill } from '../api/types.gen';

interface Item {
    drill: PracticeDrill;
    minutes: number | null;
    mode: string | null;
}

/** What is done in a visit; without one, the drills as they were handed out. */
export function itemsOf(practice: Practice, visit: PlanSession | undefined): Item[] {
    if (visit === undefined) return practice.drills.map((drill) => ({ drill, minutes: null, mode: null }));
    return visit.items.flatMap((item) => {
        const drill = practice.drills.find((one) => one.id === item.drill);
        return drill === undefined ? [] : [{ drill, minutes: item.minutes, mode: item.mode_text }];
    });
}

import type { PlanSession, Practice, PracticeDrill } from '../api/types.gen';
import { dayIso } from '../ui/reader';

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

/** The practice session of today, else one whose drills are being counted today, else the next one: whoever likes does it sooner. */
export function sessionAt(practice: Practice, today: string): PlanSession | undefined {
    const sessions = [...(practice.plan?.sessions ?? [])].sort((a, b) => a.day.localeCompare(b.day));
    const counted = practice.results.find((one) => one.session !== null && dayIso(new Date(one.done_at)) === today)?.session;
    return (
        sessions.find((one) => one.day === today) ??
        sessions.find((one) => one.id === counted) ??
        sessions.find((one) => one.day > today && !one.done)
    );
}

// The time as the server has it. The clock of a device may be a day or a year off: what it says would be refused or stand in the wrong place.

const OFF = 'low-point-clock-off';

/** Less than this is the way there and back. */
const NOTICEABLE_MS = 120_000;

function remembered(): number {
    try {
        return Number(localStorage.getItem(OFF)) || 0;
    } catch {
        return 0;
    }
}

let offMs = remembered();

/** @param date the Date header of an answer that has just come */
export function learnTime(date: string | null): void {
    const told = date === null ? NaN : Date.parse(date);
    if (Number.isNaN(told)) return;
    const differs = told - Date.now();
    const next = Math.abs(differs) < NOTICEABLE_MS ? 0 : differs;
    if (Math.abs(next - offMs) < NOTICEABLE_MS && (next === 0) === (offMs === 0)) return;
    offMs = next;
    try {
        localStorage.setItem(OFF, String(next));
    } catch {
        // A window that keeps nothing learns it again.
    }
}

/** Milliseconds since 1970. */
export const now = (): number => Date.now() + offMs;

export const nowIso = (): string => new Date(now()).toISOString();

const WAITING = 'low-point-waiting';

/** How many entries the store should hold, noted elsewhere than in it: a store that was thrown away cannot say what it held. */
export const waitingHere = {
    read(): number {
        try {
            return Number(localStorage.getItem(WAITING)) || 0;
        } catch {
            return 0;
        }
    },
    write(entries: number): void {
        try {
            localStorage.setItem(WAITING, String(entries));
        } catch {
            // A window that keeps nothing.
        }
    },
};

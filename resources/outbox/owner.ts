// Whose entries and answers these are, and which device they come from. Both outlive a reload where the browser lets them.

const OWNER = 'low-point-owner';
const DEVICE = 'low-point-device';

function read(key: string): string | null {
    try {
        return localStorage.getItem(key);
    } catch {
        return null;
    }
}

function write(key: string, value: string): void {
    try {
        localStorage.setItem(key, value);
    } catch {
        // A window that keeps nothing: known until it is closed.
    }
}

let current = read(OWNER);
const listeners = new Set<() => void>();

export const owner = {
    /** The coach who signed in last on this device; null before anybody did. */
    get current(): string | null {
        return current;
    },
    is(coach: string): void {
        if (coach === current) return;
        current = coach;
        write(OWNER, coach);
        listeners.forEach((listener) => {
            listener();
        });
    },
    changes(listener: () => void): void {
        listeners.add(listener);
    },
};

interface Stamp {
    device: string;
    number: number;
}

let stamp: Stamp | undefined;

/** Name of this device with a number that only grows, also after the clock was set back: what came first can be told by it. */
export function nextStamp(): Stamp {
    if (stamp === undefined) {
        const [device, number] = (read(DEVICE) ?? '').split(' ');
        stamp = device ? { device, number: Number(number) || 0 } : { device: crypto.randomUUID(), number: 0 };
    }
    stamp = { device: stamp.device, number: Math.max(Date.now(), stamp.number + 1) };
    write(DEVICE, `${stamp.device} ${String(stamp.number)}`);
    return stamp;
}

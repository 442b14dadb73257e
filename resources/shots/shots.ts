import { useEffect, useState } from 'react';
import type { Catalogue, Field, Student, Units } from '../api/types.gen';

export interface OfShots {
    catalogue: Catalogue;
    units: Units;
    /** Absent: nobody's in particular. */
    student: Student | undefined;
}

/** A drag asks the server when the hand rests, not at each step of it. */
const RESTS_MS = 90;

/** What a value has been for a moment. */
export function useSettled<Value>(value: Value): Value {
    const [settled, setSettled] = useState(value);
    const text = JSON.stringify(value);
    useEffect(() => {
        const timer = setTimeout(() => {
            setSettled(JSON.parse(text) as Value);
        }, RESTS_MS);
        return () => {
            clearTimeout(timer);
        };
    }, [text]);
    return settled;
}

/** A field of the catalogue as something that can be dragged. */
export function fieldOf(fields: Record<string, Field>, id: string): Field & { id: string } {
    const field = fields[id];
    if (field === undefined) throw new Error(`The catalogue has no ${id}.`);
    return { ...field, id };
}

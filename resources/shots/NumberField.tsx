import { useState } from 'react';
import type { Field, Units } from '../api/types.gen';
import { TextField } from '../ui/TextField';
import { numberOr, shownFactor, shownUnit } from '../ui/units';

interface Props {
    field: Field;
    value: number;
    units: Units;
    /** Metres of a step: the distance is paced. */
    stepM?: number | undefined;
    stepWord?: string;
    onNumber: (value: number) => void;
}

/** A figure that is typed, in the coach's units or paced. What is no number goes out as typed: the server names what is wrong with it. */
export function NumberField({ field, value, units, stepM, stepWord = '', onNumber }: Props) {
    const paced = stepM !== undefined && field.unit === 'm';
    const factor = paced ? stepM : shownFactor(field.unit, units);
    const unit = paced ? stepWord : shownUnit(field.unit, units);
    const [typed, setTyped] = useState<string | null>(null);
    const shown = typeof value === 'number' ? String(Math.round((value / factor) * 10) / 10) : String(value);
    return (
        <TextField
            label={`${field.label}${unit === '' ? '' : `, ${unit}`}`}
            outer="block text-[15px]"
            className="w-24"
            inputMode="decimal"
            value={typed ?? shown}
            onValue={(text) => {
                setTyped(text);
                const number = numberOr(text);
                if (text.trim() !== '') onNumber(typeof number === 'number' ? number * factor : number);
            }}
            onBlur={() => {
                setTyped(null);
            }}
        />
    );
}

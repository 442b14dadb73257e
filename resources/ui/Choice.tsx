import { ToggleGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props<Value extends string> {
    label: string;
    value: Value | '';
    options: { value: Value; label: ReactNode }[];
    onChoose: (value: Value) => void;
}

/** One of several, as one stop of the Tab key; arrows go from one to the next. Filled ink = chosen. */
export function Choice<Value extends string>({ label, value, options, onChoose }: Props<Value>) {
    return (
        <ToggleGroup.Root
            type="single"
            aria-label={label}
            className="flex flex-wrap"
            value={value === '' ? EMPTY : value}
            onValueChange={(next) => {
                const chosen = options.find((one) => (one.value === '' ? EMPTY : one.value) === next);
                if (chosen !== undefined) onChoose(chosen.value);
            }}
        >
            {options.map((one) => (
                <ToggleGroup.Item
                    key={one.value}
                    value={one.value === '' ? EMPTY : one.value}
                    className="-mr-[1.5px] min-h-12 border-[1.5px] border-ink bg-press px-3 font-semibold data-[state=on]:bg-ink data-[state=on]:text-paper"
                >
                    {one.label}
                </ToggleGroup.Item>
            ))}
        </ToggleGroup.Root>
    );
}

/** "All of them" has a name of its own: an empty one means that nothing is chosen. */
const EMPTY = '*';

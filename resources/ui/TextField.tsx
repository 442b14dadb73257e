import type { InputHTMLAttributes } from 'react';

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'onChange'> {
    label: string;
    value: string;
    onValue: (value: string) => void;
    /** Of the label around it. */
    outer?: string;
}

/** A labelled line of text. */
export function TextField({ label, value, onValue, outer = 'block font-semibold', className = 'w-full', ...rest }: Props) {
    return (
        <label className={outer}>
            {label}
            <input
                className={`mt-1 block min-h-12 border-[1.5px] border-ink bg-press px-3 font-normal ${className}`}
                value={value}
                onChange={(event) => {
                    onValue(event.target.value);
                }}
                {...rest}
            />
        </label>
    );
}

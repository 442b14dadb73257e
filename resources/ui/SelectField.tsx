interface Props<Value extends string> {
    label: string;
    /** The label is only told where it is not seen. */
    unseen?: boolean;
    options: readonly { value: Value; label: string }[];
    value: string | undefined;
    onValue: (value: Value) => void;
    /** Of the label around it. */
    outer?: string;
    className?: string;
}

/** A labelled choice of many, where a row of buttons would be too long. */
export function SelectField<Value extends string>({
    label,
    unseen = false,
    options,
    value,
    onValue,
    outer = 'block font-semibold',
    className = '',
}: Props<Value>) {
    const select = (
        <select
            aria-label={unseen ? label : undefined}
            className={`min-h-12 border-[1.5px] border-ink bg-press px-3 font-normal ${unseen ? '' : 'mt-1 block'} ${className}`}
            value={value}
            onChange={(event) => {
                const chosen = options.find((one) => one.value === event.target.value);
                if (chosen !== undefined) onValue(chosen.value);
            }}
        >
            {options.map((one) => (
                <option key={one.value} value={one.value}>
                    {one.label}
                </option>
            ))}
        </select>
    );
    return unseen ? (
        select
    ) : (
        <label className={outer}>
            {label}
            {select}
        </label>
    );
}

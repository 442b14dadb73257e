import type { ReactNode } from 'react';

interface Props {
    children: ReactNode;
    /** As browsers name kinds of files. */
    accept: string;
    /** The press that is meant here. */
    main?: boolean;
    className?: string;
    disabled?: boolean;
    onFile: (file: File) => void;
}

/** A press that asks for a file of this device; the same one can be chosen again. */
export function ChooseFile({ children, accept, main = false, className = '', disabled, onFile }: Props) {
    return (
        <label
            className={`inline-flex min-h-12 cursor-pointer items-center border-[1.5px] border-ink px-5 font-semibold focus-within:outline-3 focus-within:outline-slate print:hidden ${main ? 'bg-ink text-paper' : 'bg-press'} ${className}`}
        >
            {children}
            <input
                type="file"
                accept={accept}
                className="sr-only"
                disabled={disabled}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file !== undefined) onFile(file);
                    event.target.value = '';
                }}
            />
        </label>
    );
}

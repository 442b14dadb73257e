import type { ReactNode } from 'react';

interface Props {
    checked: boolean;
    onCheck: (checked: boolean) => void;
    children: ReactNode;
    className?: string;
}

/** Yes or no, its words to press as well. */
export function Check({ checked, onCheck, children, className = '' }: Props) {
    return (
        <label className={`flex min-h-12 items-center gap-3 ${className}`}>
            <input
                type="checkbox"
                className="size-6 shrink-0"
                checked={checked}
                onChange={(event) => {
                    onCheck(event.target.checked);
                }}
            />
            {children}
        </label>
    );
}

import { Toolbar } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';

interface Props {
    label: string;
    className?: string;
    children: ReactNode;
}

/** Buttons that belong together, as one stop of the Tab key; arrows go from one to the next. */
export function Row({ label, className, children }: Props) {
    return (
        <Toolbar.Root aria-label={label} loop={false} className={className}>
            {children}
        </Toolbar.Root>
    );
}

/** One button of a row. */
export function InRow({ children }: { children: ReactElement }) {
    return <Toolbar.Button asChild>{children}</Toolbar.Button>;
}

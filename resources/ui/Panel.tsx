import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    title: string;
    open: boolean;
    onOpenChange: (open: boolean) => void;
    children: ReactNode;
    wide?: boolean;
}

/** A sheet over the page, closed with Escape or the button; focus goes in and comes back. */
export function Panel({ title, open, onOpenChange, children, wide }: Props) {
    return (
        <Dialog.Root open={open} onOpenChange={onOpenChange}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 bg-ink/50" />
                <Dialog.Content
                    aria-describedby={undefined}
                    className={`fixed top-1/2 left-1/2 max-h-[94vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border-[1.5px] border-ink bg-paper p-6 ${wide ? 'max-w-4xl' : 'max-w-xl'}`}
                >
                    <div className="mb-4 flex items-start justify-between gap-4">
                        <Dialog.Title className="text-2xl">{title}</Dialog.Title>
                        <Dialog.Close className="min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold">Close</Dialog.Close>
                    </div>
                    {children}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

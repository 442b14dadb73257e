import { useTranslation } from 'react-i18next';
import { Dialog } from 'radix-ui';
import { useRef, type ReactNode } from 'react';

interface Props {
    title: string;
    open: boolean;
    onOpenChange: (open: boolean) => void;
    children: ReactNode;
    wide?: boolean;
}

/** A sheet over the page, closed with Escape or the button; focus goes in, and back to what opened it. */
export function Panel({ title, open, onOpenChange, children, wide }: Props) {
    const { t } = useTranslation();
    const opener = useRef<Element | null>(null);
    return (
        <Dialog.Root open={open} onOpenChange={onOpenChange}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 bg-ink/50" />
                <Dialog.Content
                    aria-describedby={undefined}
                    className={`fixed top-1/2 left-1/2 max-h-[94vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border-[1.5px] border-ink bg-paper p-6 ${wide ? 'max-w-4xl' : 'max-w-xl'}`}
                    onOpenAutoFocus={() => {
                        opener.current = document.activeElement;
                    }}
                    onCloseAutoFocus={(event) => {
                        event.preventDefault();
                        returnTo(opener.current);
                    }}
                >
                    <div className="mb-4 flex items-start justify-between gap-4">
                        <Dialog.Title className="text-2xl">{title}</Dialog.Title>
                        <Dialog.Close className="min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold">{t('Close')}</Dialog.Close>
                    </div>
                    {children}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

/** What opened it may be gone, a row of a menu for one: then the title of the page is the place to go on from. */
function returnTo(opener: Element | null): void {
    const there = opener instanceof HTMLElement && opener.isConnected && opener !== document.body;
    const place = there ? opener : document.querySelector<HTMLElement>('h1[tabindex]');
    place?.focus();
}

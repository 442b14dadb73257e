import { Toast } from 'radix-ui';
import { useTranslation } from 'react-i18next';
import { dismiss, useNotices } from './notices';

/** Long enough to see that it was the wrong one. */
const STAYS_MS = 10_000;

/** What was just done, at the foot of the screen, with a way back. F8 leads there; it waits while the focus or the pointer is on it. */
export function Notices() {
    const { t } = useTranslation();
    return (
        <Toast.Provider duration={STAYS_MS} label={t('Notices')}>
            {useNotices().map((notice) => (
                <Toast.Root
                    key={notice.id}
                    className="flex items-center gap-4 border-[1.5px] border-ink bg-ink py-1 pr-1 pl-4 text-paper"
                    onOpenChange={(open) => {
                        if (!open) dismiss(notice.id);
                    }}
                >
                    <Toast.Description className="min-w-0 flex-1">{notice.text}</Toast.Description>
                    {notice.undo !== undefined && (
                        <Toast.Action
                            altText={t('Press F8, then Undo')}
                            className="min-h-12 border-[1.5px] border-paper px-4 font-semibold"
                            onClick={() => {
                                void notice.undo?.();
                            }}
                        >
                            {t('Undo')}
                        </Toast.Action>
                    )}
                    <Toast.Close className="min-h-12 px-3 underline">{t('Dismiss')}</Toast.Close>
                </Toast.Root>
            ))}
            <Toast.Viewport
                label={t('What was just done ({hotkey})')}
                className="fixed bottom-3 left-1/2 z-30 w-[min(36rem,94vw)] -translate-x-1/2 space-y-2 outline-none"
            />
        </Toast.Provider>
    );
}

import { useTranslation } from 'react-i18next';

/** The first stop of the Tab key: past the head of the page. Seen only while it has the focus. */
export function SkipLink({ to, words }: { to: string; words?: string }) {
    const { t } = useTranslation();
    return (
        <a
            href={`#${to}`}
            className="sr-only bg-ink px-4 py-3 font-semibold text-paper focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-40"
            onClick={(event) => {
                event.preventDefault();
                document.getElementById(to)?.focus();
            }}
        >
            {words ?? t('To the content')}
        </a>
    );
}

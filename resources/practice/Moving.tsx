import { useState } from 'react';
import { useTranslation } from 'react-i18next';

const QUIET = '(prefers-reduced-motion: reduce)';

interface Props {
    /** The same picture at rest, and as a motion; null where nothing in it moves. */
    figure: string;
    motion: string | null | undefined;
    alt: string;
    className: string;
}

/** What is done in a drill. Where it is a motion it moves, pose by pose, until it is pressed. */
export function Moving({ figure, motion, alt, className }: Props) {
    const { t } = useTranslation();
    const [moves, setMoves] = useState(() => !window.matchMedia(QUIET).matches);
    const picture = (of: string, words: string) => (
        <img
            src={`data:image/svg+xml;utf8,${encodeURIComponent(of)}`}
            alt={words}
            className="max-h-[inherit] w-full object-contain object-top"
        />
    );
    if (motion == null) return <span className={`block ${className}`}>{picture(figure, alt)}</span>;
    return (
        <>
            <button
                type="button"
                title={moves ? t('Press to stop') : t('Press to see it move')}
                aria-pressed={moves}
                className={`block ${className}`}
                onClick={() => {
                    setMoves(!moves);
                }}
            >
                {picture(moves ? motion : figure, alt)}
            </button>
            <span className={`hidden print:block ${className}`}>{picture(figure, '')}</span>
        </>
    );
}

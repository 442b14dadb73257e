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
    const shown = moves ? (motion ?? figure) : figure;
    const atRest = `data:image/svg+xml;utf8,${encodeURIComponent(figure)}`;
    const picture = <img src={`data:image/svg+xml;utf8,${encodeURIComponent(shown)}`} alt={alt} className={className} />;
    if (motion == null) return picture;
    return (
        <>
            <img src={atRest} alt="" className={`hidden print:block ${className}`} />
            <button
                type="button"
                title={moves ? t('Press to stop') : t('Press to see it move')}
                aria-pressed={moves}
                className="contents"
                onClick={() => {
                    setMoves(!moves);
                }}
            >
                {picture}
            </button>
        </>
    );
}

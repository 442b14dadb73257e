import { useTranslation } from 'react-i18next';

const PICTURE = 'block w-full max-w-xl';

/** Ground, ball and three lanes under it: a bar from first touch to the end of the mark, a shape for the strike. */
export function LanePicture() {
    const { t } = useTranslation();
    return (
        <svg viewBox="0 0 560 150" className={PICTURE} role="img" aria-label={t('The strip: each ball is a lane under the ground')}>
            <path d="M0 70H560V150H0z" className="fill-soil" />
            <path d="M0 70H560" className="stroke-ink" strokeWidth="1.5" />
            <circle cx="300" cy="50" r="20" className="fill-press stroke-ink" strokeWidth="1.5" />
            {[
                [196, 250, 'M260 86h14l-7 12z'],
                [214, 262, 'M272 106h14v12h-14z'],
            ].map(([from, to, shape], i) => (
                <g key={String(from)}>
                    <path d={`M${String(from)} ${String(92 + 20 * i)}H${String(to)}`} className="stroke-rust" strokeWidth="5" />
                    <path d={String(shape)} className="fill-ink" />
                </g>
            ))}
            <path d="M296 132H352" className="stroke-slate" strokeWidth="5" />
            <circle cx="366" cy="132" r="7" className="fill-marram" />
            <path d="M205 20V64m-6 -10l6 10l6 -10" className="fill-none stroke-ink" strokeWidth="2" />
            <text x="205" y="14" textAnchor="middle" className="fill-ink text-[15px]">
                {t('press here')}
            </text>
        </svg>
    );
}

/** Two arcs: one that enters behind the ball, one that enters under it. */
export function GroundPicture() {
    const { t } = useTranslation();
    return (
        <svg
            viewBox="0 0 560 130"
            className={PICTURE}
            role="img"
            aria-label={t('Where the club meets the ground now, and where it should')}
        >
            <path d="M0 70H560V130H0z" className="fill-soil" />
            <path d="M270 10H390V130H270z" className="fill-ground" opacity="0.6" />
            <path d="M0 70H560" className="stroke-ink" strokeWidth="1.5" />
            <circle cx="300" cy="50" r="20" className="fill-press stroke-ink" strokeWidth="1.5" />
            <path d="M20 20Q230 110 470 40" className="fill-none stroke-rust" strokeWidth="2.5" strokeDasharray="6 4" />
            <path d="M120 20Q340 112 550 30" className="fill-none stroke-marram" strokeWidth="4" />
            <text x="30" y="100" className="fill-rust text-[15px]">
                {t('now')}
            </text>
            <text x="400" y="110" className="fill-marram text-[15px] font-semibold">
                {t('good first touches')}
            </text>
        </svg>
    );
}

/** A week with three visits in it. */
export function PlanPicture() {
    const { t } = useTranslation();
    return (
        <svg viewBox="0 0 560 60" className={PICTURE} role="img" aria-label={t('Three practice sessions in a week')}>
            {Array.from({ length: 7 }, (_, i) => (
                <rect
                    key={i}
                    x={4 + 79 * i}
                    y="8"
                    width="73"
                    height="44"
                    className={[1, 3, 6].includes(i) ? 'fill-ink stroke-ink' : 'fill-press stroke-ink'}
                    strokeWidth="1.5"
                />
            ))}
        </svg>
    );
}

/** A low way and a high way to the same hole. */
export function ShotPicture() {
    const { t } = useTranslation();
    return (
        <svg viewBox="0 0 560 120" className={PICTURE} role="img" aria-label={t('A low way and a high way to the hole')}>
            <path d="M220 100H560V112H220z" className="fill-ground" />
            <path d="M0 100H560" className="stroke-ink" strokeWidth="1.5" />
            <path d="M30 96Q140 40 250 98" className="fill-none stroke-slate" strokeWidth="3" />
            <path d="M250 98H480" className="fill-none stroke-slate" strokeWidth="3" strokeDasharray="3 6" />
            <path d="M30 96Q240 -80 440 98" className="fill-none stroke-ochre" strokeWidth="3" />
            <path d="M500 100V40l26 10l-26 10" className="fill-rust stroke-ink" strokeWidth="1.5" />
            <circle cx="30" cy="94" r="6" className="fill-press stroke-ink" strokeWidth="1.5" />
        </svg>
    );
}

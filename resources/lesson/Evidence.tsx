import { useTranslation } from 'react-i18next';
import type { WeighedCause, WeighedClue } from '../api/types.gen';
import { chance } from '../ui/units';

/** All that speaks for a cause and against it, with the odds behind a fold. */
export function Evidence({ cause }: { cause: WeighedCause }) {
    const { t } = useTranslation();
    const rows = (clues: WeighedClue[]) =>
        clues.map((clue) => (
            <li key={clue.text + clue.how} className="border-t border-line py-2">
                <span className="font-semibold">{clue.text}</span>{' '}
                <span className="whitespace-nowrap">{t('It {{says}}.', { says: clue.says })}</span>
                <details className="text-sm">
                    <summary className="flex min-h-11 cursor-pointer items-center underline decoration-1 underline-offset-4">
                        {t('why so')}
                    </summary>
                    {t('{{how}}. Odds against no fault: × {{odds}}.', {
                        how: `${clue.how[0]?.toUpperCase() ?? ''}${clue.how.slice(1)}`,
                        odds: clue.odds,
                    })}
                </details>
            </li>
        ));
    return (
        <>
            <p className="mb-4">
                <span className="display text-3xl">{chance(cause.probability)}</span>{' '}
                {t('after what was seen; {{rate}} of those who come have it.', { rate: chance(cause.prior) })}
            </p>
            <h3 className="text-lg">{t('What speaks for it')}</h3>
            <ul className="mb-4">{cause.for.length === 0 ? <li>{t('Nothing yet.')}</li> : rows(cause.for)}</ul>
            <h3 className="text-lg">{t('What speaks against it')}</h3>
            <ul className="mb-4">{cause.against.length === 0 ? <li>{t('Nothing yet.')}</li> : rows(cause.against)}</ul>
            {cause.gain_text !== null && <p className="mb-2">{cause.gain_text}</p>}
            <p>{cause.if_wrong}</p>
        </>
    );
}

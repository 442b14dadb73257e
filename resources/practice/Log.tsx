import { useTranslation } from 'react-i18next';
import type { DrillResult, Practice } from '../api/types.gen';
import { moment } from '../ui/reader';

/** So many entries are told; the rest is folded. */
const TOLD = 3;

/** What was counted, the latest first. */
export function Log({ practice }: { practice: Practice }) {
    const { t } = useTranslation();
    const { results } = practice;
    const list = (some: DrillResult[]) => (
        <ul>
            {some.map((result) => (
                <li key={result.id} className="flex flex-wrap gap-x-4 border-b border-line py-1.5">
                    <span className="font-semibold">{result.name}</span>
                    <span>
                        {result.text}, {result.passed ? t('passed') : t('not passed')}
                    </span>
                    {result.confidence !== null && <span>{t('sure {{n}} of 10', { n: result.confidence })}</span>}
                    <span className="ml-auto">
                        {moment(result.done_at)}, {result.by === 'coach' ? t('by coach') : t('by student')}
                    </span>
                </li>
            ))}
        </ul>
    );
    const rest = results.filter((_, i) => i >= TOLD);
    return (
        <section aria-label={t('Log')}>
            {list(results.filter((_, i) => i < TOLD))}
            {rest.length > 0 && (
                <details>
                    <summary className="min-h-11 cursor-pointer py-2 underline">{t('Earlier: {{n}}', { n: rest.length })}</summary>
                    {list(rest)}
                </details>
            )}
        </section>
    );
}

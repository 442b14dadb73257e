import { useTranslation } from 'react-i18next';
import type { Handed, NextObservation } from '../api/types.gen';
import { LookPicture } from '../ui/LookPicture';
import { Answers } from './Answers';

interface Props {
    next: NextObservation;
    handed: Handed;
    onAnswer: (value: number | string) => void;
}

/** The look that is expected to tell most, its usual answers a press away. */
export function LookNext({ next, handed, onAnswer }: Props) {
    const { t } = useTranslation();
    return (
        <div className="border-2 border-ink bg-press px-3 pb-2">
            <details className="leading-tight">
                <summary className="flex min-h-11 cursor-pointer list-none items-center justify-between">
                    <LookPicture look={next.observable} handed={handed} className="-ml-1 h-11 w-11" />
                    <strong className="flex-1 pl-1">{t('Look next: {{label}}', { label: next.label })}</strong>{' '}
                    <span className="px-1 text-sm underline">{t('why')}</span>
                </summary>
                <p className="mb-1 text-sm">{next.why}</p>
            </details>
            <Answers label={next.label} answers={next.answers} onAnswer={onAnswer} />
        </div>
    );
}

import { useTranslation } from 'react-i18next';
import { day } from '../ui/reader';

/** A lesson that is over takes nothing until it is opened again. */
export function ClosedBar({ at, onReopen }: { at: string; onReopen: () => void }) {
    const { t } = useTranslation();
    return (
        <p className="border-b border-line bg-soil px-4">
            {t('Closed {{day}}.', { day: day(at) })}{' '}
            <button type="button" className="min-h-11 px-2 font-semibold underline underline-offset-4" onClick={onReopen}>
                {t('Reopen')}
            </button>
        </p>
    );
}

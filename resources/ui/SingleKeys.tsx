import { useTranslation } from 'react-i18next';
import { switchSingleKeys, useSingleKeys } from './singleKeys';

/** Single keys on or off, for this device. */
export function SingleKeys() {
    const { t } = useTranslation();
    const on = useSingleKeys();
    return (
        <label className="mb-4 flex min-h-12 items-center gap-3 font-semibold">
            <input
                type="checkbox"
                className="size-6"
                checked={on}
                onChange={(event) => {
                    switchSingleKeys(event.target.checked);
                }}
            />
            {t('Single keys on this device')}
        </label>
    );
}

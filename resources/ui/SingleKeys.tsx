import { useTranslation } from 'react-i18next';
import { switchSingleKeys, useSingleKeys } from './singleKeys';
import { Check } from './Check';

/** Single keys on or off, for this device. */
export function SingleKeys() {
    const { t } = useTranslation();
    const on = useSingleKeys();
    return (
        <Check className="mb-4 font-semibold" checked={on} onCheck={switchSingleKeys}>
            {t('Single keys on this device')}
        </Check>
    );
}

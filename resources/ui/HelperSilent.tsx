import { useTranslation } from 'react-i18next';
/** Work that waits because the process beside the web server is not there. */
export function HelperSilent() {
    const { t } = useTranslation();
    return (
        <strong>
            {t('Waiting for the helper process: it has not answered for a while. What waits here is taken up when it runs again.')}
        </strong>
    );
}

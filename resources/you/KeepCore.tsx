import { Problem } from '../ui/Problem';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../ui/Button';
import { isHere, keepHere, takeAway } from '../core/here';

/** Readings and figures without a connection: kept on this device, or not. */
export function KeepCore() {
    const { t } = useTranslation();
    const [here, setHere] = useState(isHere);
    const change = useMutation({
        mutationFn: (keep: boolean) => (keep ? keepHere() : takeAway()),
        networkMode: 'always',
        onSuccess: (_, keep) => {
            setHere(keep);
        },
    });
    return (
        <div className="mt-3">
            <p>{t('Readings and figures without a connection: the core is kept on this device, 15 MB.')}</p>
            <Button
                className="mt-1"
                chosen={here}
                disabled={change.isPending}
                onClick={() => {
                    change.mutate(!here);
                }}
            >
                {change.isPending ? t('One moment…') : here ? t('Kept here') : t('Keep it here')}
            </Button>
            <Problem text={change.isError ? t('It could not be fetched. Try again with a connection.') : ''} />
        </div>
    );
}

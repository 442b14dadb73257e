import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, api } from '../api/client';
import { forgetAnswers } from '../ask/kept';
import { useOutboxOfApp } from '../outbox/context';
import { useOutbox } from '../outbox/outbox';
import { Button } from '../ui/Button';

/** Off this device; what waits to be sent is told first. */
export function SignOut() {
    const { t } = useTranslation();
    const waiting = useOutbox(useOutboxOfApp()).entries.length;
    const [leaving, setLeaving] = useState<string | null>(null);
    const signOut = async () => {
        try {
            await api.POST('/api/sign-out');
        } catch (error) {
            if (!(error instanceof ApiError && error.status === 401)) {
                setLeaving(
                    t('Not signed out: the server did not answer. Try again when there is a connection; until then lock this device.'),
                );
                return;
            }
        }
        await forgetAnswers();
        // A fresh page: nothing of this coach stays in memory.
        window.location.assign('/');
    };
    if (leaving === null)
        return (
            <Button
                onClick={() => {
                    if (waiting === 0) void signOut();
                    else
                        setLeaving(
                            t(
                                '{{count}} entries wait on this device to be sent. They stay here, unseen by others, and go out when you sign in again.',
                                { count: waiting },
                            ),
                        );
                }}
            >
                {t('Sign out')}
            </Button>
        );
    return (
        <p role="alert" className="flex flex-wrap items-center gap-3 border-l-[6px] border-ochre bg-ochre-wash px-4 py-2">
            {leaving} <Button onClick={() => void signOut()}>{t('Sign out')}</Button>{' '}
            <Button
                onClick={() => {
                    setLeaving(null);
                }}
            >
                {t('Stay')}
            </Button>
        </p>
    );
}

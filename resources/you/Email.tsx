import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../api/client';
import type { Coach } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { TextField } from '../ui/TextField';
import { told } from '../api/told';

/** Another address to sign in with; what waits on devices stays the coach's. */
export function Email({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [email, setEmail] = useState(coach.email);
    const [now, setNow] = useState('');
    const change = useMutation({
        mutationFn: () => answer(api.PUT('/api/me/email', { body: { now, email } })),
        onSuccess: (after) => {
            setNow('');
            queries.setQueryData(['me'], after);
        },
    });
    return (
        <form
            className="mt-8 space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                change.mutate();
            }}
        >
            <h2 className="text-xl">{t('E-mail')}</h2>
            <TextField label={t('To sign in with')} type="email" autoComplete="username" value={email} onValue={setEmail} />
            {email !== coach.email && (
                <TextField label={t('Your password')} type="password" autoComplete="current-password" value={now} onValue={setNow} />
            )}
            <Button type="submit" disabled={change.isPending || now === '' || email === coach.email}>
                {t('Change the address')}
            </Button>
            <Problem text={told(change.error)} />
        </form>
    );
}

import { useTranslation } from 'react-i18next';
import { useState, type FormEvent } from 'react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api, prepareSession } from '../api/client';
import { changed } from '../ask/queries';
import { owner } from '../outbox/owner';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { told } from '../api/told';
import { Problem } from '../ui/Problem';

/** Nobody has an account here yet: the first one is made. */
export function FirstStart() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [of, setOf] = useState({ name: '', email: '', password: '' });
    const make = useMutation({
        mutationFn: async () => {
            await prepareSession();
            return answer(api.POST('/api/first-start', { body: of }));
        },
        onSuccess: async (coach) => {
            owner.is(coach.owner_key);
            queries.setQueryData(['me'], coach);
            await queries.invalidateQueries(changed.firstStart);
        },
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        make.mutate();
    };
    return (
        <form className="space-y-4" onSubmit={onSend}>
            <h2 className="text-2xl">{t('Set up Low Point')}</h2>
            <p>{t('Nobody has an account here yet. Make yours; students, lessons and balls are kept on this machine alone.')}</p>
            {(
                [
                    ['name', t('Name'), 'text', 'name'],
                    ['email', t('E-mail'), 'email', 'username'],
                    ['password', t('Password, 12 characters or more'), 'password', 'new-password'],
                ] as const
            ).map(([key, label, type, complete]) => (
                <TextField
                    key={key}
                    label={label}
                    type={type}
                    autoComplete={complete}
                    required
                    value={of[key]}
                    onValue={(value) => {
                        setOf({ ...of, [key]: value });
                    }}
                />
            ))}
            <Problem text={told(make.error)} />
            <Button type="submit" main disabled={make.isPending} className="w-full">
                {t('Make the account')}
            </Button>
        </form>
    );
}

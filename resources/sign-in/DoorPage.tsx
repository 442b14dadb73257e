import { useTranslation } from 'react-i18next';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useParams } from 'react-router-dom';
import { answer, api, at, prepareSession } from '../api/client';
import { forgetAnswers } from '../ask/kept';
import { ask } from '../ask/queries';
import type { Door } from '../api/types.gen';
import { owner } from '../outbox/owner';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import { Skeleton } from '../frame/Page';
import { Problem } from '../ui/Problem';
import { day } from '../ui/reader';
import { TextField } from '../ui/TextField';
import { told } from '../api/told';

/** Behind a link that opens once: a new coach comes in, or one who has forgotten his password gets back in. */
export function DoorPage() {
    const { t } = useTranslation();
    const { token = '' } = useParams();
    const door = useQuery(ask.door(token));
    return (
        <main className="mx-auto flex min-h-screen max-w-md flex-col justify-center p-6">
            <Mark className="mb-6 h-16 w-20" />
            <h1 className="mb-4 text-4xl">Low Point</h1>
            {door.isPending && <Skeleton lines={3} />}
            {door.isError && <p className="border-l-[6px] border-ochre bg-ochre-wash p-3">{door.error.message}</p>}
            {door.data !== undefined && <Enter door={door.data} token={token} />}
            <p className="mt-6">
                <a className="underline" href="/">
                    {t('To the sign-in')}
                </a>
            </p>
        </main>
    );
}

function Enter({ door, token }: { door: Door; token: string }) {
    const { t } = useTranslation();
    const [of, setOf] = useState({ name: '', email: door.coach?.email ?? '', password: '' });
    const enter = useMutation({
        mutationFn: async () => {
            await prepareSession();
            return answer(api.POST('/api/doors/{token}', { ...at({ token }), body: door.coach === null ? of : { password: of.password } }));
        },
        onSuccess: async (coach) => {
            owner.is(coach.owner_key);
            await forgetAnswers();
            // A fresh page: nothing of another coach stays on this device, and this one, whose address is a secret, tells no server where
            // it asks from, by which a session is known.
            window.location.replace('/');
        },
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        enter.mutate();
    };
    const field = (key: keyof typeof of, label: string, type: string, complete: string) => (
        <TextField
            label={label}
            type={type}
            autoComplete={complete}
            required
            value={of[key]}
            onValue={(value) => {
                setOf({ ...of, [key]: value });
            }}
        />
    );
    return (
        <form className="space-y-4" onSubmit={onSend}>
            <p>
                {door.coach === null
                    ? t('You are invited to {{academy}}. Choose a name and a password.', { academy: door.academy })
                    : t('A new password for {{name}}, {{email}}.', door.coach)}{' '}
                {t('The link opens once, until {{day}}.', { day: day(door.expires_at) })}
            </p>
            {door.coach === null ? (
                <>
                    {field('name', t('Name'), 'text', 'name')}
                    {field('email', t('E-mail'), 'email', 'username')}
                </>
            ) : (
                <input type="text" autoComplete="username" defaultValue={door.coach.email} hidden />
            )}
            {field('password', t('Password, 12 characters or more'), 'password', 'new-password')}
            <Problem text={told(enter.error)} />
            <Button type="submit" main disabled={enter.isPending} className="w-full">
                {door.coach === null ? t('Come in') : t('Change the password')}
            </Button>
        </form>
    );
}

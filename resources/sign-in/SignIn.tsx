import { CoachsLanguage } from '../language/CoachsLanguage';
import { useTranslation } from 'react-i18next';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { ApiError, answer, api, prepareSession } from '../api/client';
import { ask } from '../ask/queries';
import { FirstStart } from './FirstStart';
import { owner } from '../outbox/owner';
import { Button } from '../ui/Button';
import { Mark } from '../ui/Mark';
import { TextField } from '../ui/TextField';
import { Problem } from '../ui/Problem';

export function SignIn({ notice }: { notice?: string }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const first = useQuery(ask.firstStart());
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    /** Null until the server asks for it. */
    const [code, setCode] = useState<string | null>(null);
    const [problem, setProblem] = useState('');
    const [busy, setBusy] = useState(false);
    const signIn = async (event: FormEvent) => {
        event.preventDefault();
        setBusy(true);
        setProblem('');
        try {
            await prepareSession();
            const coach = await answer(api.POST('/api/sign-in', { body: { email, password, code } }));
            // Nothing that another coach looked at stays in memory.
            queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'me' });
            owner.is(coach.owner_key);
            queries.setQueryData(['me'], coach);
        } catch (error) {
            const asksCode = error instanceof ApiError && error.faults.some((one) => one.key === 'code');
            if (asksCode) setCode('');
            // That it is asked for is no problem yet.
            if (!asksCode || code !== null) setProblem(error instanceof ApiError ? error.message : String(error));
        } finally {
            setBusy(false);
        }
    };
    return (
        <main className="mx-auto flex min-h-screen max-w-md flex-col justify-center p-6">
            <Mark className="mb-6 h-16 w-20" />
            <h1 className="text-4xl">Low Point</h1>
            <p className="mt-2 mb-8 text-lg">{t('Why the strike came out as it did, and what to change first.')}</p>
            {notice !== undefined && <p className="mb-4 border-l-[6px] border-ochre bg-ochre-wash p-3">{notice}</p>}
            {first.data?.needed === true ? (
                <FirstStart />
            ) : (
                <form onSubmit={(event) => void signIn(event)} className="space-y-4">
                    <TextField label={t('E-mail')} type="email" autoComplete="username" required value={email} onValue={setEmail} />
                    <TextField
                        label={t('Password')}
                        type="password"
                        autoComplete="current-password"
                        required
                        value={password}
                        onValue={setPassword}
                    />
                    {code !== null && (
                        <TextField
                            label={t('Code of your second factor, or one of those you wrote down')}
                            autoComplete="one-time-code"
                            autoFocus
                            required
                            value={code}
                            onValue={setCode}
                        />
                    )}
                    <Problem text={problem} />
                    <Button type="submit" main disabled={busy} className="w-full">
                        {busy ? t('Signing in…') : t('Sign in')}
                    </Button>
                    <p className="text-soft">
                        {t('Forgotten? The lead of your academy makes you a link. A lead asks whoever looks after the installation.')}
                    </p>
                </form>
            )}
            <p className="mt-8">
                <CoachsLanguage />
            </p>
        </main>
    );
}

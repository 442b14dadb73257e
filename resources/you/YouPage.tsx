import { useTranslation } from 'react-i18next';
import { useState, type FormEvent } from 'react';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router-dom';
import { api } from '../api/client';
import { ask, changed, useCoach } from '../ask/queries';
import type { Coach } from '../api/types.gen';
import { KeepCore } from './KeepCore';
import { CoachsLanguage } from '../language/CoachsLanguage';
import { Sessions } from './Sessions';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Page, Skeleton } from '../frame/Page';
import { SingleKeys } from '../ui/SingleKeys';
import { TextField } from '../ui/TextField';
import { AccountData } from './AccountData';
import { AskedFirst } from './AskedFirst';
import { Bag } from './Bag';
import { Email } from './Email';
import { SecondFactor } from './SecondFactor';
import { Equipment } from './Equipment';
import { Place } from './Place';
import { SignOut } from './SignOut';
import { told } from '../api/told';
import { VERSION } from './version';
import { Ways } from './Ways';
import { Problem } from '../ui/Problem';

/** The coach's own account. */
export function YouPage() {
    const { t } = useTranslation();
    const { data: coach } = useCoach();
    return (
        <Page title={t('You')} action={<SignOut />}>
            {coach === undefined ? (
                <Skeleton />
            ) : (
                <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
                    <div className="space-y-6">
                        <Account key={coach.email} coach={coach} />
                        <Ways coach={coach} />
                        <Bag coach={coach} />
                        <Equipment coach={coach} />
                    </div>
                    <div>
                        <OfAcademy />
                        <Place coach={coach} />
                        <AskedFirst coach={coach} />
                        <Password coach={coach} />
                        <Email key={coach.email} coach={coach} />
                        <SecondFactor coach={coach} />
                        <Sessions />
                        <ThisDevice />
                    </div>
                </div>
            )}
            <AccountData />
            <About />
        </Page>
    );
}

/** Which version this is, and where help stands. */
function About() {
    const { t } = useTranslation();
    return (
        <p className="mt-10 border-t-[1.5px] border-ink pt-4">
            {t('Low Point, version {{version}}.', { version: VERSION })}{' '}
            <Link to="/help" className="font-semibold underline underline-offset-4">
                {t('Help')}
            </Link>
        </p>
    );
}

function Account({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [name, setName] = useState(coach.name);
    const save = useMutation({
        mutationFn: (body: { name: string; units: Coach['units'] }) => api.PUT('/api/me', { body }),
        // Words of the core hold figures: in other units they are said anew.
        onSuccess: () => queries.invalidateQueries(),
    });
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault();
                save.mutate({ name, units: coach.units });
            }}
        >
            <TextField label={t('Name')} value={name} onValue={setName} autoComplete="name" />
            <p>
                {t('Signed in as {{email}}', { email: coach.email })}{' '}
                <Button type="submit" disabled={save.isPending || name.trim() === '' || name === coach.name}>
                    {t('Save')}
                </Button>
            </p>
            <div>
                <p className="mb-1 font-semibold">{t('Units')}</p>
                <Choice
                    label={t('Units')}
                    value={coach.units}
                    options={[
                        { value: 'metric', label: t('metres and centimetres') },
                        { value: 'imperial', label: t('yards and inches') },
                    ]}
                    onChoose={(units) => {
                        save.mutate({ name: coach.name, units });
                    }}
                />
            </div>
            <Problem text={told(save.error)} />
        </form>
    );
}

/** The way to the academy. */
function OfAcademy() {
    const { t } = useTranslation();
    const { data: academy } = useQuery(ask.academy());
    if (academy === undefined) return null;
    return (
        <p className="mb-6">
            {t('You work in')}{' '}
            <Link to="/academy" className="font-semibold underline underline-offset-4">
                {academy.name}
            </Link>
        </p>
    );
}

function ThisDevice() {
    const { t } = useTranslation();
    return (
        <section aria-label={t('This device')} className="mt-8">
            <h2 className="mb-2 text-xl">{t('This device')}</h2>
            <p className="mb-2">
                <CoachsLanguage />
            </p>
            <SingleKeys />
            <KeepCore />
        </section>
    );
}

function Password({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [now, setNow] = useState('');
    const [next, setNext] = useState('');
    const change = useMutation({
        mutationFn: () => api.PUT('/api/me/password', { body: { now, password: next } }),
        onSuccess: async () => {
            setNow('');
            setNext('');
            await queries.invalidateQueries(changed.sessions);
        },
    });
    const onSend = (event: FormEvent) => {
        event.preventDefault();
        change.mutate();
    };
    return (
        <form className="mt-8 space-y-4" onSubmit={onSend}>
            <h2 className="text-xl">{t('Password')}</h2>
            <input type="text" autoComplete="username" defaultValue={coach.email} hidden />
            <TextField label={t('The one there is')} type="password" autoComplete="current-password" value={now} onValue={setNow} />
            <TextField
                label={t('The new one, 12 characters or more')}
                type="password"
                autoComplete="new-password"
                value={next}
                onValue={setNext}
            />
            <Button type="submit" disabled={change.isPending || now === '' || next === ''}>
                {t('Change the password')}
            </Button>
            {change.isSuccess && <p role="status">{t('Changed. Other devices have to sign in again.')}</p>}
            <Problem text={told(change.error)} />
        </form>
    );
}

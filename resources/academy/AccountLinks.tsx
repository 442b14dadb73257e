import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { answer, api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import type { Coach, CoachAtWork, MakeAccountLink } from '../api/types.gen';
import { told } from '../api/told';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Problem } from '../ui/Problem';
import { day } from '../ui/reader';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';
import { ToldOnce } from '../ui/ToldOnce';

/** Links by which a new coach comes in, or one who has forgotten his password gets back in; each opens once. */
export function AccountLinks({ coaches }: { coaches: CoachAtWork[] }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const links = useQuery(ask.accountLinks());
    const [role, setRole] = useState<Coach['role']>('coach');
    const [email, setEmail] = useState('');
    const [whose, setWhose] = useState('');
    const again = () => queries.invalidateQueries(changed.accountLinks);
    const make = useMutation({
        mutationFn: (body: MakeAccountLink) => answer(api.POST('/api/academy/links', { body })),
        onSuccess: again,
    });
    const close = useMutation({
        mutationFn: (id: string) => api.DELETE('/api/academy/links/{accountLink}', at({ accountLink: id })),
        onSuccess: again,
    });
    const address = make.data?.path === undefined ? undefined : `${window.location.origin}${make.data.path}`;
    const onInvite = (event: FormEvent) => {
        event.preventDefault();
        make.mutate({ role, email: email.trim() === '' ? null : email.trim() });
    };
    return (
        <section aria-label={t('Invite')} className="mt-8 max-w-4xl">
            <h2 className="mb-2 text-2xl">{t('Invite a coach')}</h2>
            <p className="mb-2">
                {t('Whoever opens the link chooses a name and a password. It opens once, within seven days. Nothing has to be mailed.')}
            </p>
            <form className="flex flex-wrap items-end gap-3" onSubmit={onInvite}>
                <Choice
                    label={t('As')}
                    value={role}
                    options={[
                        { value: 'coach', label: t('coach') },
                        { value: 'lead', label: t('lead') },
                    ]}
                    onChoose={setRole}
                />
                <TextField label={t('E-mail, if it is to be mailed too')} type="email" className="w-72" value={email} onValue={setEmail} />
                <Button type="submit" main disabled={make.isPending}>
                    {t('Make the link')}
                </Button>
            </form>
            <form
                className="mt-3 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    make.mutate({ coach_id: whose });
                }}
            >
                <SelectField
                    label={t('Forgotten password of')}
                    options={[{ value: '', label: t('choose a coach') }, ...coaches.map((one) => ({ value: one.id, label: one.name }))]}
                    value={whose}
                    onValue={setWhose}
                />
                <Button type="submit" disabled={make.isPending || whose === ''}>
                    {t('Make a link for a new password')}
                </Button>
            </form>
            <Problem text={told(make.error)} className="mt-2" />
            {address !== undefined && <ToldOnce address={address} picture={t('The link, to be photographed')} />}
            {make.data?.mailed === true && <p role="status">{t('Mailed as well.')}</p>}
            <ul className="mt-3">
                {links.data?.map((one) => (
                    <li key={one.id} className="flex min-h-12 flex-wrap items-center gap-x-4 border-b border-line">
                        <span>
                            {one.coach === null
                                ? one.role === 'lead'
                                    ? t('For a new lead')
                                    : t('For a new coach')
                                : t('New password of {{name}}', { name: one.coach })}
                            , {t('open until {{day}}', { day: day(one.expires_at) })}
                        </span>
                        <Button
                            className="ml-auto"
                            disabled={close.isPending}
                            onClick={() => {
                                close.mutate(one.id);
                            }}
                        >
                            {t('Revoke')}
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

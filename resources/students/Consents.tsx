import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { ulid } from 'ulid';
import { api, at } from '../api/client';
import { now } from '../api/clock';
import { ask, changed } from '../ask/queries';
import type { Consent } from '../api/types.gen';
import { Button } from '../ui/Button';
import { day } from '../ui/reader';
import { TextField } from '../ui/TextField';
import { Problem } from '../ui/Problem';

type Purpose = Consent['purpose'];

interface Props {
    studentId: string;
    purpose: Purpose;
    /** A student under 14. */
    child: boolean;
    children: ReactNode;
}

/** What is done with a child's data stands here only once a guardian has agreed to it; before that he is asked for. */
export function WithConsent({ studentId, purpose, child, children }: Props) {
    const { t } = useTranslation();
    const consents = useQuery({ ...ask.consents(studentId), enabled: child });
    if (!child) return children;
    const standing = consents.data?.find((one) => one.purpose === purpose && one.withdrawn_at === null);
    if (standing !== undefined)
        return (
            <>
                <p className="text-soft">{t('{{name}} agreed on {{day}}.', { name: standing.given_by, day: day(standing.given_at) })}</p>
                {children}
            </>
        );
    return consents.isPending ? null : <AskConsent studentId={studentId} purpose={purpose} />;
}

function AskConsent({ studentId, purpose }: { studentId: string; purpose: Purpose }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const [name, setName] = useState('');
    const [id] = useState(() => ulid(now()));
    const record = useMutation({
        mutationFn: () =>
            api.PUT('/api/students/{student}/consents/{consent}', {
                ...at({ student: studentId, consent: id }),
                body: { purpose, given_by: name },
            }),
        onSuccess: () => queries.invalidateQueries(changed.consents(studentId)),
    });
    return (
        <form
            className="mt-2 border-l-[6px] border-ochre bg-ochre-wash p-3"
            onSubmit={(event) => {
                event.preventDefault();
                record.mutate();
            }}
        >
            <p>
                {purpose === 'still'
                    ? t('A picture of a child is kept only where a parent or guardian has agreed. Ask, then note who it was.')
                    : t('The page of a child is shared only where a parent or guardian has agreed. Ask, then note who it was.')}
            </p>
            <div className="mt-2 flex flex-wrap items-end gap-3">
                <TextField
                    label={t('Who agreed: name, and what he or she is to the child')}
                    className="w-96 max-w-full"
                    value={name}
                    onValue={setName}
                />
                <Button type="submit" disabled={record.isPending || name.trim() === ''}>
                    {t('Agreed today')}
                </Button>
            </div>
            <Problem text={record.error?.message} className="mt-2" />
        </form>
    );
}

/** Who agreed to what, and taking it back. */
export function Consents({ studentId, changes }: { studentId: string; changes: boolean }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const consents = useQuery(ask.consents(studentId));
    const [asked, setAsked] = useState<Consent>();
    const withdraw = useMutation({
        mutationFn: (id: string) => api.DELETE('/api/students/{student}/consents/{consent}', at({ student: studentId, consent: id })),
        onSuccess: () => {
            setAsked(undefined);
            return Promise.all([
                queries.invalidateQueries(changed.student(studentId)),
                queries.invalidateQueries(changed.consents(studentId)),
                queries.invalidateQueries(ask.stills(studentId)),
                queries.invalidateQueries(changed.links(studentId)),
            ]);
        },
    });
    const all = consents.data ?? [];
    if (all.length === 0) return null;
    const to = (purpose: Purpose) => (purpose === 'still' ? t('pictures') : t('page by link'));
    return (
        <section aria-label={t('Consents')} className="border-t border-line pt-3">
            <h3 className="font-text text-base font-semibold">{t('Consents')}</h3>
            <ul>
                {all.map((one) => (
                    <li key={one.id} className="flex min-h-12 flex-wrap items-center gap-x-3">
                        <span>
                            {one.given_by}, {day(one.given_at)}: {to(one.purpose)}
                            {one.withdrawn_at !== null && `, ${t('withdrawn {{day}}', { day: day(one.withdrawn_at) })}`}
                        </span>
                        {one.withdrawn_at === null && changes && (
                            <Button
                                className="ml-auto"
                                onClick={() => {
                                    setAsked(one);
                                }}
                            >
                                {t('Withdraw')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
            {asked !== undefined && (
                <div className="mt-2 border-l-[6px] border-rust pl-3">
                    <p>
                        {all.some((one) => one.id !== asked.id && one.purpose === asked.purpose && one.withdrawn_at === null)
                            ? t('Another consent to this stands: nothing ends.')
                            : asked.purpose === 'still'
                              ? t('The kept pictures of this child are deleted and cannot come back.')
                              : t('All private links of this child end.')}
                    </p>
                    <span className="mt-1 flex gap-2">
                        <Button
                            disabled={withdraw.isPending}
                            onClick={() => {
                                withdraw.mutate(asked.id);
                            }}
                        >
                            {t('Withdraw now')}
                        </Button>
                        <Button
                            onClick={() => {
                                setAsked(undefined);
                            }}
                        >
                            {t('Keep')}
                        </Button>
                    </span>
                </div>
            )}
            <Problem text={withdraw.error?.message} />
        </section>
    );
}

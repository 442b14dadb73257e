import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import { WithConsent } from '../students/Consents';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';
import { day } from '../ui/reader';
import { ToldOnce } from '../ui/ToldOnce';
import { Problem } from '../ui/Problem';

/** The student's private page: made, told once, revoked. */
export function Links({ studentId, child }: { studentId: string; child: boolean }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const links = useQuery(ask.links(studentId));
    const [days, setDays] = useState(60);
    const refresh = () => queries.invalidateQueries(changed.links(studentId));
    const make = useMutation({
        mutationFn: () => answer(api.POST('/api/students/{student}/links', { ...at({ student: studentId }), body: { days } })),
        onSuccess: refresh,
    });
    const revoke = useMutation({
        mutationFn: (id: number) => api.DELETE('/api/students/{student}/links/{link}', at({ student: studentId, link: String(id) })),
        onSuccess: (_, id) => {
            notify(t('The link is revoked.'), () =>
                api.POST('/api/students/{student}/links/{link}/restore', at({ student: studentId, link: String(id) })).then(refresh),
            );
            return refresh();
        },
    });
    const address = make.data?.path === undefined ? undefined : `${window.location.origin}${make.data.path}`;
    return (
        <section aria-label={t('Private link')} className="mt-8">
            <h2 className="mb-2 text-2xl">{t('Private link for the student')}</h2>
            <p>
                {t(
                    'Whoever has the link sees this one student’s page: fault, card, drills, plan and log. No account; nothing of your own notes.',
                )}
            </p>
            <WithConsent studentId={studentId} purpose="link" child={child}>
                <div className="mt-2 flex flex-wrap items-center gap-2">
                    {[14, 60, 180].map((one) => (
                        <Button
                            key={one}
                            chosen={days === one}
                            onClick={() => {
                                setDays(one);
                            }}
                        >
                            {t('{{days}} days', { days: one })}
                        </Button>
                    ))}
                    <Button
                        main
                        disabled={make.isPending}
                        onClick={() => {
                            make.mutate();
                        }}
                    >
                        {t('Make a link')}
                    </Button>
                </div>
            </WithConsent>
            <Problem text={make.error?.message} />
            {address !== undefined && <ToldOnce address={address} picture={t('The link, to be photographed with the student’s phone')} />}
            <ul className="mt-2">
                {links.data?.map((link) => (
                    <li key={link.id} className="flex min-h-12 flex-wrap items-center gap-x-4 border-b border-line">
                        <span>
                            {t('made {{day}},', { day: day(link.made_at) })}{' '}
                            {link.revoked_at !== null
                                ? t('revoked')
                                : link.open
                                  ? t('open until {{day}}', { day: day(link.expires_at) })
                                  : t('expired')}
                            , {link.opened_at === null ? t('not opened yet') : t('last opened {{day}}', { day: day(link.opened_at) })}
                        </span>
                        {link.open && (
                            <Button
                                className="ml-auto"
                                disabled={revoke.isPending}
                                onClick={() => {
                                    revoke.mutate(link.id);
                                }}
                            >
                                {t('Revoke')}
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

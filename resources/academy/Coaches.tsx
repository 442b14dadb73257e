import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import type { CoachAtWork, Coach, PutCoach } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Skeleton, Trouble } from '../frame/Page';
import { Problem } from '../ui/Problem';
import { AccountLinks } from './AccountLinks';
import { StudentsOf } from './StudentsOf';

const CELL = 'border-b border-line py-1 pr-4 text-left align-middle';

/** Coaches with what they do; each can be opened. */
export function Coaches({ me }: { me: Coach }) {
    const { t } = useTranslation();
    const outlook = useQuery(ask.outlook());
    const [opened, setOpened] = useState<string>();
    if (outlook.isError) return <Trouble error={outlook.error} onRetry={() => void outlook.refetch()} />;
    if (outlook.data === undefined) return <Skeleton />;
    const coach = outlook.data.coaches.find((one) => one.id === opened);
    return (
        <>
            <div className="overflow-x-auto">
                <table className="w-full max-w-4xl border-collapse">
                    <thead>
                        <tr>
                            {[t('Coach'), t('Students'), t('Lessons this month'), t('Rechecks overdue'), ''].map((head, i) => (
                                <th key={i} scope="col" className={`${CELL} font-semibold text-soft`}>
                                    {head}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {outlook.data.coaches.map((one) => (
                            <tr key={one.id}>
                                <th scope="row" className={`${CELL} font-normal`}>
                                    <strong className="block text-lg">{one.name}</strong>
                                    <span className="text-soft">
                                        {one.left ? t('has left') : one.role === 'lead' ? t('lead') : t('coach')}, {one.email}
                                    </span>
                                </th>
                                <td className={CELL}>{one.students}</td>
                                <td className={CELL}>{one.lessons_this_month}</td>
                                <td className={CELL}>{one.overdue}</td>
                                <td className={`${CELL} pr-0! text-right`}>
                                    <Button
                                        aria-expanded={opened === one.id}
                                        aria-label={t('Open {{name}}', { name: one.name })}
                                        onClick={() => {
                                            setOpened(opened === one.id ? undefined : one.id);
                                        }}
                                    >
                                        {opened === one.id ? t('Close') : t('Open')}
                                    </Button>
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            {coach !== undefined && <Opened key={coach.id} coach={coach} self={coach.id === me.id} />}
            <AccountLinks coaches={outlook.data.coaches} />
        </>
    );
}

/** One coach: role, comings and goings, his data, his students. */
function Opened({ coach, self }: { coach: CoachAtWork; self: boolean }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const put = useMutation({
        mutationFn: (body: PutCoach) => api.PUT('/api/academy/coaches/{coach}', { ...at({ coach: coach.id }), body }),
        onSuccess: () => Promise.all([changed.academy, { queryKey: ['me'] }].map((one) => queries.invalidateQueries(one))),
    });
    const other = coach.role === 'lead' ? 'coach' : 'lead';
    return (
        <section aria-label={coach.name} className="mt-4 max-w-4xl border-l-[6px] border-marram pl-4">
            <h2 className="text-xl">{coach.name}</h2>
            <div className="mt-2 flex flex-wrap gap-2">
                <Button
                    disabled={put.isPending}
                    onClick={() => {
                        put.mutate({ role: other, left: coach.left });
                    }}
                >
                    {other === 'lead' ? t('Make a lead') : t('Make a coach')}
                </Button>
                {!self && (
                    <Button
                        disabled={put.isPending}
                        onClick={() => {
                            put.mutate({ role: coach.role, left: !coach.left });
                        }}
                    >
                        {coach.left ? t('Has come back') : t('Has left the academy')}
                    </Button>
                )}
                <a
                    className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-3 font-semibold"
                    href={`/api/academy/coaches/${coach.id}/archive`}
                >
                    {t('All data as a zip')}
                </a>
            </div>
            {coach.left && <p className="mt-2">{t('Signs in no more. The students wait to be handed over: open one, then Records.')}</p>}
            <Problem text={put.error?.message} className="mt-2" />
            <StudentsOf coach={coach} />
        </section>
    );
}

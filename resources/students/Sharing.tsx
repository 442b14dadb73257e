import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import type { HandOver, Student, StudentShare } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { notify } from '../ui/notices';
import { Problem } from '../ui/Problem';
import { SelectField } from '../ui/SelectField';

type Level = StudentShare['level'];

/** With which coaches of the academy a student is shared, and to whom he goes over. */
export function Sharing({ student, onGone }: { student: Student; onGone: () => void }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const academy = useQuery(ask.academy());
    const shares = useQuery(ask.shares(student.id));
    const [to, setTo] = useState('');
    const [keeps, setKeeps] = useState<Level | 'none'>('none');
    const share = useMutation({
        mutationFn: ({ coach, level }: { coach: string; level: Level | 'none' }): Promise<unknown> =>
            level === 'none'
                ? api.DELETE('/api/students/{student}/shares/{coach}', at({ student: student.id, coach }))
                : api.PUT('/api/students/{student}/shares/{coach}', { ...at({ student: student.id, coach }), body: { level } }),
        onSuccess: () => queries.invalidateQueries(changed.shares(student.id)),
    });
    const handOver = useMutation({
        mutationFn: (body: HandOver) => answer(api.POST('/api/students/{student}/hand-over', { ...at({ student: student.id }), body })),
        onSuccess: async (after) => {
            notify(t('{{name}} is {{coach}}’s student now.', { name: after.name, coach: after.coach }));
            await Promise.all([changed.students, changed.shares(student.id), changed.academy].map((one) => queries.invalidateQueries(one)));
            onGone();
        },
    });
    const others = (academy.data?.coaches ?? []).filter((one) => !one.left && one.id !== student.coach_id);
    if (others.length === 0) return null;
    const words: { value: Level | 'none'; label: string }[] = [
        { value: 'none', label: t('no') },
        { value: 'read', label: t('to read') },
        { value: 'teach', label: t('to teach') },
    ];
    return (
        <section aria-label={t('Other coaches')} className="border-t border-line pt-3">
            <h3 className="font-text text-base font-bold">{t('Shared with')}</h3>
            {others.map((one) => (
                <div key={one.id} className="mt-1 flex flex-wrap items-center gap-x-4">
                    <span className="min-w-32">{one.name}</span>
                    <Choice
                        label={t('Shared with {{name}}', { name: one.name })}
                        value={shares.data?.find((share) => share.coach_id === one.id)?.level ?? 'none'}
                        options={words}
                        onChoose={(level) => {
                            share.mutate({ coach: one.id, level });
                        }}
                    />
                </div>
            ))}
            <h3 className="mt-3 font-text text-base font-bold">{t('Hand over')}</h3>
            <div className="mt-1 flex flex-wrap items-end gap-3">
                <SelectField
                    label={t('To')}
                    outer="block"
                    options={[{ value: '', label: t('choose a coach') }, ...others.map((one) => ({ value: one.id, label: one.name }))]}
                    value={to}
                    onValue={setTo}
                />
                <SelectField
                    label={t('{{coach}} keeps', { coach: student.coach })}
                    outer="block"
                    options={[{ value: 'none', label: t('nothing') }, ...words.slice(1)]}
                    value={keeps}
                    onValue={setKeeps}
                />
                <Button
                    disabled={handOver.isPending || to === ''}
                    onClick={() => {
                        handOver.mutate({ coach_id: to, keeps: keeps === 'none' ? null : keeps });
                    }}
                >
                    {t('Hand over')}
                </Button>
            </div>
            <Problem text={(share.error ?? handOver.error)?.message} className="mt-2" />
        </section>
    );
}

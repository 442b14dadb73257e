import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { TextField } from '../ui/TextField';
import { inLesson, startMadeUp } from './madeUp';
import { Problem } from '../ui/Problem';

/** Measuring devices of the coach: made, joined to this lesson, revoked. */
export function Devices({ lessonId }: { lessonId: string }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const devices = useQuery(ask.devices());
    const [name, setName] = useState('');
    const again = () => Promise.all([queries.invalidateQueries(changed.devices), queries.invalidateQueries(changed.feed(lessonId))]);
    const join = useMutation({
        mutationFn: ({ device, to }: { device: string; to: string | null }) =>
            api.PUT('/api/feed-devices/{device}/lesson', { ...at({ device }), body: { lesson_id: to } }),
        onSuccess: again,
    });
    const revoke = useMutation({
        mutationFn: (device: string) => api.DELETE('/api/feed-devices/{device}', at({ device })),
        onSuccess: again,
    });
    const made = useMutation({
        mutationFn: () => answer(api.POST('/api/feed-devices', { body: { name } })),
        onSuccess: async () => {
            setName('');
            await again();
        },
    });
    const tried = useMutation({ mutationFn: () => startMadeUp(inLesson(lessonId), () => void again()), onSuccess: again });
    const trouble = join.error ?? revoke.error ?? made.error ?? tried.error ?? devices.error;
    return (
        <div className="space-y-4">
            <p>{t('A device posts each ball as it is hit. It waits on the bench until you say how it was struck: one touch.')}</p>
            <ul className="space-y-2">
                {devices.data?.map((one) => (
                    <li key={one.id} className="flex flex-wrap items-center gap-3 border-t border-line pt-2">
                        <strong>{one.name}</strong>
                        <Button
                            chosen={one.lesson_id === lessonId}
                            onClick={() => {
                                join.mutate({ device: one.id, to: one.lesson_id === lessonId ? null : lessonId });
                            }}
                        >
                            {one.lesson_id === lessonId ? t('Joined to this lesson') : t('Join to this lesson')}
                        </Button>
                        <button
                            type="button"
                            className="min-h-12 px-2 underline underline-offset-4"
                            onClick={() => {
                                revoke.mutate(one.id);
                            }}
                        >
                            {t('Revoke')}
                        </button>
                    </li>
                ))}
            </ul>
            {made.data?.token !== undefined && (
                <div className="border-l-[6px] border-ochre bg-ochre-wash p-3">
                    <p>{t('The token of {{device}}. It is shown this once: put it into the device now.', { device: made.data.name })}</p>
                    <code className="block py-2 break-all select-all">{made.data.token}</code>
                    <p>
                        {t('It posts to {{address}} with the header “Authorization: Bearer …”, a ball a line.', {
                            address: `${window.location.origin}/api/feed`,
                        })}
                    </p>
                </div>
            )}
            <form
                className="flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    made.mutate();
                }}
            >
                <TextField label={t('A new device, by name')} value={name} onValue={setName} className="w-64" />
                <Button type="submit" disabled={name.trim() === ''}>
                    {t('Make a token')}
                </Button>
            </form>
            <Button
                disabled={tried.isPending}
                onClick={() => {
                    tried.mutate();
                }}
            >
                {t('Try with a made-up device')}
            </Button>
            {tried.isSuccess && <p>{t('It sends twelve balls of a made-up player, one after the other.')}</p>}
            <Problem text={trouble?.message} />
        </div>
    );
}

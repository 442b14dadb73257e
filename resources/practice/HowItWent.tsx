import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ulid } from 'ulid';
import { api, at, type ApiError } from '../api/client';
import { now, nowIso } from '../api/clock';
import { changed } from '../ask/queries';
import type { Practice } from '../api/types.gen';
import { useOutboxOfApp } from '../outbox/context';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';

/** A word to the coach: that it hurts, that there was no time, that more was done. It waits on the device like everything else. */
export function HowItWent({ token, practice }: { token: string; practice: Practice }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const outbox = useOutboxOfApp();
    const [answer, setAnswer] = useState('');
    const say = ({ id: kind, answer: told }: Practice['words'][number]) => {
        const noteId = ulid(now());
        void outbox.add({ kind: 'note', lessonId: null, path: `shared/${token}`, noteId, note: { kind, said_at: nowIso() } });
        setAnswer(told);
        notify(t('Your coach will read it.'), async () => {
            setAnswer('');
            // What has not gone out yet goes nowhere; what has is taken back.
            const waiting = outbox.current().entries.find(({ action }) => action.kind === 'note' && action.noteId === noteId);
            if (waiting !== undefined) await outbox.drop(waiting.id);
            try {
                await api.DELETE('/api/shared/{token}/notes/{note}', at({ token, note: noteId }));
            } catch (trouble) {
                if (waiting !== undefined) return;
                setAnswer(told);
                notify((trouble as ApiError).message);
            }
            await queries.invalidateQueries(changed.practice(`shared/${token}`));
        });
    };
    return (
        <section aria-label={t('How is it going?')}>
            <p className="mb-1">{t('How is it going? Tell your coach in a word:')}</p>
            <div className="flex flex-wrap gap-2">
                {practice.words.map((one) => (
                    <Button
                        key={one.id}
                        onClick={() => {
                            say(one);
                        }}
                    >
                        {one.label}
                    </Button>
                ))}
            </div>
            <p role="status" className="mt-2 font-semibold">
                {answer}
            </p>
        </section>
    );
}

import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { api, at, sendOut } from '../api/client';
import { now, nowIso } from '../api/clock';
import { ask, changed } from '../ask/queries';
import { GUIDED } from '../lesson/Guide';
import { requestOf, type Action } from '../outbox/actions';

/** A lesson to try everything on, with a made-up student. */
export function useSample() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const navigate = useNavigate();
    return useMutation({
        mutationFn: async () => {
            const [student, lesson] = [ulid(now()), ulid(now())];
            const { first_task: task } = await queries.ensureQueryData(ask.catalogue());
            await api.PUT('/api/students/{student}', {
                ...at({ student }),
                body: {
                    name: t('Sample student, made up'),
                    handed: 'right',
                    about: t('To try a lesson on. Delete at will.'),
                    limits: [],
                },
            });
            const actions: Action[] = [
                { kind: 'lesson', lessonId: lesson, studentId: student, task, beganAt: nowIso(), closedAt: null },
                { kind: 'look', lessonId: lesson, setId: ulid(now()), purpose: 'before', setup: {}, motion: {} },
            ];
            for (const request of actions.map(requestOf)) await sendOut(request);
            return lesson;
        },
        onSuccess: async (lesson) => {
            await queries.invalidateQueries(changed.students);
            await navigate(`/lessons/${lesson}?${GUIDED}`);
        },
    });
}

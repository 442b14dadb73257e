import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, type ReactNode } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router-dom';
import { ulid } from 'ulid';
import { ApiError, sendOut } from '../api/client';
import { now, nowIso } from '../api/clock';
import { keep } from '../ask/kept';
import { ask, changed, lessonPath, useCatalogue, useCoach, useProgress, useStudent } from '../ask/queries';
import type { LessonPage, Progress, Purpose, Task, Work } from '../api/types.gen';
import { taskLine } from '../lesson/words';
import { requestOf, type Action } from '../outbox/actions';
import { useOutboxOfApp } from '../outbox/context';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { day } from '../ui/reader';
import { TaskForm } from '../task/TaskForm';
import { told } from '../api/told';

/** So many entries of the practice log are told. */
const LOGGED = 3;

/** Step one of a lesson: what the shot asks. The lesson and its first set are stored before the bench opens. */
export function BeginLesson() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const student = useStudent(id);
    const catalogue = useCatalogue();
    const progress = useProgress(id);
    const { data: coach } = useCoach();
    const queries = useQueryClient();
    const navigate = useNavigate();
    /** The shot that was planned before coming here. */
    const planned = (useLocation().state as { task?: Task } | null)?.task;
    const outbox = useOutboxOfApp();
    // Made once: pressing again after a lost answer begins the same lesson, not a second one.
    const ids = useRef({ lesson: ulid(now()), set: ulid(now()), at: nowIso() });
    const begin = useMutation({
        mutationFn: async ({ task, purpose }: { task: Task; purpose: Purpose }) => {
            const { lesson, set, at } = ids.current;
            const actions: Action[] = [
                { kind: 'lesson', lessonId: lesson, studentId: id, task, beganAt: at, closedAt: null },
                { kind: 'look', lessonId: lesson, setId: set, purpose, setup: {}, motion: {} },
            ];
            try {
                for (const request of actions.map(requestOf)) await sendOut(request);
            } catch (error) {
                if (!(error instanceof ApiError && error.passing) || student.data === undefined) throw error;
                // No connection: the lesson begins on this device and is sent with all that follows.
                const page: LessonPage = {
                    lesson: {
                        id: lesson,
                        student_id: id,
                        task,
                        began_at: at,
                        closed_at: null,
                        given_by: coach?.name ?? null,
                        sets: [],
                        prescription: null,
                    },
                    student: student.data,
                    readings: {},
                    balls_wanted: {},
                };
                queries.setQueryData(ask.lesson(lesson).queryKey, page);
                await keep(lessonPath(lesson), page);
                for (const action of actions) await outbox.add(action);
            }
        },
        onSuccess: async () => {
            await queries.invalidateQueries(changed.students);
            await navigate(`/lessons/${ids.current.lesson}`);
        },
    });
    if (student.isError)
        return (
            <Page title={t('Begin a lesson')}>
                <Trouble error={student.error} onRetry={() => void student.refetch()} />
            </Page>
        );
    if (catalogue.isError)
        return (
            <Page title={t('Begin a lesson')}>
                <Trouble error={catalogue.error} onRetry={() => void catalogue.refetch()} />
            </Page>
        );
    // What was last time stands above the form: coming late it would push the buttons from under a thumb. Without an answer the form has to do.
    const waits = progress.isPending && progress.failureCount === 0;
    if (student.data === undefined || catalogue.data === undefined || coach === undefined || waits)
        return (
            <Page title={t('Begin a lesson')}>
                <Skeleton />
            </Page>
        );
    const last = student.data.lessons?.[0];
    const start = (purpose: Purpose) => (task: Task) => {
        if (!begin.isPending) begin.mutate({ task, purpose });
    };
    const work = progress.data?.works[0];
    return (
        <Page title={t('Lesson with {{name}}', { name: student.data.name })}>
            {progress.data !== undefined && work !== undefined && (
                <LastTime progress={progress.data} work={work}>
                    <Button
                        main
                        className="mt-3 px-6"
                        onClick={() => {
                            start('retest')(work.task);
                        }}
                    >
                        {begin.isPending
                            ? t('Beginning…')
                            : t('Begin with the retest: {{task}}, {{balls}} balls', {
                                  task: taskLine(work.task, catalogue.data, coach.units),
                                  balls: work.retest_balls,
                              })}
                    </Button>
                </LastTime>
            )}
            <TaskForm
                catalogue={catalogue.data}
                clubs={student.data.clubs}
                units={coach.units}
                task={planned ?? last?.task ?? catalogue.data.first_task}
                submit={begin.isPending ? t('Beginning…') : t('Begin the lesson')}
                problem={told(begin.error)}
                onSubmit={start('before')}
            />
        </Page>
    );
}

/** What came of the last lesson, and the practice since. */
function LastTime({ progress, work, children }: { progress: Progress; work: Work; children: ReactNode }) {
    const { t } = useTranslation();
    const { practice, results } = progress;
    return (
        <div className="mb-6 border-l-[6px] border-marram pl-4">
            <p>
                <strong>{t('Last time: {{name}}, {{verdict}}.', { name: work.name, verdict: work.verdict_text })}</strong> {work.next}
            </p>
            {progress.last_time.map((line) => (
                <p key={line}>{line}</p>
            ))}
            <p>
                {practice.planned === 0
                    ? t('No practice was planned.')
                    : t('{{done}} of {{planned}} sessions done.', { done: practice.done, planned: practice.planned })}
                {results.length > 0 && (
                    <>
                        {' '}
                        {t('Logged last:')}{' '}
                        {results
                            .slice(-LOGGED)
                            .reverse()
                            .map((one) => `${one.name} ${one.text}${one.passed ? `, ${t('passed')}` : ''} (${day(one.at)})`)
                            .join('; ')}
                        .
                    </>
                )}
            </p>
            {children}
        </div>
    );
}

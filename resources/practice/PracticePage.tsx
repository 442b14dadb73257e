import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router-dom';
import { answer, api, at } from '../api/client';
import { ask, changed, useCatalogue, useCoach, usePractice, useStudent } from '../ask/queries';
import type { PracticeDrill, PutPlan } from '../api/types.gen';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { Links } from './Links';
import { PlanForm } from './PlanForm';
import { PracticeView } from './PracticeView';
import { Runner } from './Runner';
import { Problem } from '../ui/Problem';
import { told } from '../api/told';

/** What a student has to practise, on the coach's side: plan, links, drills to run together, the log. */
export function PracticePage() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const path = `students/${id}`;
    const practice = usePractice(path);
    const student = useStudent(id);
    const { data: coach } = useCoach();
    const catalogue = useCatalogue();
    const queries = useQueryClient();
    const [running, setRunning] = useState<{ drill: PracticeDrill; session: string | null }>();
    const move = useMutation({
        mutationFn: ({ session, to }: { session: string; to: string }) =>
            api.PUT('/api/students/{student}/plan/sessions/{session}', { ...at({ student: id, session }), body: { day: to } }),
        onSuccess: () => queries.invalidateQueries(changed.practice(path)),
    });
    const plan = useMutation({
        mutationFn: (body: PutPlan) => answer(api.PUT('/api/students/{student}/plan', { ...at({ student: id }), body })),
        onSuccess: (data) => {
            queries.setQueryData(ask.practice(path).queryKey, data);
        },
    });
    if (practice.isError && practice.data === undefined)
        return (
            <Page title={t('Practice')}>
                <Trouble error={practice.error} onRetry={() => void practice.refetch()} />
            </Page>
        );
    if (practice.data === undefined || student.data === undefined)
        return (
            <Page title={t('Practice')}>
                <Skeleton />
            </Page>
        );
    if (running !== undefined)
        return (
            <Runner
                path={path}
                practice={practice.data}
                drill={running.drill}
                session={running.session}
                studentId={id}
                onDone={() => {
                    setRunning(undefined);
                }}
            />
        );
    if (!student.data.may.update)
        return (
            <Page title={t('{{name}}, practice', { name: practice.data.student.name })} back={`/students/${id}`}>
                <PracticeView path={path} practice={practice.data} />
            </Page>
        );
    return (
        <Page title={t('{{name}}, practice', { name: practice.data.student.name })} back={`/students/${id}`}>
            <PracticeView
                path={path}
                practice={practice.data}
                onRun={(drill, session) => {
                    setRunning({ drill, session });
                }}
                onMove={(session, to) => {
                    move.mutate({ session, to });
                }}
            />
            {/* On paper stands what is for the student. */}
            <div className="print:hidden">
                <Problem text={move.error?.message} className="mt-2" />
                {catalogue.data && coach && (
                    <PlanForm
                        coach={coach}
                        catalogue={catalogue.data}
                        key={practice.data.plan === null ? 'new' : 'made'}
                        practice={practice.data}
                        busy={plan.isPending}
                        problem={told(plan.error)}
                        onMake={(body) => {
                            if (!plan.isPending) plan.mutate(body);
                        }}
                    />
                )}
                {practice.data.plan !== null && (
                    <p className="mt-4">
                        <a
                            className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold"
                            href={`/api/${path}/practice.ics`}
                            download
                        >
                            {t('Calendar file (.ics)')}
                        </a>
                    </p>
                )}
                <Links studentId={id} child={practice.data.student.guardian} />
            </div>
        </Page>
    );
}

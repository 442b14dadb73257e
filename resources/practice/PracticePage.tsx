import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router-dom';
import { ApiError, call } from '../api/client';
import { ask, changed, useCatalogue, usePractice } from '../api/queries';
import type { Practice, PracticeDrill, ShareLink } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { notify } from '../ui/notices';
import { day } from '../ui/reader';
import { PlanForm } from './PlanForm';
import { PracticeView } from './PracticeView';
import { Runner } from './Runner';

const faultsOf = (error: Error | null) =>
    error instanceof ApiError && error.faults.length > 0 ? error.faults.map((fault) => fault.message).join('\n') : (error?.message ?? '');

/** What a student has to practise, on the coach's side: plan, links, drills to run together, the log. */
export function PracticePage() {
    const { id = '' } = useParams();
    const path = `students/${id}`;
    const practice = usePractice(path);
    const catalogue = useCatalogue();
    const queries = useQueryClient();
    const [running, setRunning] = useState<{ drill: PracticeDrill; session: string | null }>();
    const move = useMutation({
        mutationFn: ({ session, to }: { session: string; to: string }) => call('PUT', `${path}/plan/sessions/${session}`, { day: to }),
        onSuccess: () => queries.invalidateQueries(changed.practice(path)),
    });
    const plan = useMutation({
        mutationFn: (body: unknown) => call<Practice>('PUT', `${path}/plan`, body),
        onSuccess: (data) => {
            queries.setQueryData(ask.practice(path).queryKey, data);
        },
    });
    if (practice.isError && practice.data === undefined)
        return (
            <Page title="Practice">
                <Trouble error={practice.error} onRetry={() => void practice.refetch()} />
            </Page>
        );
    if (practice.data === undefined)
        return (
            <Page title="Practice">
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
                onDone={() => {
                    setRunning(undefined);
                }}
            />
        );
    return (
        <Page title={`${practice.data.student.name}, practice`} back={`/students/${id}`}>
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
            {move.isError && (
                <p role="alert" className="mt-2 font-semibold text-rust">
                    {move.error.message}
                </p>
            )}
            {catalogue.data && (
                <PlanForm
                    catalogue={catalogue.data}
                    key={practice.data.plan === null ? 'new' : 'made'}
                    practice={practice.data}
                    busy={plan.isPending}
                    problem={faultsOf(plan.error)}
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
                        Calendar file (.ics)
                    </a>
                </p>
            )}
            <Links path={path} />
        </Page>
    );
}

/** The student's private page: made, told once, revoked. */
function Links({ path }: { path: string }) {
    const queries = useQueryClient();
    const links = useQuery(ask.links(path));
    const [days, setDays] = useState(60);
    const refresh = () => queries.invalidateQueries(changed.links(path));
    const make = useMutation({ mutationFn: () => call<ShareLink>('POST', `${path}/links`, { days }), onSuccess: refresh });
    const revoke = useMutation({
        mutationFn: (id: number) => call('DELETE', `${path}/links/${String(id)}`),
        onSuccess: (_, id) => {
            notify('The link is revoked.', () => call('POST', `${path}/links/${String(id)}/restore`).then(refresh));
            return refresh();
        },
    });
    const address = make.data?.path === undefined ? undefined : `${window.location.origin}${make.data.path}`;
    return (
        <section aria-label="Private link" className="mt-8">
            <h2 className="mb-2 text-2xl">Private link for the student</h2>
            <p>
                Whoever has the link sees this one student’s page: fault, card, drills, plan and log. No account; nothing of your own notes.
            </p>
            <div className="mt-2 flex flex-wrap items-center gap-2">
                {[14, 60, 180].map((one) => (
                    <Button
                        key={one}
                        chosen={days === one}
                        onClick={() => {
                            setDays(one);
                        }}
                    >
                        {one} days
                    </Button>
                ))}
                <Button
                    main
                    disabled={make.isPending}
                    onClick={() => {
                        make.mutate();
                    }}
                >
                    Make a link
                </Button>
            </div>
            {make.isError && (
                <p role="alert" className="font-semibold text-rust">
                    {make.error.message}
                </p>
            )}
            {address !== undefined && (
                <p className="mt-2 border-l-[6px] border-marram pl-3 break-all">
                    Told once, so copy it now:{' '}
                    <a className="font-semibold underline" data-testid="private-link" href={address}>
                        {address}
                    </a>
                </p>
            )}
            <ul className="mt-2">
                {links.data?.map((link) => (
                    <li key={link.id} className="flex min-h-12 flex-wrap items-center gap-x-4 border-b border-line">
                        <span>
                            made {day(link.made_at)},{' '}
                            {link.revoked_at !== null ? 'revoked' : link.open ? `open until ${day(link.expires_at)}` : 'expired'},{' '}
                            {link.opened_at === null ? 'not opened yet' : `last opened ${day(link.opened_at)}`}
                        </span>
                        {link.open && (
                            <Button
                                className="ml-auto"
                                disabled={revoke.isPending}
                                onClick={() => {
                                    revoke.mutate(link.id);
                                }}
                            >
                                Revoke
                            </Button>
                        )}
                    </li>
                ))}
            </ul>
        </section>
    );
}

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { call } from '../api/client';
import { changed } from '../api/queries';
import type { Erasure, Student } from '../api/types.gen';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';
import { moment } from '../ui/reader';

/** Out of the list for now, deleted, or erased for good on the student's request, with a receipt to hand over. */
export function Removing({ student }: { student: Student }) {
    const { id, name, inactive } = student;
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [asked, setAsked] = useState(false);
    // Not the student himself: after he is gone the receipt stands on his page.
    const again = () => Promise.all([changed.today, changed.bin].map((one) => queries.invalidateQueries(one)));
    const remove = useMutation({
        mutationFn: () => call('DELETE', `students/${id}`),
        onSuccess: async () => {
            notify(`${name} was deleted.`, () => call('POST', `bin/students/${id}`).then(again));
            await again();
            await navigate('/');
        },
    });
    const erase = useMutation({ mutationFn: () => call<Erasure>('DELETE', `students/${id}/for-good`), onSuccess: again });
    const rest = useMutation({
        mutationFn: () =>
            call('PUT', `students/${id}`, {
                name,
                handed: student.handed,
                about: student.about,
                limits: student.limits,
                units: student.units,
                inactive: !inactive,
            }),
        onSuccess: () => queries.invalidateQueries(changed.students),
    });
    const failed = rest.error ?? remove.error ?? erase.error;
    return (
        <div className="border-t border-line pt-3">
            {erase.data === undefined ? (
                <div className="flex flex-wrap gap-2">
                    <Button
                        disabled={rest.isPending}
                        onClick={() => {
                            rest.mutate();
                        }}
                    >
                        {inactive ? 'Comes again' : 'Not coming at present'}
                    </Button>
                    <Button
                        disabled={remove.isPending}
                        onClick={() => {
                            remove.mutate();
                        }}
                    >
                        Delete (30 days to undo)
                    </Button>
                    <Button
                        onClick={() => {
                            setAsked(true);
                        }}
                    >
                        Erase for good
                    </Button>
                </div>
            ) : (
                <p role="status">
                    Receipt {erase.data.receipt}: all records of this student were erased on {moment(erase.data.erased_at)}:{' '}
                    {erase.data.lessons} lessons, {erase.data.balls} balls, {erase.data.results} results, {erase.data.plans} plans,{' '}
                    {erase.data.links} links, {erase.data.sheets} sheets, {erase.data.reports} reports, {erase.data.history} notes of
                    changes.
                </p>
            )}
            {asked && erase.data === undefined && (
                <div className="mt-2 border-l-[6px] border-rust pl-3">
                    <p className="break-words">All of {name} goes at once and cannot come back. For a student’s written request.</p>
                    <span className="mt-1 flex gap-2">
                        <Button
                            disabled={erase.isPending}
                            onClick={() => {
                                erase.mutate();
                            }}
                        >
                            Erase now
                        </Button>
                        <Button
                            onClick={() => {
                                setAsked(false);
                            }}
                        >
                            Keep
                        </Button>
                    </span>
                </div>
            )}
            {failed !== null && (
                <p role="alert" className="font-semibold text-rust">
                    {failed.message}
                </p>
            )}
        </div>
    );
}

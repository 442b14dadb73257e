import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { call } from '../api/client';
import { changed } from '../api/queries';
import type { Erasure } from '../api/types.gen';
import { Button } from '../ui/Button';
import { moment } from '../ui/units';

/** Delete for now, or erase for good on the student's request, with a receipt to hand over. */
export function Removing({ id, name }: { id: string; name: string }) {
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [asked, setAsked] = useState(false);
    const again = () => queries.invalidateQueries(changed.today);
    const remove = useMutation({
        mutationFn: () => call('DELETE', `students/${id}`),
        onSuccess: async () => {
            await again();
            await navigate('/');
        },
    });
    const erase = useMutation({ mutationFn: () => call<Erasure>('DELETE', `students/${id}/for-good`), onSuccess: again });
    const failed = remove.error ?? erase.error;
    return (
        <div className="border-t border-line pt-3">
            {erase.data === undefined ? (
                <div className="flex flex-wrap gap-2">
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

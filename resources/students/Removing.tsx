import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router-dom';
import { answer, api, at } from '../api/client';
import { changed } from '../ask/queries';
import type { Student } from '../api/types.gen';
import { Button } from '../ui/Button';
import { notify } from '../ui/notices';
import { moment } from '../ui/reader';
import { Problem } from '../ui/Problem';

/** Out of the list for now, deleted, or erased for good on the student's request, with a receipt to hand over. */
export function Removing({ student }: { student: Student }) {
    const { t } = useTranslation();
    const { id, name, inactive } = student;
    const queries = useQueryClient();
    const navigate = useNavigate();
    const [asked, setAsked] = useState(false);
    // Not the student himself: after he is gone the receipt stands on his page.
    const again = () => Promise.all([changed.today, changed.bin].map((one) => queries.invalidateQueries(one)));
    const remove = useMutation({
        mutationFn: () => api.DELETE('/api/students/{student}', at({ student: id })),
        onSuccess: async () => {
            notify(t('{{name}} was deleted.', { name }), () => api.POST('/api/bin/students/{student}', at({ student: id })).then(again));
            await again();
            await navigate('/');
        },
    });
    const erase = useMutation({
        mutationFn: () => answer(api.DELETE('/api/students/{student}/for-good', at({ student: id }))),
        onSuccess: again,
    });
    const rest = useMutation({
        mutationFn: () =>
            api.PUT('/api/students/{student}', {
                ...at({ student: id }),
                body: {
                    name,
                    handed: student.handed,
                    about: student.about,
                    limits: student.limits,
                    units: student.units,
                    inactive: !inactive,
                },
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
                        {inactive ? t('Comes again') : t('Not coming at present')}
                    </Button>
                    {student.may.delete && (
                        <>
                            <Button
                                disabled={remove.isPending}
                                onClick={() => {
                                    remove.mutate();
                                }}
                            >
                                {t('Delete (30 days to undo)')}
                            </Button>
                            <Button
                                onClick={() => {
                                    setAsked(true);
                                }}
                            >
                                {t('Erase for good')}
                            </Button>
                        </>
                    )}
                </div>
            ) : (
                <p role="status">
                    {t(
                        'Receipt {{receipt}}: all records of this student were erased on {{moment}}. Lessons: {{lessons}}, balls: {{balls}}, results: {{results}}, plans: {{plans}}, links: {{links}}, sheets: {{sheets}}, reports: {{reports}}, notes of changes: {{history}}.',
                        {
                            receipt: erase.data.receipt,
                            moment: moment(erase.data.erased_at),
                            lessons: erase.data.lessons,
                            balls: erase.data.balls,
                            results: erase.data.results,
                            plans: erase.data.plans,
                            links: erase.data.links,
                            sheets: erase.data.sheets,
                            reports: erase.data.reports,
                            history: erase.data.history,
                        },
                    )}
                </p>
            )}
            {asked && erase.data === undefined && (
                <div className="mt-2 border-l-[6px] border-rust pl-3">
                    <p className="break-words">
                        {t('All of {{name}} goes at once and cannot come back. For a student’s written request.', { name })}
                    </p>
                    <span className="mt-1 flex gap-2">
                        <Button
                            disabled={erase.isPending}
                            onClick={() => {
                                erase.mutate();
                            }}
                        >
                            {t('Erase now')}
                        </Button>
                        <Button
                            onClick={() => {
                                setAsked(false);
                            }}
                        >
                            {t('Keep')}
                        </Button>
                    </span>
                </div>
            )}
            <Problem text={failed?.message} />
        </div>
    );
}

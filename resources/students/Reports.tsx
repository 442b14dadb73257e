import { useTranslation } from 'react-i18next';
import { useMutation, useQuery } from '@tanstack/react-query';
import { answer, api } from '../api/client';
import { ask } from '../ask/queries';
import { Button } from '../ui/Button';
import { HelperSilent } from '../ui/HelperSilent';
import { Problem } from '../ui/Problem';

/** All reports of a student, made by the queue while the coach goes on. */
export function Reports({ lessons, most }: { lessons: string[]; most: number }) {
    const { t } = useTranslation();
    const make = useMutation({
        mutationFn: () => answer(api.POST('/api/reports', { body: { lessons: lessons.slice(0, most), paper: 'a4' } })),
    });
    const batch = useQuery(ask.reports(make.data?.id));
    const now = batch.data ?? make.data;
    return (
        <div className="mb-6">
            {now === undefined && (
                <Button
                    disabled={make.isPending}
                    onClick={() => {
                        make.mutate();
                    }}
                >
                    {t('Reports of all {{n}} lessons', { n: lessons.length })}
                </Button>
            )}
            <Problem text={make.error?.message} />
            {now !== undefined && (
                <p role="status" className="flex items-center gap-4">
                    <progress className="h-4 w-60" max={now.total} value={now.done} aria-label={t('Reports made')} />{' '}
                    {t('{{done}} of {{total}} reports made', { done: now.done, total: now.total })}
                    {now.helper_silent && <HelperSilent />}
                    {now.finished && (
                        <a className="font-semibold underline" href={`/api/reports/${now.id}/zip`} download>
                            {t('Fetch them (zip)')}
                        </a>
                    )}
                </p>
            )}
        </div>
    );
}

import { CoachsLanguage } from '../language/CoachsLanguage';
import { useTranslation } from 'react-i18next';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { answer, api, asForm, at } from '../api/client';
import { ask, changed } from '../ask/queries';
import type { BinEntry } from '../api/types.gen';
import { Button } from '../ui/Button';
import { HelperSilent } from '../ui/HelperSilent';
import { day } from '../ui/reader';
import { ChooseFile } from '../ui/ChooseFile';
import { Problem } from '../ui/Problem';
import { told } from '../api/told';

/** The coach's records: everything out as a zip, back into an empty account, and what was deleted in the last 30 days. */
export function AccountData() {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const bin = useQuery(ask.bin());
    const again = useCallback(() => Promise.all([changed.bin, changed.students].map((one) => queries.invalidateQueries(one))), [queries]);
    const restore = useMutation({
        mutationFn: ({ kind, id }: BinEntry) =>
            kind === 'student'
                ? api.POST('/api/bin/students/{student}', at({ student: id }))
                : api.POST('/api/bin/lessons/{lesson}', at({ lesson: id })),
        onSuccess: again,
    });
    const read = useMutation({
        mutationFn: (file: File) => answer(api.POST('/api/archive', { body: { archive: file }, bodySerializer: asForm })),
    });
    const reading = useQuery(ask.archive(read.data?.id));
    const done = reading.data?.state === 'done';
    useEffect(() => {
        if (done) void again();
    }, [done, again]);
    const now = reading.data ?? read.data;
    return (
        <section aria-label={t('Your records')} className="mt-10 border-t-[1.5px] border-ink pt-4">
            <h2 className="mb-2 text-xl">{t('Your records')}</h2>
            <div className="flex flex-wrap items-center gap-2">
                <a className="inline-flex min-h-12 items-center border-[1.5px] border-ink bg-press px-5 font-semibold" href="/api/archive">
                    {t('Everything as a zip')}
                </a>
                <CoachsLanguage />
                <ChooseFile
                    accept=".zip"
                    onFile={(file) => {
                        read.mutate(file);
                    }}
                >
                    {t('Read a zip back')}
                    {read.isPending ? '…' : ''}
                </ChooseFile>
            </div>
            <Problem text={told(read.error)} className="mt-2" />
            {now !== undefined && (
                <p role="status" className="mt-2 flex flex-wrap items-center gap-3">
                    {now.state === 'reading' ? (
                        <>
                            <progress className="h-4 w-60" max={now.total} value={now.done} aria-label={t('Rows read')} />{' '}
                            {t('{{done}} of {{total}} rows read', { done: now.done, total: now.total })}
                            {now.helper_silent && <HelperSilent />}
                        </>
                    ) : (
                        now.message
                    )}
                </p>
            )}
            {(bin.data?.length ?? 0) > 0 && (
                <>
                    <h3 className="mt-4 font-text text-base font-bold">{t('Deleted, can come back')}</h3>
                    <ul>
                        {bin.data?.map((one) => (
                            <li key={one.id} className="flex min-h-14 flex-wrap items-center gap-4 border-b border-line">
                                <span className="min-w-0 break-words">
                                    {t('{{kind}} {{name}}, until {{day}}', { kind: t(one.kind), name: one.name, day: day(one.until) })}
                                </span>
                                <Button
                                    className="ml-auto"
                                    disabled={restore.isPending}
                                    onClick={() => {
                                        restore.mutate(one);
                                    }}
                                >
                                    {t('Bring back')}
                                </Button>
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </section>
    );
}

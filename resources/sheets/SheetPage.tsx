import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router-dom';
import { answer, api, asForm, at } from '../api/client';
import { changed, useCatalogue, useCoach, useStudent } from '../ask/queries';
import type { SheetDraft } from '../api/types.gen';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { DraftForm } from './DraftForm';
import { SheetsRead } from './SheetsRead';
import { told } from '../api/told';
import { ChooseFile } from '../ui/ChooseFile';
import { Problem } from '../ui/Problem';

/** Balls from any sheet: choose it, say what its columns hold, look at what comes out, and only then store it. */
export function SheetPage() {
    const { t } = useTranslation();
    const { id = '' } = useParams();
    const student = useStudent(id);
    const catalogue = useCatalogue();
    const { data: coach } = useCoach();
    const queries = useQueryClient();
    const [draft, setDraft] = useState<SheetDraft>();
    const look = useMutation({
        mutationFn: (file: File) =>
            answer(api.POST('/api/students/{student}/sheets', { ...at({ student: id }), body: { sheet: file }, bodySerializer: asForm })),
        onSuccess: setDraft,
    });
    if (student.isError)
        return (
            <Page title={t('Balls from a sheet')}>
                <Trouble error={student.error} onRetry={() => void student.refetch()} />
            </Page>
        );
    if (student.data === undefined || catalogue.data === undefined || coach === undefined)
        return (
            <Page title={t('Balls from a sheet')}>
                <Skeleton />
            </Page>
        );
    return (
        <Page title={t('Balls from a sheet, {{name}}', { name: student.data.name })} back={`/students/${id}`}>
            {draft === undefined ? (
                <div className="space-y-4">
                    <p className="max-w-prose">
                        {t(
                            'A sheet saved as CSV, with the names of its columns in the first row: from a measuring device, a table program or your own notes. You say what each column holds; nothing is stored before you have seen what comes out.',
                        )}
                    </p>
                    <ChooseFile
                        main
                        accept=".csv,.txt,text/csv"
                        disabled={look.isPending}
                        onFile={(file) => {
                            look.mutate(file);
                        }}
                    >
                        {look.isPending ? t('Looking at it…') : t('Choose a sheet')}
                    </ChooseFile>
                    <Link to={`/students/${id}`} className="ml-4 inline-flex min-h-12 items-center underline">
                        {t('To {{name}}', { name: student.data.name })}
                    </Link>
                    <Problem text={told(look.error)} />
                    <SheetsRead id={id} />
                </div>
            ) : (
                <DraftForm
                    key={draft.import.id}
                    draft={draft}
                    student={student.data}
                    catalogue={catalogue.data}
                    units={coach.units}
                    onEnd={() => {
                        setDraft(undefined);
                        void queries.invalidateQueries(changed.student(id));
                    }}
                />
            )}
        </Page>
    );
}

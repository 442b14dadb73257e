import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router-dom';
import { useCatalogue, useCoach, useStudent } from '../ask/queries';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { PageTabs } from '../ui/PageTabs';
import { DistancesTab } from './DistancesTab';
import { PlannerTab } from './PlannerTab';
import { SandTab } from './SandTab';
import { SlopeTab } from './SlopeTab';

/** Half of the work around the green that cures no fault: which shot, how far, from which sand, on which slope. */
export function ShotsPage() {
    const { t } = useTranslation();
    const { id } = useParams();
    const student = useStudent(id ?? '');
    const { data: catalogue } = useCatalogue();
    const { data: coach } = useCoach();
    const back = id === undefined ? '/' : `/students/${id}`;
    if (id !== undefined && student.isError && student.data === undefined)
        return (
            <Page title={t('Shots')} back={back}>
                <Trouble error={student.error} onRetry={() => void student.refetch()} />
            </Page>
        );
    if (catalogue === undefined || coach === undefined || (id !== undefined && student.data === undefined))
        return (
            <Page title={t('Shots')} back={back}>
                <Skeleton />
            </Page>
        );
    const of = { catalogue, units: coach.units, student: id === undefined ? undefined : student.data };
    return (
        <Page title={of.student === undefined ? t('Shots') : t('Shots of {{name}}', { name: of.student.name })} back={back}>
            <PageTabs
                label={t('Shots')}
                tabs={[
                    { id: 'which', title: t('Which shot'), content: <PlannerTab {...of} /> },
                    { id: 'distances', title: t('Distances'), content: <DistancesTab {...of} /> },
                    { id: 'sand', title: t('Sand'), content: <SandTab {...of} /> },
                    { id: 'slope', title: t('Slope'), content: <SlopeTab {...of} /> },
                ]}
            />
        </Page>
    );
}

import { useTranslation } from 'react-i18next';
import { Tabs } from 'radix-ui';
import { useParams, useSearchParams } from 'react-router-dom';
import { useCatalogue, useCoach, useStudent } from '../api/queries';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { DistancesTab } from './DistancesTab';
import { PlannerTab } from './PlannerTab';
import { SandTab } from './SandTab';
import { SlopeTab } from './SlopeTab';

const TAB =
    'min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold -ml-[1.5px] data-[state=active]:bg-ink data-[state=active]:text-paper';

/** Half of the work around the green that cures no fault: which shot, how far, from which sand, on which slope. */
export function ShotsPage() {
    const { t } = useTranslation();
    const { id } = useParams();
    const [asked, setAsked] = useSearchParams();
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
            <Tabs.Root
                value={asked.get('tab') ?? 'which'}
                onValueChange={(tab) => {
                    setAsked({ tab }, { replace: true });
                }}
            >
                <Tabs.List aria-label={t('Shots')} className="mb-4 flex flex-wrap pl-[1.5px] print:hidden">
                    <Tabs.Trigger className={TAB} value="which">
                        {t('Which shot')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="distances">
                        {t('Distances')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="sand">
                        {t('Sand')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="slope">
                        {t('Slope')}
                    </Tabs.Trigger>
                </Tabs.List>
                <Tabs.Content value="which">
                    <PlannerTab {...of} />
                </Tabs.Content>
                <Tabs.Content value="distances">
                    <DistancesTab {...of} />
                </Tabs.Content>
                <Tabs.Content value="sand">
                    <SandTab {...of} />
                </Tabs.Content>
                <Tabs.Content value="slope">
                    <SlopeTab {...of} />
                </Tabs.Content>
            </Tabs.Root>
        </Page>
    );
}

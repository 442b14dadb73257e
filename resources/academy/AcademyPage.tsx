import { useTranslation } from 'react-i18next';
import { useQuery } from '@tanstack/react-query';
import { ask, useCoach } from '../ask/queries';
import { Page, Skeleton, Trouble } from '../frame/Page';
import { PageTabs } from '../ui/PageTabs';
import { AuditTrail } from './AuditTrail';
import { Coaches } from './Coaches';
import { Health } from './Health';
import { Learned } from './Learned';
import { ModelTab } from './ModelTab';
import { Outcomes } from './Outcomes';
import { Schools } from './Schools';

/** Who works together; for the lead also what comes of it, and what all have in common. */
export function AcademyPage() {
    const { t } = useTranslation();
    const { data: coach } = useCoach();
    const academy = useQuery(ask.academy());
    if (academy.isError && academy.data === undefined)
        return (
            <Page title={t('Academy')}>
                <Trouble error={academy.error} onRetry={() => void academy.refetch()} />
            </Page>
        );
    if (academy.data === undefined || coach === undefined)
        return (
            <Page title={t('Academy')}>
                <Skeleton />
            </Page>
        );
    if (coach.role !== 'lead')
        return (
            <Page title={academy.data.name}>
                <ul>
                    {academy.data.coaches
                        .filter((one) => !one.left)
                        .map((one) => (
                            <li key={one.id} className="flex min-h-12 items-center gap-x-4 border-b border-line">
                                <strong>{one.name}</strong> {one.role === 'lead' ? t('lead') : t('coach')}
                            </li>
                        ))}
                </ul>
            </Page>
        );
    return (
        <Page title={academy.data.name}>
            <PageTabs
                label={t('Academy')}
                tabs={[
                    { id: 'coaches', title: t('Coaches'), content: <Coaches me={coach} /> },
                    { id: 'outcomes', title: t('Outcomes'), content: <Outcomes /> },
                    { id: 'learned', title: t('What was learned'), content: <Learned /> },
                    { id: 'schools', title: t('Name and schools'), content: <Schools academy={academy.data} /> },
                    { id: 'model', title: t('Strike model'), content: <ModelTab /> },
                    { id: 'audit', title: t('Who did what'), content: <AuditTrail /> },
                    ...(academy.data.keeps_installation ? [{ id: 'health', title: t('Health'), content: <Health /> }] : []),
                ]}
            />
        </Page>
    );
}

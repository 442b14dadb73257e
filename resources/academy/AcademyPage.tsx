import { useTranslation } from 'react-i18next';
import { Tabs } from 'radix-ui';
import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router-dom';
import { ask, useCoach } from '../api/queries';
import { Page, Skeleton, Trouble } from '../ui/Page';
import { AuditTrail } from './AuditTrail';
import { Coaches } from './Coaches';
import { Health } from './Health';
import { ModelTab } from './ModelTab';
import { Outcomes } from './Outcomes';
import { Schools } from './Schools';

const TAB =
    'min-h-12 border-[1.5px] border-ink bg-press px-4 font-semibold -ml-[1.5px] data-[state=active]:bg-ink data-[state=active]:text-paper';

/** Who works together; for the lead also what comes of it, and what all have in common. */
export function AcademyPage() {
    const { t } = useTranslation();
    const { data: coach } = useCoach();
    const academy = useQuery(ask.academy());
    const [asked, setAsked] = useSearchParams();
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
            <Tabs.Root
                value={asked.get('tab') ?? 'coaches'}
                onValueChange={(tab) => {
                    setAsked({ tab }, { replace: true });
                }}
            >
                <Tabs.List aria-label={t('Academy')} className="mb-4 flex flex-wrap pl-[1.5px]">
                    <Tabs.Trigger className={TAB} value="coaches">
                        {t('Coaches')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="outcomes">
                        {t('Outcomes')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="schools">
                        {t('Name and schools')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="model">
                        {t('Strike model')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="audit">
                        {t('Who did what')}
                    </Tabs.Trigger>
                    <Tabs.Trigger className={TAB} value="health">
                        {t('Health')}
                    </Tabs.Trigger>
                </Tabs.List>
                <Tabs.Content value="coaches">
                    <Coaches me={coach} />
                </Tabs.Content>
                <Tabs.Content value="outcomes">
                    <Outcomes />
                </Tabs.Content>
                <Tabs.Content value="schools">
                    <Schools academy={academy.data} />
                </Tabs.Content>
                <Tabs.Content value="model">
                    <ModelTab />
                </Tabs.Content>
                <Tabs.Content value="audit">
                    <AuditTrail />
                </Tabs.Content>
                <Tabs.Content value="health">
                    <Health />
                </Tabs.Content>
            </Tabs.Root>
        </Page>
    );
}

import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Coach, PutAccount } from '../api/types.gen';
import { Problem } from '../ui/Problem';
import { weekdays } from '../ui/reader';
import { SelectField } from '../ui/SelectField';
import { told } from '../api/told';
import { Check } from '../ui/Check';

/** Those of this browser, and the one that was named: browsers know zones by different names. */
const zonesWith = (named: string | null): string[] => {
    const known = Intl.supportedValuesOf('timeZone');
    return named === null || known.includes(named) ? known : [named, ...known];
};

/** Where and how the coach works: time zone, first day of the week, whether pictures are kept at all. */
export function Place({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const save = useMutation({
        mutationFn: (part: Partial<PutAccount>) => api.PUT('/api/me', { body: { name: coach.name, units: coach.units, ...part } }),
        onSuccess: () => queries.invalidateQueries(),
    });
    return (
        <section aria-label={t('Where you are')} className="space-y-3">
            <h2 className="text-xl">{t('Where you are')}</h2>
            <div className="grid gap-3 sm:grid-cols-2">
                <SelectField
                    label={t('Time zone')}
                    className="w-full"
                    options={[
                        { value: '', label: t('as this device') },
                        ...zonesWith(coach.timezone).map((one) => ({ value: one, label: one.replaceAll('_', ' ') })),
                    ]}
                    value={coach.timezone ?? ''}
                    onValue={(zone) => {
                        save.mutate({ timezone: zone === '' ? null : zone });
                    }}
                />
                <SelectField
                    label={t('The week begins on')}
                    className="w-full"
                    options={weekdays().map(({ day, name }) => ({ value: String(day), label: name }))}
                    value={String(coach.week_starts)}
                    onValue={(day) => {
                        save.mutate({ week_starts: Number(day) });
                    }}
                />
            </div>
            <Check
                className="font-semibold"
                checked={coach.keeps_stills}
                onCheck={(keeps) => {
                    save.mutate({ keeps_stills: keeps });
                }}
            >
                {t('Keep a marked picture with a lesson where I ask for it')}
            </Check>
            <Problem text={told(save.error)} />
        </section>
    );
}

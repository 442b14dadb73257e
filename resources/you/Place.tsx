import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../api/client';
import type { Coach, PutAccount } from '../api/types.gen';
import { Problem } from '../ui/Problem';
import { weekdays } from '../ui/reader';
import { told } from './told';

const box = 'mt-1 block min-h-12 w-full border-[1.5px] border-ink bg-press px-3 font-normal';

/** Where and how the coach works: time zone, first day of the week, whether pictures are kept at all. */
export function Place({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const save = useMutation({
        mutationFn: (part: Partial<PutAccount>) => call<Coach>('PUT', 'me', { name: coach.name, units: coach.units, ...part }),
        onSuccess: () => queries.invalidateQueries(),
    });
    return (
        <section aria-label={t('Where you are')} className="space-y-3">
            <h2 className="text-xl">{t('Where you are')}</h2>
            <div className="grid gap-3 sm:grid-cols-2">
                <label className="block font-semibold">
                    {t('Time zone')}
                    <select
                        className={box}
                        value={coach.timezone ?? ''}
                        onChange={(event) => {
                            save.mutate({ timezone: event.target.value === '' ? null : event.target.value });
                        }}
                    >
                        <option value="">{t('as this device')}</option>
                        {Intl.supportedValuesOf('timeZone').map((one) => (
                            <option key={one} value={one}>
                                {one.replaceAll('_', ' ')}
                            </option>
                        ))}
                    </select>
                </label>
                <label className="block font-semibold">
                    {t('The week begins on')}
                    <select
                        className={box}
                        value={coach.week_starts}
                        onChange={(event) => {
                            save.mutate({ week_starts: Number(event.target.value) });
                        }}
                    >
                        {weekdays().map(({ day, name }) => (
                            <option key={day} value={day}>
                                {name}
                            </option>
                        ))}
                    </select>
                </label>
            </div>
            <label className="flex min-h-12 items-center gap-3 font-semibold">
                <input
                    type="checkbox"
                    className="size-6"
                    checked={coach.keeps_stills}
                    onChange={(event) => {
                        save.mutate({ keeps_stills: event.target.checked });
                    }}
                />
                {t('Keep a marked picture with a lesson where I ask for it')}
            </label>
            <Problem text={told(save.error)} />
        </section>
    );
}

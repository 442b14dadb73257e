import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { useCatalogue } from '../ask/queries';
import type { Coach } from '../api/types.gen';
import { Button } from '../ui/Button';
import { Problem } from '../ui/Problem';
import { told } from '../api/told';

/** What is at hand where lessons are given: drills that need something else are not proposed. */
export function Equipment({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const { data: catalogue } = useCatalogue();
    const save = useMutation({
        mutationFn: (equipment: string[]) => api.PUT('/api/me', { body: { name: coach.name, units: coach.units, equipment } }),
        onSuccess: () => queries.invalidateQueries(),
    });
    if (catalogue === undefined) return null;
    const all = catalogue.equipment.map((one) => one.id);
    const have = coach.equipment ?? all;
    return (
        <section aria-label={t('At hand')}>
            <h2 className="mb-1 text-xl">{t('At hand')}</h2>
            <p className="mb-2 text-soft">{t('Drills that need something else are not proposed.')}</p>
            <div className="flex flex-wrap gap-1.5">
                {catalogue.equipment.map((one) => (
                    <Button
                        key={one.id}
                        className="text-left text-sm leading-tight"
                        chosen={have.includes(one.id)}
                        disabled={save.isPending}
                        onClick={() => {
                            save.mutate(have.includes(one.id) ? have.filter((other) => other !== one.id) : [...have, one.id]);
                        }}
                    >
                        {one.name}
                    </Button>
                ))}
            </div>
            <Problem text={told(save.error)} className="mt-2" />
        </section>
    );
}

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router-dom';
import { api } from '../api/client';
import { told } from '../api/told';
import { ask } from '../ask/queries';
import type { Coach } from '../api/types.gen';
import { Check } from '../ui/Check';
import { Problem } from '../ui/Problem';

/** The coach's own answer before the reading is shown, and how the two went together so far. */
export function AskedFirst({ coach }: { coach: Coach }) {
    const { t } = useTranslation();
    const queries = useQueryClient();
    const agreement = useQuery(ask.askedFirst());
    const save = useMutation({
        mutationFn: (asks: boolean) => api.PUT('/api/me', { body: { name: coach.name, units: coach.units, asks_first: asks } }),
        onSuccess: () => queries.invalidateQueries(),
    });
    return (
        <section aria-label={t('Your own answer first')} className="mt-8">
            <h2 className="mb-1 text-xl">{t('Your own answer first')}</h2>
            <Check
                className="font-semibold"
                checked={coach.asks_first === true}
                onCheck={(asks) => {
                    save.mutate(asks);
                }}
            >
                {t('Ask me what I think before a reading is shown')}
            </Check>
            {agreement.data?.sentences.map((one) => (
                <p key={one}>{one}</p>
            ))}
            <p>
                <Link to="/blind-cases" className="font-semibold underline underline-offset-4">
                    {t('Test the readings with twelve cases')}
                </Link>
            </p>
            <Problem text={told(save.error)} />
        </section>
    );
}

import { said } from '../language';
import { useTranslation } from 'react-i18next';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { changed } from '../ask/queries';
import { Button } from '../ui/Button';
import { useSample } from './useSample';
import { Problem } from '../ui/Problem';

const STEPS = [
    [said('Add a student'), said('A name and the hand he plays with are enough.')],
    [said('Log ten balls'), said('Tap where the club met the ground, then the strike. The reading says why and what to work on first.')],
    [said('Hand out and retest'), said('One change, one feel, one drill. On another day the same ten balls say whether it held.')],
] as const;

/** What to do where there is nobody yet. */
export function FirstSteps({ onAdd }: { onAdd: () => void }) {
    const { t } = useTranslation();
    const sample = useSample();
    const queries = useQueryClient();
    const world = useMutation({
        mutationFn: () => api.PUT('/api/me/sample'),
        onSuccess: () => queries.invalidateQueries(changed.students),
    });
    return (
        <section aria-label={t('First steps')} className="max-w-2xl">
            <ol>
                {STEPS.map(([title, text], i) => (
                    <li key={title} className="flex gap-5 border-b border-line py-4">
                        <span className="display text-4xl" aria-hidden>
                            {i + 1}
                        </span>
                        <span>
                            <strong className="block text-xl">{t(title)}</strong>
                            {t(text)}
                        </span>
                    </li>
                ))}
            </ol>
            <p className="mt-5 flex flex-wrap gap-3">
                <Button main className="px-6" onClick={onAdd}>
                    {t('Add the first student')}
                </Button>
                <Button
                    className="px-6"
                    disabled={world.isPending}
                    onClick={() => {
                        world.mutate();
                    }}
                >
                    {world.isPending ? t('Filling in…') : t('Look round in a sample with made-up students')}
                </Button>
                <Button
                    className="px-6"
                    disabled={sample.isPending}
                    onClick={() => {
                        sample.mutate();
                    }}
                >
                    {t('Try a sample lesson')}
                </Button>
            </p>
            <Problem text={(sample.error ?? world.error)?.message} className="mt-2" />
        </section>
    );
}

import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { ask } from '../ask/queries';
import { Button } from '../ui/Button';
import type { Target } from './marks';

interface Props {
    onFilm: (film: File, target: Target) => void;
    onProblem: (words: string) => void;
}

/** Films that ship with the app, in place of a camera: to try it, or to learn it. */
export function MadeUp({ onFilm, onProblem }: Props) {
    const { t } = useTranslation();
    const swings = useQuery(ask.madeUpSwings());
    if (swings.data === undefined) return null;
    return (
        <section aria-label={t('Try with a made-up swing')} className="mt-8">
            <h2 className="mb-2 text-xl">{t('Try with a made-up swing')}</h2>
            <div className="flex flex-wrap gap-2">
                {swings.data.map((one) => (
                    <Button
                        key={one.id}
                        onClick={() => {
                            fetch(one.film)
                                .then(async (answer) => {
                                    onFilm(
                                        new File([await answer.blob()], one.film.split('/').at(-1) ?? '', { type: 'video/webm' }),
                                        one.target,
                                    );
                                })
                                .catch(() => {
                                    onProblem(t('The film cannot be fetched without a connection.'));
                                });
                        }}
                    >
                        {one.name}
                    </Button>
                ))}
            </div>
        </section>
    );
}

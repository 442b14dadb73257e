import { word } from '../language/trade';
import { useTranslation } from 'react-i18next';
import { shotOf } from '../api/catalogue';
import type { Catalogue, Progress } from '../api/types.gen';
import { Button } from '../ui/Button';

interface Props {
    kinds: Progress['kinds'];
    shot: string | null;
    lie: string | null;
    catalogue: Catalogue;
    onChoose: (over: { shot: string | null; lie: string | null }) => void;
}

/** Shot and lie to look at: like with like. Only what there is can be chosen. */
export function Kinds({ kinds, shot, lie, catalogue, onChoose }: Props) {
    const { t } = useTranslation();
    if (kinds.length < 2) return null;
    const shots = [...new Set(kinds.map((one) => one.shot))];
    const lies = kinds.filter((one) => one.shot === (shot ?? shots[0]) && (shot !== null || shots.length === 1));
    return (
        <div className="flex flex-wrap items-center gap-2">
            {shots.length > 1 && (
                <div role="group" aria-label={t('Shot')} className="flex">
                    <Button
                        chosen={shot === null}
                        onClick={() => {
                            onChoose({ shot: null, lie: null });
                        }}
                    >
                        {t('all shots')}
                    </Button>
                    {shots.map((one) => (
                        <Button
                            key={one}
                            className="-ml-[1.5px]"
                            chosen={shot === one}
                            onClick={() => {
                                onChoose({ shot: one, lie: null });
                            }}
                        >
                            {word(one)}
                        </Button>
                    ))}
                </div>
            )}
            {lies.length > 1 && (
                <div role="group" aria-label={t('Lie')} className="flex flex-wrap">
                    <Button
                        chosen={lie === null}
                        onClick={() => {
                            onChoose({ shot, lie: null });
                        }}
                    >
                        {t('all lies')}
                    </Button>
                    {lies.map((one) => (
                        <Button
                            key={one.lie}
                            className="-ml-[1.5px]"
                            chosen={lie === one.lie}
                            onClick={() => {
                                onChoose({ shot: one.shot, lie: one.lie });
                            }}
                        >
                            {shotOf(catalogue, one.shot)?.lies.find((known) => known.id === one.lie)?.label ?? one.lie}
                        </Button>
                    ))}
                </div>
            )}
        </div>
    );
}

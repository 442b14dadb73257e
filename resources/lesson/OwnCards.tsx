import { useTranslation } from 'react-i18next';
import type { OwnCard } from '../api/types.gen';
import { Button } from '../ui/Button';

interface Props {
    cards: OwnCard[];
    onTake: (card: OwnCard) => void;
    onForget: (card: OwnCard) => void;
}

/** The coach's own cards for a shot, to take or to forget. */
export function OwnCards({ cards, onTake, onForget }: Props) {
    const { t } = useTranslation();
    if (cards.length === 0) return null;
    return (
        <section aria-label={t('Your cards')} className="mb-4">
            <h3 className="text-lg">{t('Your cards for this shot')}</h3>
            <div className="mt-1 flex flex-wrap gap-1.5">
                {cards.map((card) => (
                    <span key={card.id} className="flex">
                        <Button
                            onClick={() => {
                                onTake(card);
                            }}
                        >
                            {card.name}
                        </Button>
                        <Button
                            aria-label={t('Forget the card {{name}}', { name: card.name })}
                            className="border-l-0"
                            onClick={() => {
                                onForget(card);
                            }}
                        >
                            ×
                        </Button>
                    </span>
                ))}
            </div>
        </section>
    );
}

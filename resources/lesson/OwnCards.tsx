import type { OwnCard } from '../api/types.gen';
import { Button } from '../ui/Button';

interface Props {
    cards: OwnCard[];
    onTake: (card: OwnCard) => void;
    onForget: (card: OwnCard) => void;
}

/** The coach's own cards for a shot, to take or to forget. */
export function OwnCards({ cards, onTake, onForget }: Props) {
    if (cards.length === 0) return null;
    return (
        <section aria-label="Your cards" className="mb-4">
            <h3 className="text-lg">Your cards for this shot</h3>
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
                            aria-label={`Forget the card ${card.name}`}
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

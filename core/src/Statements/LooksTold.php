<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\WeighedCause;
use LowPoint\Core\Reading\WeighedClue;
use LowPoint\Core\Wording\Words;

/** Every look that was entered, and what became of it: it speaks for something, against something, is left for later, or fits. */
final readonly class LooksTold
{
    public function __construct(
        private Reading $reading,
        private Words $words,
    ) {}

    /**
     * The reading as it is answered, with what became of each look beside it: for screens, which tell no more than the statement does.
     *
     * @return array<string, mixed> a ReadingShape
     */
    public static function beside(Reading $reading, Words $words = new Words): array
    {
        return $reading->toArray() + [
            'looks' => array_map(
                static fn(Statement $one): array => [
                    'observable' => $one->observables[0]->value ?? '',
                    'text' => $one->text,
                    'cause' => $one->cause,
                ],
                (new self($reading, $words))->all(),
            ),
        ];
    }

    /** @return list<Statement> */
    public function all(): array
    {
        $figures = new KnownFigures($this->reading, $this->words);
        $seen = $this->reading->context->case->seen;
        $told = [];
        foreach (Observable::cases() as $what) {
            $value = $seen->told($what);
            if ($value === null) {
                continue;
            }
            $days = $seen->standing()[$what->value] ?? null;
            $cause = null;
            $says = $this->says($what, $cause);
            $text = Words::sentence(
                $this->words->observed($what, $value).($days === null ? '' : ', '.self::ago($days)).": {$says}",
            );
            $range = $this->reading->card->range($what);
            $card = $range === null ? [] : [
                Figure::said("card.{$what->value}.from", $this->words->value($what, abs($range->from)), $range->from),
                Figure::said("card.{$what->value}.to", $this->words->value($what, abs($range->to)), $range->to),
            ];
            $id = "look.{$what->value}";
            $day = $days === null ? [] : [new Figure("{$id}.days_ago", $days, 'days')];
            $told[] = new Statement(
                $id,
                Kind::Seen,
                $text,
                Numbers::told($id, $text, [...$figures->looks([$what]), ...$card, ...$day]),
                observables: [$what],
                earlier: $days === null ? [] : [$days],
                cause: $cause,
            );
        }

        return $told;
    }

    /** @param string|null $cause  set to the one that it speaks for */
    private function says(Observable $what, ?string &$cause): string
    {
        $first = $this->reading->workOnFirst;
        $order = $first === null ? $this->reading->causes : [$first, ...$this->reading->causes];
        foreach ($order as $weighed) {
            if ($this->isIn($what, $weighed->for)) {
                $cause = $weighed->cause->id;

                return 'speaks for '.self::named($weighed).$this->leftAlone($what);
            }
        }
        if ($this->isOffTheCard($what) && $this->leftAlone($what) !== '') {
            return ltrim($this->leftAlone($what), '; ');
        }
        foreach ($order as $weighed) {
            if ($this->isIn($what, $weighed->against)) {
                return 'speaks against '.self::named($weighed);
            }
        }

        return 'fits, and is left as it is';
    }

    /** What is off the card and not changed today is put off, for one thing is changed at a time. */
    private function leftAlone(Observable $what): string
    {
        $range = $this->reading->card->range($what);
        if ($this->reading->workOnFirst === null || $range === null || ! $this->isOffTheCard($what)) {
            return '';
        }
        foreach ($this->reading->prescription->setup as $change) {
            if ($change->what === $what) {
                return '';
            }
        }

        return "; the card has {$this->words->setTo($what, $range->from, $range->to)}, left for later";
    }

    private function isOffTheCard(Observable $what): bool
    {
        $value = $this->reading->context->case->seen->number($what);

        return $value !== null && $this->reading->card->range($what)?->contains($value) === false;
    }

    /** @param list<WeighedClue> $clues */
    private function isIn(Observable $what, array $clues): bool
    {
        return array_filter($clues, static fn(WeighedClue $one): bool => \in_array($what, $one->looks, true)) !== [];
    }

    private static function named(WeighedCause $weighed): string
    {
        return lcfirst($weighed->cause->shortName());
    }

    private static function ago(int $days): string
    {
        return match ($days) {
            0 => 'seen earlier today',
            1 => 'seen a day ago',
            default => "seen {$days} days ago",
        };
    }
}

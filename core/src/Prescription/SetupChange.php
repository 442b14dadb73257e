<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/** The one thing to change in the set-up, in the unit of its observable; without one, in words only. */
final readonly class SetupChange
{
    private function __construct(
        public ?Observable $what,
        public ?float $from,
        public ?float $to,
        public string $text,
    ) {}

    /** As the school's card has it; $words says the rest. */
    public static function toCard(?Observable $what, string $text, LessonCase $case, SetupCard $card, Words $words): self
    {
        $stock = $what === null ? null : $card->range($what);
        if ($what === null || $stock === null) {
            return new self(null, null, null, $text);
        }
        $from = $case->seen->number($what);

        return new self($what, $from, $stock->middle(), "{$what->field()->label} {$words->value($what, $stock->from)} to {$words->value($what, $stock->to)}".self::now($what, $from, $words).' '.$text);
    }

    /**
     * As the coach chose it.
     *
     * @throws InvalidInput for a figure that is not one of the set-up, or a value out of its range
     */
    public static function chosen(string $id, float $to, LessonCase $case, Words $words): self
    {
        $what = Observable::tryFrom($id);
        $fault = $what === null || $what->field()->kind !== 'number' ? new Fault('change.observable', $id, 'a set-up figure') : $what->field()->fault('change.to', $to);
        if ($what === null || $fault !== null) {
            throw new InvalidInput([$fault ?? new Fault('change.observable', $id, 'a set-up figure')]);
        }
        $from = $case->seen->number($what);

        return new self($what, $from, $to, "{$what->field()->label} {$words->value($what, $to)}".self::now($what, $from, $words));
    }

    /** @return array{observable: string|null, from: float|null, to: float|null, text: string} */
    public function toArray(): array
    {
        return ['observable' => $this->what?->value, 'from' => $this->from, 'to' => $this->to, 'text' => $this->text];
    }

    private static function now(Observable $what, ?float $from, Words $words): string
    {
        return $from === null ? '.' : ", now {$words->value($what, $from)}.";
    }
}

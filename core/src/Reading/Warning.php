<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/**
 * What to be wary of; where it is for the student too, in words for him.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type WarningShape array{id: value-of<WarningId>, text: ToldShape}
 */
final readonly class Warning
{
    public string $text;

    /**
     * @param  string  $seen  what it is, as sentences
     * @param  list<string>  $asserts  ids of the causes that it says are at work
     * @param  list<WarningStep>  $steps
     * @param  list<string>  $terms  what the balls tell in it, as in BallsInWords
     * @param  array<string, string>  $amounts  what else it tells, by name, as it is said
     */
    public function __construct(
        public WarningId $id,
        private string $seen,
        public ?string $forStudent = null,
        public array $asserts = [],
        public array $steps = [],
        public array $terms = [],
        public array $amounts = [],
    ) {
        $this->text = implode(' ', [$seen, ...array_map(static fn(WarningStep $one): string => $one->text, $steps)]);
    }

    /**
     * No direction without its figure, and none against what is worked on (handbook 16.5).
     *
     * @param  list<SetupChange>|null  $setup  of what is worked on; null = nothing is
     */
    public function beside(?array $setup, LessonCase $case, SetupCard $card, Words $words): self
    {
        $steps = array_map(
            static fn(WarningStep $one): ?WarningStep => $setup === null ? $one->alone($case, $card, $words) : $one->beside($setup, $words),
            $this->steps,
        );

        return new self(
            $this->id,
            $this->seen,
            $this->forStudent,
            $this->asserts,
            array_values(array_filter($steps)),
            $this->terms,
            $this->amounts,
        );
    }

    /**
     * It says nothing of causes that something seen speaks against.
     *
     * @param  list<WeighedCause>  $weighed
     */
    public function heldAgainst(array $weighed): self
    {
        $stand = array_filter($weighed, static fn(WeighedCause $one): bool => ! $one->isSeenOtherwise());
        $ids = array_map(static fn(WeighedCause $one): string => $one->cause->id, $stand);

        return new self(
            $this->id,
            $this->seen,
            $this->forStudent,
            array_values(array_intersect($this->asserts, $ids)),
            $this->steps,
            $this->terms,
            $this->amounts,
        );
    }

    /** @return WarningShape */
    public function toArray(): array
    {
        return ['id' => $this->id->value, 'text' => $this->text];
    }
}

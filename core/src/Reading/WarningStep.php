<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/** What a warning says of one figure of the set-up: which way to go with it, or which way would make it worse. */
final readonly class WarningStep
{
    private function __construct(
        public Observable $what,
        /** Null: neither way. */
        public ?bool $more,
        public string $text,
        /** Else it is warned of. */
        public bool $advised,
        /** With its figure. */
        public ?SetupChange $change = null,
    ) {}

    public static function more(Observable $what, string $text): self
    {
        return new self($what, true, $text, true);
    }

    public static function less(Observable $what, string $text): self
    {
        return new self($what, false, $text, true);
    }

    public static function notMore(Observable $what, string $text): self
    {
        return new self($what, true, $text, false);
    }

    public static function notLess(Observable $what, string $text): self
    {
        return new self($what, false, $text, false);
    }

    public static function still(Observable $what, string $text): self
    {
        return new self($what, null, $text, false);
    }

    /**
     * The step as it may stand beside what is worked on: with its figure, which is on that card, and nothing there goes the other way.
     *
     * @param  list<SetupChange>  $setup  of what is worked on
     */
    public function beside(array $setup, Words $words): ?self
    {
        $ways = [];
        $asked = null;
        foreach ($setup as $change) {
            if ($change->what === $this->what) {
                $ways[] = $change->goesMore() ?? $this->more;
                $asked = $change;
            }
        }
        $goesSo = $this->more === null ? $ways !== [] : \in_array($this->more, $ways, true);

        if ($goesSo !== $this->advised) {
            return null;
        }
        $figure = $asked?->asked($words);

        return ! $this->advised || $figure === null
            ? $this
            : new self($this->what, $this->more, rtrim($this->text, '.').": {$figure}.", true, $asked);
    }

    /** The step where nothing is worked on yet: with its figure. Null where the student's is as the school has it. */
    public function alone(LessonCase $case, SetupCard $card, Words $words): ?self
    {
        if (! $this->advised) {
            return $this;
        }
        $correction = $this->more === true ? Correction::more($this->what) : Correction::less($this->what);
        $change = SetupChange::of($correction, $case, $card, $words) ?? SetupChange::toLookAt($correction, $case, $card, $words);

        return $change === null ? null : new self($this->what, $this->more, $change->text, true, $change);
    }
}

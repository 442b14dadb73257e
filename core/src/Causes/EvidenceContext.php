<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Schools\Stock;
use LowPoint\Core\Strike\Calibration;

/** What a clue looks at: the case, its balls in figures, how sound players of the school followed look, and the strike model. */
final readonly class EvidenceContext
{
    public function __construct(
        public LessonCase $case,
        public Pattern $pattern,
        public Stock $stock,
        public Calibration $calibration,
    ) {}

    public static function of(LessonCase $case, Calibration $calibration): self
    {
        return new self(
            $case,
            Pattern::of($case, $calibration),
            Stock::of(School::followedIn($case->task), $case->task),
            $calibration,
        );
    }

    /** The same with one more look taken; the balls stay as they are. */
    public function with(Observable $what, float|string $value): self
    {
        return $this->seeing($this->case->seen->with($what, $value));
    }

    /** The same with other looks. */
    public function seeing(Observations $seen): self
    {
        return new self($this->case->withSeen($seen), $this->pattern, $this->stock, $this->calibration);
    }
}

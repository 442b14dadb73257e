<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** One look that tells students with a fault from sound players. What the balls tell is in the cause's mechanism. */
interface Clue
{
    /** @return list<Observable> the looks it needs; empty when the task alone tells */
    public function needs(): array;

    /**
     * Log of how much more often this is seen in students with the fault than in sound players of the school followed;
     * null when what it needs was not looked at.
     */
    public function weight(EvidenceContext $context): ?float;

    /**
     * Whether what was seen is what the cause is known by: a figure past the beginning of its ramp, a word that counts for it. Never of
     * what the task alone tells.
     */
    public function speaksFor(EvidenceContext $context): bool;

    /** What was seen, as the middle of a sentence. Only called when weight() is not null. */
    public function text(EvidenceContext $context, Words $words): string;

    /** What it looks at, whatever was seen. */
    public function title(): string;

    /** How it is weighed, for whoever asks why. */
    public function how(Words $words): string;
}

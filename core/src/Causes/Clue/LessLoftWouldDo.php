<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\ShotChoice\LessLoft;
use LowPoint\Core\Wording\Words;

/** A club of much less loft would leave the ball nearer on average: a harder shot was chosen than needed. */
final readonly class LessLoftWouldDo implements Clue
{
    /** From this share of the leave saved on it speaks in full; where nothing is saved it speaks against. Origin: chosen by us. */
    private const IN_FULL = 0.2;

    /** Share of shots that a running club would leave nearer all the same. Origin: chosen by us. */
    private const USUAL_SHARE = 0.15;

    public function __construct(private Strength $strength) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $less = LessLoft::insteadOf($context->case->task, $context->calibration);
        if ($less === null) {
            return null;
        }
        $for = log($this->strength->share() / self::USUAL_SHARE);
        $against = log((1 - $this->strength->share()) / (1 - self::USUAL_SHARE));

        return $against + ($for - $against) * max(0.0, min(1.0, $less->saves() / self::IN_FULL));
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        return false;
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $less = LessLoft::insteadOf($context->case->task, $context->calibration);

        return 'a usual player leaves '.
            $words->course($less->runningLeavesM ?? 0.0).
            ' to the hole from here with a running club, and with this one '.
            $words->course($less->takenLeavesM ?? 0.0);
    }

    public function title(): string
    {
        return 'Green to roll on';
    }

    public function how(Words $words): string
    {
        return 'counts when the planner has a running club leave the ball clearly nearer';
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** Look-alikes that one more question decides (handbook 4.3, 8 to 10). Not warnings: the strikes are as they should be. */
final readonly class DifferentialHints
{
    private const HOT_SHARE = 0.3;

    /** Fewer good strikes with a carry say nothing about distance. Origin: chosen by us. */
    private const ENOUGH_BALLS = 3;

    public function __construct(private Words $words) {}

    /** @return list<string> */
    public function in(EvidenceContext $context): array
    {
        $found = [];
        $error = $context->pattern->middleCarryError($context->case);
        $enough = $context->pattern->carryError($context->case)->n >= self::ENOUGH_BALLS;
        if ($error !== null && $enough && abs($error) > DistanceCure::OFF) {
            $found[] =
                Words::sentence($this->words->carryOff($error)).' '
                .DistanceCure::of($context->case->seen->choice(Observable::SpeedChange), $error > 0);
        }
        $runs = $context->pattern->tally(BallTrait::Runs);
        if (
            \in_array($context->case->task->lie, [Lie::BallDown, Lie::LightRough], true)
            && $runs->count >= 2
            && $runs->share() >= self::HOT_SHARE
        ) {
            $found[] =
                Words::sentence($this->words->tally($runs).' ran on out of the rough').
                ' Grass between face and ball takes the spin: a steeper set-up, not more wrist.';
        }

        return $found;
    }
}

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
    /** A carry is long or short from this share on. Origin: handbook 4.2. */
    private const OFF = 0.08;

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
        if ($error !== null && $enough && abs($error) > self::OFF) {
            $found[] =
                Words::sentence($this->words->carryOff($error)).' '.($error > 0 ? $this->long($context) : $this->short($context));
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

    private function long(EvidenceContext $context): string
    {
        return match ($context->case->seen->choice(Observable::SpeedChange)) {
            'forced' => 'The hit is forced: take the hit out, then lengthen the backswing.',
            null => 'Was it forced? Then take the hit out and lengthen the backswing; if not, shorten it.',
            default => 'It was not forced: shorten the backswing.',
        };
    }

    private function short(EvidenceContext $context): string
    {
        return match ($context->case->seen->choice(Observable::SpeedChange)) {
            'quitting' => 'The club slows before the ball: a shorter backswing that keeps its speed.',
            null => 'Does the club slow before the ball? Then shorten the backswing; if the speed is free, lengthen it.',
            default => 'The speed is not lost at the ball: lengthen the backswing.',
        };
    }
}

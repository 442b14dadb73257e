<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Distance\RollTable;
use LowPoint\Core\Wording\Words;

/** There is so much green to roll on that a club of much less loft would do: a harder shot was chosen than needed. */
final readonly class LessLoftWouldDo implements Clue
{
    /** The running club that is tried, degrees of loft, and the loft from which a club counts as lofted. Origin: chosen by us. */
    private const RUNNING_LOFT_DEG = 42.0;

    private const LOFTED_DEG = 52.0;

    /** Share of shots that leave room for a running club all the same. Origin: chosen by us. */
    private const USUAL_SHARE = 0.15;

    public function __construct(private Strength $strength) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $room = self::room($context);

        return $room === null
            ? null
            : log($room >= 1.0 ? $this->strength->share() / self::USUAL_SHARE : (1 - $this->strength->share()) / (1 - self::USUAL_SHARE));
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $task = $context->case->task;

        return 'carry '.
            $words->course($task->carryM ?? 0.0).
            ' and roll '.
            $words->course($task->rollM ?? 0.0).
            ((self::room($context) ?? 0.0) >= 1.0 ? ' leave room for a running club' : ' leave no room for a running club');
    }

    public function title(): string
    {
        return 'Green to roll on';
    }

    public function how(Words $words): string
    {
        return 'counts when the green to roll on is as long as a '.$words->degrees(self::RUNNING_LOFT_DEG).' club needs';
    }

    /** Roll there is, as a multiple of the roll the running club needs; null when the task does not say. */
    private static function room(EvidenceContext $context): ?float
    {
        $task = $context->case->task;
        if ($task->carryM === null || $task->rollM === null || $task->carryM <= 0.0 || $task->club->loftDeg < self::LOFTED_DEG) {
            return null;
        }

        return $task->rollM / ($task->carryM * RollTable::rollPerCarry(self::RUNNING_LOFT_DEG));
    }
}

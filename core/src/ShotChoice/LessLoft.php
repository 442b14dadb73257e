<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\StrikeModel;

/**
 * What a running club would leave in place of the one that was taken: the planner asked for both, over the strikes of a usual player,
 * so that it tells of the shot and not of the fault that is looked for. Mean leaves, m.
 */
final readonly class LessLoft
{
    /** The running club, degrees of loft and bounce. Origin: handbook 12.1. */
    private const RUNNING = [44.0, 6.0];

    /** Less loft than this is none to speak of. Origin: chosen by us. */
    private const LOFTED_FROM_DEG = 52.0;

    /** A ball is landed so far on the green, m. Origin: handbook 6.1. */
    private const LANDS_ON_M = 1.0;

    private function __construct(
        public float $takenLeavesM,
        public float $runningLeavesM,
    ) {}

    /** Null where the task does not tell the ground, is of sand, or was taken with a club of little loft. */
    public static function insteadOf(Task $task, Calibration $calibration): ?self
    {
        if ($task->inSand() || ($task->carryM ?? 0.0) <= 0.0 || $task->rollM === null || $task->club->loftDeg < self::LOFTED_FROM_DEG) {
            return null;
        }
        $key = "{$task->lie->value} {$task->carryM} {$task->rollM} {$task->slopeDeg} {$task->club->loftDeg} {$task->club->bounceDeg}";
        /** @var \WeakMap<Calibration, array<string, self|null>>|null $known of this process: a task is asked about again and again */
        static $known = null;
        $known ??= new \WeakMap;
        /** @var array<string, self|null> $here */
        $here = $known[$calibration] ?? [];
        if (! \array_key_exists($key, $here)) {
            $here[$key] = self::planned($task, $task->carryM ?? 0.0, $task->rollM, $calibration);
            $known[$calibration] = $here;
        }

        return $here[$key];
    }

    /** Share of what is left to the hole that the running club would save; below 0 it would leave more. */
    public function saves(): float
    {
        return 1.0 - $this->runningLeavesM / $this->takenLeavesM;
    }

    private static function planned(Task $task, float $carryM, float $rollM, Calibration $calibration): ?self
    {
        $edge = max(0.0, min(Ground::EDGE_M[1], $carryM - self::LANDS_ON_M));
        $hole = max(Ground::HOLE_M[0], min(Ground::HOLE_M[1], $carryM + $rollM - $edge));
        $plan = (new Planner(new StrikeModel($calibration)))->plan(
            new Ground($task->lie, $task->slopeDeg, $edge, $hole, Ground::USUAL_BEHIND_M),
            [new Club(...self::RUNNING), new Club($task->club->loftDeg, $task->club->bounceDeg)],
            Scatter::usual($task->lie),
        );
        $leaves = static fn(float $loftDeg): float => array_reduce(
            $plan->options,
            static fn(float $least, PlannedShot $one): float => $one->club?->loftDeg === $loftDeg
                ? min($least, $one->finish->meanLeaveM)
                : $least,
            INF,
        );
        [$taken, $running] = [$leaves($task->club->loftDeg), $leaves(self::RUNNING[0])];

        return is_finite($taken) && is_finite($running) && $taken > 0.0 ? new self($taken, $running) : null;
    }
}

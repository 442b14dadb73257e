<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Fit;
use LowPoint\Core\Strike\Impact;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/**
 * The strike tables of the deliveries asked for lately, and where sound players touch. Readings of one lesson ask for the
 * same ones ball after ball; kept or worked out anew, a table says the same.
 */
final class StrikeTables
{
    private const KEPT = 120;

    /** Depths averaged over for the window of a sound player: where he touches needs no fine grid. */
    private const ROUGH_DEPTHS = 5;

    /** Where in the window of good touches sound players touch, as a share of it from behind, on turf and in sand. Origin: chosen by us. */
    private const NORMAL_TOUCH = [0.35, 0.5];

    /** Where there is no window at all, mm. Origin: handbook 4.4. */
    private const TOUCH_WITHOUT_WINDOW_MM = [0.0, -40.0];

    /** @var array<string, StrikeTable> */
    private array $tables = [];

    /** @var array<string, float> */
    private array $touches = [];

    private readonly StrikeModel $rough;

    public function __construct(private readonly StrikeModel $model)
    {
        $this->rough = new StrikeModel($model->calibration, self::ROUGH_DEPTHS);
    }

    public function of(Task $task, float $leanDeg, float $openDeg, float $pathDeg, float $radiusMm): StrikeTable
    {
        $key = self::key($task)." {$leanDeg} {$openDeg} {$pathDeg} {$radiusMm}";
        if (isset($this->tables[$key])) {
            return $this->tables[$key];
        }
        if (\count($this->tables) >= self::KEPT) {
            array_shift($this->tables);
        }

        return $this->tables[$key] = new StrikeTable(
            new Impact(DeliveredClub::of($task->club, $leanDeg, $openDeg, $pathDeg), $task->lie, new Fit, $this->model->calibration),
            $radiusMm,
        );
    }

    /** First touch of a sound player of a school, mm: in the window of good first touches. */
    public function normalTouchMm(School $school, Task $task, float $radiusMm): float
    {
        $key = self::key($task)." {$school->value} {$task->shot->value} {$task->flightWanted->value} {$radiusMm}";
        if (\count($this->touches) >= self::KEPT) {
            array_shift($this->touches);
        }

        return $this->touches[$key] ??= $this->touch(SetupCard::of($school, $task), $task, $radiusMm);
    }

    private static function key(Task $task): string
    {
        return "{$task->club->loftDeg} {$task->club->bounceDeg} {$task->club->lieDeg} {$task->lie->value}";
    }

    private function touch(SetupCard $card, Task $task, float $radiusMm): float
    {
        $window = $this->rough->touchWindow(new Swing(
            $task->club,
            $task->lie,
            $radiusMm,
            new Normal(0.0, 1.0),
            $this->model->calibration->typicalDepth($task->lie),
            $card->leanDeg(),
            $card->openDeg(),
        ));
        $sand = (int) $task->inSand();

        return $window === null ? self::TOUCH_WITHOUT_WINDOW_MM[$sand] : $window->fromMm + self::NORMAL_TOUCH[$sand] * $window->widthMm();
    }
}

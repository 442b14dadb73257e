<?php

declare(strict_types=1);

namespace LowPoint\Core\Simulation;

use LowPoint\Core\Evidence\Task;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\Launched;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/**
 * The stand-in of a measuring device: balls of a made-up student, struck by the strike model, launched as they were struck, told as a
 * device tells them. Nothing of it knows the app; it sends through the same address as any device.
 */
final readonly class Monitor
{
    /** Mean and scatter of the first touch, mm; lean and attack, degrees; scatter of the carry, per cent. Chosen by us. */
    private const STUDENTS = [
        'steady' => [-4.0, 9.0, 2.0, -3.0, 5.0],
        'scooper' => [-32.0, 20.0, -5.0, 1.0, 9.0],
        'steep' => [12.0, 18.0, 9.0, -8.0, 8.0],
        'wild' => [-8.0, 30.0, 3.0, -4.0, 16.0],
    ];

    private const USUAL_CARRY_M = 20.0;

    public function __construct(private StrikeModel $model) {}

    /** @return list<string> */
    public static function students(): array
    {
        return array_keys(self::STUDENTS);
    }

    /**
     * One ball as it is sent, but for its id and its moment.
     *
     * @return array<string, float>
     *
     * @throws InvalidInput for a student who is not made up
     */
    public function ball(string $student, Task $task, Dice $dice): array
    {
        [$touch, $scatter, $lean, $attack, $carrySd] = self::STUDENTS[$student]
            ?? throw InvalidInput::one('student', $student, implode(', ', self::students()));
        $calibration = Calibration::standard();
        $depth = $calibration->typicalDepth($task->lie);
        $radius = $task->inSand() ? $calibration->bunkerRadiusMm : $calibration->normalRadiusMm;
        $swing = new Swing($task->club, $task->lie, $radius, new Normal(0.0, 0.0), $depth, $lean);
        $delivered = $swing->delivered();
        $slice = $this->model->impact($swing)->slice($radius, $dice->normal($depth->mean, $depth->sd));
        $lowPoint = $dice->normal($touch + ($task->inSand() ? Scatter::usual($task->lie)->touch->mean : 0.0), $scatter) + $slice->halfCutMm;

        $b = new Ballistics;
        $launch = $b->launchDeg($delivered->loftDeg, $task->slopeDeg, $task->inSand());
        $speed = $b->speedFor($task->carryM ?? self::USUAL_CARRY_M, $launch) * sqrt(max(0.1, 1 + $dice->normal(0.0, $carrySd / 100)));
        $clubSpeed = $b->clubSpeed($speed, $delivered->loftDeg);
        $outcome = $slice->outcome($lowPoint);
        if (! $outcome->isGood()) {
            $thin = $b->launchDeg($b->thinLoftDeg($delivered->loftDeg), $task->slopeDeg, $task->inSand());
            $left = Launched::of($outcome, $slice, $lowPoint, $launch, $thin, $b);
            [$speed, $launch] = [$speed * $left->speed, $left->launchDeg];
        }
        $carry = $launch > 0.0 ? $b->carryM($speed, $launch) : 0.0;

        return array_map(static fn(float $one): float => round($one, 2), [
            'carry_m' => $carry,
            'roll_m' => $launch > 0.0 ? $carry * $b->rollPerCarry($launch, $task->inSand()) : min(60.0, $b->rollOfSpeed($speed)),
            'start_deg' => $dice->normal(0.0, 1.5),
            'launch_deg' => $launch,
            'ball_speed_m_s' => $speed,
            'club_speed_m_s' => $clubSpeed,
            'attack_deg' => $dice->normal($attack, 1.0),
            'path_deg' => $dice->normal(0.0, 2.0),
            'face_deg' => $dice->normal(1.0, 1.5),
            'low_point_mm' => $lowPoint,
            'dynamic_loft_deg' => $delivered->loftDeg,
        ]);
    }
}

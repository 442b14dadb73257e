<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;

/**
 * Writes the open case format; what it writes, CaseReader reads back as an equal case.
 *
 * @phpstan-type ObservedShape array<string, float|int|string|null>
 * @phpstan-type MeasuredShape array<string, float|null>
 * @phpstan-type TaskShape array{
 *     shot: value-of<Shot>,
 *     lie: value-of<Lie>,
 *     slope_deg?: float|null,
 *     side_slope_deg?: float|null,
 *     club: array{name?: string|null, loft_deg: float, bounce_deg: float, lie_deg?: float|null},
 *     carry_m?: float|null,
 *     roll_m?: float|null,
 *     lip_height_m?: float|null,
 *     lip_distance_m?: float|null,
 *     flight_wanted?: value-of<Flight>|null,
 *     method?: value-of<School>|null,
 *     belief?: string|null,
 *     // Of the backswing, by the student's own chart.
 *     own_length?: string|null,
 * }
 * @phpstan-type BallSeenShape array{
 *     strike?: value-of<Strike>,
 *     // Null: it did not touch the ground.
 *     touch_mm?: float|null,
 *     mark?: value-of<Mark>,
 *     mark_length_mm?: float,
 *     flight?: string,
 *     start_deg?: float,
 *     carry_m?: float,
 *     roll_m?: float,
 *     finish_m?: float,
 *     roll?: string,
 *     sound?: string,
 *     sand_direction?: string,
 *     note?: string,
 * }
 * @phpstan-type CaseFileShape array{
 *     format: string,
 *     student: array{handed: value-of<Handedness>, limits: list<value-of<Limit>>},
 *     task: TaskShape,
 *     setup: ObservedShape,
 *     motion: ObservedShape,
 *     // Of figures that were measured: half of the 90 % interval, in the unit of the figure.
 *     measured?: MeasuredShape,
 *     balls: list<BallSeenShape>,
 * }
 */
final class CaseWriter
{
    /** @return array<string, mixed> */
    public static function toArray(LessonCase $case): array
    {
        return [
            'format' => CaseReader::FORMAT,
            'student' => [
                'handed' => $case->handed->value,
                'limits' => array_map(static fn(Limit $limit): string => $limit->value, $case->limits),
            ],
            'task' => self::task($case->task),
            'setup' => $case->seen->in(Group::Setup),
            'motion' => $case->seen->in(Group::Motion),
            ...($case->seen->measured() === [] ? [] : ['measured' => $case->seen->measured()]),
            'balls' => array_map(self::ball(...), $case->balls),
        ];
    }

    public static function toJson(LessonCase $case): string
    {
        $data = self::toArray($case);
        foreach (['setup', 'motion'] as $group) {
            $data[$group] = (object) $data[$group];
        }
        $data['balls'] = array_map(static fn(Ball $ball): object => (object) self::ball($ball), $case->balls);

        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    public static function task(Task $task): array
    {
        return array_filter(
            [
                'shot' => $task->shot->value,
                'lie' => $task->lie->value,
                'slope_deg' => $task->slopeDeg === 0.0 ? null : $task->slopeDeg,
                'side_slope_deg' => $task->sideSlopeDeg === 0.0 ? null : $task->sideSlopeDeg,
                'club' => array_filter(
                    [
                        'name' => $task->club->name,
                        'loft_deg' => $task->club->loftDeg,
                        'bounce_deg' => $task->club->bounceDeg,
                        'lie_deg' => $task->club->lieDeg,
                    ],
                    self::seen(...),
                ),
                'carry_m' => $task->carryM,
                'roll_m' => $task->rollM,
                'lip_height_m' => $task->lipHeightM,
                'lip_distance_m' => $task->lipDistanceM,
                'flight_wanted' => $task->flightWanted === Flight::Stock ? null : $task->flightWanted->value,
                'method' => $task->method?->value,
                'belief' => $task->belief,
                'own_length' => $task->ownLength === null ? null : strtolower($task->ownLength->name),
            ],
            self::seen(...),
        );
    }

    /** @return array<string, mixed> */
    public static function ball(Ball $ball): array
    {
        $seen = array_filter(
            [
                'strike' => $ball->strike?->value,
                'touch_mm' => $ball->touchMm,
                'mark' => $ball->mark?->value,
                'mark_length_mm' => $ball->markLengthMm,
                'flight' => $ball->flight,
                'start_deg' => $ball->startDeg,
                'carry_m' => $ball->carryM,
                'roll_m' => $ball->rollM,
                'finish_m' => $ball->finishM,
                'roll' => $ball->roll,
                'sound' => $ball->sound,
                'sand_direction' => $ball->sandDirection,
                'note' => $ball->note,
            ],
            self::seen(...),
        );

        return $ball->noContact ? [...$seen, 'touch_mm' => null] : $seen;
    }

    private static function seen(mixed $value): bool
    {
        return $value !== null;
    }
}

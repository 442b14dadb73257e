<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\EarlierSet;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Learner;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Records\Write;

/**
 * Writes the open case format; what it writes, CaseReader reads back as an equal case.
 *
 * @phpstan-import-type BallSeenShape from SeenBall
 * @phpstan-import-type TaskShape from Task
 * @phpstan-type ObservedShape array<string, float|int|string|null>
 * @phpstan-type MeasuredShape array<string, float|null>
 * @phpstan-type CaseFileShape array{
 *     format: string,
 *     student: array{handed: value-of<Handedness>, limits: list<value-of<Limit>>},
 *     task: TaskShape,
 *     setup: ObservedShape,
 *     motion: ObservedShape,
 *     // Of figures that were measured: half of the 90 % interval, in the unit of the figure.
 *     measured?: MeasuredShape,
 *     balls: list<BallSeenShape>,
 *     // What came before, the oldest first.
 *     earlier?: list<array<string, mixed>>,
 * }
 */
final class CaseWriter
{
    /** @return array<string, mixed> */
    public static function toArray(LessonCase $case): array
    {
        return [
            'format' => CaseReader::FORMAT,
            'student' => Write::record(new Learner($case->handed, $case->limits)),
            'task' => Write::record($case->task),
            'setup' => $case->seen->toldIn(Group::Setup),
            'motion' => $case->seen->toldIn(Group::Motion),
            ...($case->seen->measured() === [] ? [] : ['measured' => $case->seen->measured()]),
            'balls' => array_map(Write::record(...), $case->balls),
            ...($case->earlier === [] ? [] : ['earlier' => array_map(self::earlier(...), $case->earlier)]),
        ];
    }

    /** @return array<string, mixed> */
    private static function earlier(EarlierSet $set): array
    {
        return [
            ...Write::record($set->tried),
            'setup' => $set->seen->toldIn(Group::Setup),
            'motion' => $set->seen->toldIn(Group::Motion),
            ...($set->seen->measured() === [] ? [] : ['measured' => $set->seen->measured()]),
            'balls' => array_map(Write::record(...), $set->balls),
        ];
    }

    /**
     * What is empty is an object all the same.
     *
     * @param  array<string, mixed>  $data
     * @param  list<SeenBall>  $balls
     * @return array<string, mixed>
     */
    private static function withObjects(array $data, array $balls): array
    {
        foreach (['setup', 'motion'] as $group) {
            $data[$group] = (object) $data[$group];
        }
        $data['balls'] = array_map(static fn(SeenBall $ball): object => (object) Write::record($ball), $balls);

        return $data;
    }

    public static function toJson(LessonCase $case): string
    {
        $data = self::withObjects(self::toArray($case), $case->balls);
        if ($case->earlier !== []) {
            $data['earlier'] = array_map(
                static fn(EarlierSet $set): array => self::withObjects(self::earlier($set), $set->balls),
                $case->earlier,
            );
        }

        return json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}

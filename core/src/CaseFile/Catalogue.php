<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Evidence\Answer;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\Field;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\School;
use LowPoint\Core\Strike\Lie;

/** The closed lists of the case file with their labels and ranges, for screens and other programs. */
final class Catalogue
{
    /** @return array<string, mixed> */
    public static function toArray(): array
    {
        return [
            'shots' => array_map(static fn(Shot $shot): array => [
                'id' => $shot->value,
                'lies' => array_map(static fn(Lie $lie): array => ['id' => $lie->value, 'label' => $lie->label()], $shot->lies()),
                'strikes' => array_map(static fn(Strike $strike): array => ['id' => $strike->value, 'good' => $strike->isGood()], $shot->strikes()),
            ], Shot::cases()),
            'observables' => array_map(static fn(Observable $one): array => [
                'id' => $one->value, 'group' => $one->group()->value, 'sand_only' => $one->isForSandOnly(), ...self::field($one->field()),
            ], Observable::cases()),
            'task' => array_map(self::field(...), Task::fields()),
            'club' => array_map(self::field(...), Task::clubFields()),
            'ball' => array_map(self::field(...), Ball::fields()),
            'schools' => array_map(static fn(School $school): array => ['id' => $school->value, 'name' => $school->label(), 'idea' => $school->idea()], School::cases()),
            'limits' => array_map(static fn(Limit $limit): array => ['id' => $limit->value, 'name' => $limit->label()], Limit::cases()),
            'causes' => array_map(static fn(Cause $cause): array => ['id' => $cause->id, 'name' => $cause->name], CauseLibrary::standard()->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        return [
            'kind' => $field->kind,
            'label' => $field->label,
            'unit' => $field->unit,
            'min' => $field->min,
            'max' => $field->max,
            'answers' => array_map(static fn(Answer $answer): array => ['label' => $answer->label, 'value' => $answer->value], $field->answers),
        ];
    }
}

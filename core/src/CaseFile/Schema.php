<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Learner;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Evidence\Tried;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Shape;
use LowPoint\Core\Strike\Lie;

/** The open case format as a JSON Schema (2020-12), made from the same fields that the reader checks. */
final class Schema
{
    public const ID = 'urn:low-point:case:1';

    /** @return array<string, mixed> */
    public static function toArray(): array
    {
        $shape = new Shape;

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => 'Low Point case',
            'description' =>
                'One set of balls with what was seen of set-up and motion. An absent key, or null, means "not looked at"; touch_mm '
                    .'null means "did not touch the ground". Ground distances in mm (+ = target side of the ball), course distances in '
                    .'m, angles in degrees.',
            ...Shape::object(
                [
                    'format' => ['const' => CaseReader::FORMAT],
                    'student' => $shape->of(Learner::class),
                    'task' => $shape->of(Task::class),
                    'setup' => self::group(Group::Setup),
                    'motion' => self::group(Group::Motion),
                    'measured' => self::measured(),
                    'balls' => self::balls($shape),
                    'earlier' => self::earlier($shape),
                ],
                ['format', 'task'],
            ),
            'allOf' => array_map(
                static fn(Shot $shot): array => [
                    'if' => ['properties' => ['task' => ['properties' => ['shot' => ['const' => $shot->value]]]]],
                    'then' => [
                        'properties' => [
                            'task' => [
                                'properties' => ['lie' => ['enum' => array_map(static fn(Lie $lie): string => $lie->value, $shot->lies())]],
                            ],
                            'balls' => [
                                'items' => [
                                    'properties' => [
                                        'strike' => [
                                            'enum' => [
                                                ...array_map(static fn(Strike $strike): string => $strike->value, $shot->strikes()),
                                                null,
                                            ],
                                        ],
                                    ],
                                ],
                            ],
                        ],
                    ],
                ],
                Shot::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function balls(Shape $shape): array
    {
        return ['type' => 'array', 'maxItems' => CaseReader::MOST_BALLS, 'items' => $shape->of(SeenBall::class)];
    }

    /** @return array<string, mixed> what came before, the oldest first */
    private static function earlier(Shape $shape): array
    {
        $tried = $shape->of(Tried::class);

        return [
            'type' => 'array',
            'maxItems' => CaseReader::MOST_EARLIER,
            'items' => [
                ...$tried,
                'properties' => [
                    ...\is_array($tried['properties'] ?? null) ? $tried['properties'] : [],
                    'setup' => self::group(Group::Setup),
                    'motion' => self::group(Group::Motion),
                    'measured' => self::measured(),
                    'balls' => self::balls($shape),
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function group(Group $group): array
    {
        return Shape::object(
            array_map(
                static fn(Observable $one): array => ['anyOf' => [$one->field()->schemaOfLook(), ['type' => 'null']]],
                self::byKey(Observable::in($group)),
            ),
        );
    }

    /** @return array<string, mixed> half intervals of figures that were measured and not seen by eye */
    private static function measured(): array
    {
        $figures = array_filter(Observable::cases(), static fn(Observable $one): bool => $one->field()->kind === 'number');

        return self::figures(array_map(CaseReader::half(...), self::byKey($figures)));
    }

    /**
     * @param  array<Observable>  $observables
     * @return array<string, Observable>
     */
    private static function byKey(array $observables): array
    {
        return array_combine(array_column($observables, 'value'), $observables);
    }

    /**
     * @param  array<string, Field>  $fields
     * @return array<string, mixed>
     */
    private static function figures(array $fields): array
    {
        return Shape::object(
            array_map(static fn(Field $field): array => ['anyOf' => [$field->schema(), ['type' => 'null']]], $fields),
        );
    }
}

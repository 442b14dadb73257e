<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Ball;
use LowPoint\Core\Evidence\Field;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;

/** The open case format as a JSON Schema (2020-12), made from the same fields that the reader checks. */
final class Schema
{
    public const ID = 'urn:low-point:case:1';

    /** @return array<string, mixed> */
    public static function toArray(): array
    {
        $nullable = static fn(array $schema): array => ['anyOf' => [$schema, ['type' => 'null']]];
        $task = array_map(static fn(Field $field): array => $nullable(self::of($field)), Task::fields());
        $club = array_map(self::of(...), Task::clubFields());
        $ball = array_map(static fn(Field $field): array => $nullable(self::of($field)), Ball::fields());

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => self::ID,
            'title' => 'Low Point case',
            'description' =>
                'One set of balls with what was seen of set-up and motion. An absent key, or null, means "not looked at"; touch_mm '
                    .'null means "did not touch the ground". Ground distances in mm (+ = target side of the ball), course distances in '
                    .'m, angles in degrees.',
            ...self::object(
                [
                    'format' => ['const' => CaseReader::FORMAT],
                    'student' => self::object([
                        'handed' => ['enum' => array_column(Handedness::cases(), 'value')],
                        'limits' => ['type' => 'array', 'items' => ['enum' => array_column(Limit::cases(), 'value')]],
                    ]),
                    'task' => self::object(
                        [
                            'shot' => ['enum' => array_column(Shot::cases(), 'value')],
                            'lie' => ['enum' => array_column(Lie::cases(), 'value')],
                            'club' => self::object($club, ['loft_deg', 'bounce_deg']),
                            'method' => $nullable(['enum' => array_column(School::cases(), 'value')]),
                            'belief' => $nullable(['type' => 'string', 'maxLength' => CaseReader::LONGEST_BELIEF]),
                            ...$task,
                        ],
                        ['shot', 'lie', 'club'],
                    ),
                    'setup' => self::group(Group::Setup, $nullable),
                    'motion' => self::group(Group::Motion, $nullable),
                    'measured' => self::measured($nullable),
                    'balls' => ['type' => 'array', 'maxItems' => CaseReader::MOST_BALLS, 'items' => self::object($ball)],
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

    /**
     * @param  \Closure(array<string, mixed>): array<string, mixed>  $nullable
     * @return array<string, mixed>
     */
    private static function group(Group $group, \Closure $nullable): array
    {
        $properties = [];
        foreach (Observable::in($group) as $one) {
            $properties[$one->value] = $nullable(self::of($one->field()));
        }

        return self::object($properties);
    }

    /**
     * Half intervals of figures that were measured and not seen by eye.
     *
     * @param  \Closure(array<string, mixed>): array<string, mixed>  $nullable
     * @return array<string, mixed>
     */
    private static function measured(\Closure $nullable): array
    {
        $properties = [];
        foreach (Observable::cases() as $one) {
            if ($one->field()->kind === 'number') {
                $properties[$one->value] = $nullable(self::of(CaseReader::half($one)));
            }
        }

        return self::object($properties);
    }

    /** @return array<string, mixed> */
    private static function of(Field $field): array
    {
        return match ($field->kind) {
            'number' => [
                'type' => 'number',
                'minimum' => $field->min,
                'maximum' => $field->max,
                'description' => trim("{$field->label}, {$field->unit}", ', '),
            ],
            'choice' => ['enum' => array_keys($field->choices), 'description' => $field->label],
            default => ['type' => 'string', 'maxLength' => (int) $field->max],
        };
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required = []): array
    {
        return ['type' => 'object', 'additionalProperties' => false, 'properties' => $properties, 'required' => $required];
    }
}

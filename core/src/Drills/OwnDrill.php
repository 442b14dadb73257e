<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Field;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/** A drill of a coach's own: text, dose, scoring, and a picture from a few parts. */
final class OwnDrill
{
    /** Part => what it is called; where it lies is told in mm from the ball. */
    public const PARTS = [
        'line' => 'line across',
        'stick' => 'stick along',
        'second_ball' => 'second ball',
        'tee' => 'tee',
        'towel' => 'towel',
    ];

    public const MOST_PARTS = 6;

    public const MOST_STEPS = 8;

    /** Where a new drill starts. Origin: chosen by us, as most drills of the library are. */
    public const FIRST_GOAL = ['kind' => 'count', 'need' => 7, 'of' => 10, 'sets' => 2, 'balls' => 10, 'minutes' => 8];

    /** How far from the ball a part may lie: toward the target, and from the target line toward the player, mm. */
    public const AHEAD_MM = [-1500.0, 4000.0];

    public const ACROSS_MM = [-600.0, 800.0];

    private const KEYS = ['name', 'purpose', 'steps', 'goal', 'parts'];

    private const LINE_HALF_MM = 160.0;

    private const STICK_HALF_MM = 450.0;

    /**
     * @param  string  $id  of the drill in results and plans
     * @param  array<array-key, mixed>  $value  keys name, purpose, steps, goal (as of Goal), parts
     *
     * @throws InvalidInput naming key, value and range
     */
    public static function of(string $id, array $value): Drill
    {
        foreach (array_keys($value) as $key) {
            if (! \in_array($key, self::KEYS, true)) {
                throw InvalidInput::one((string) $key, $value[$key], implode(', ', self::KEYS));
            }
        }
        $name = self::text('name', $value['name'] ?? null, 60);
        $purpose = self::text('purpose', $value['purpose'] ?? null, 200);
        $steps = self::listOf('steps', $value['steps'] ?? null, 1, self::MOST_STEPS);
        $steps = array_map(static fn(mixed $step, int $i): string => self::text("steps.{$i}", $step, 300), $steps, array_keys($steps));
        $parts = self::listOf('parts', $value['parts'] ?? [], 0, self::MOST_PARTS);
        $goal = \is_array($value['goal'] ?? null)
            ? $value['goal']
            : throw InvalidInput::one('goal', $value['goal'] ?? null, 'kind, need, of, sets, balls, minutes');
        $shapes = array_merge(...array_map(self::part(...), $parts, array_keys($parts)));
        $of = Goal::read($goal);

        return new Drill(
            $id,
            $name,
            $purpose,
            Shot::cases(),
            [],
            ['grass', 'sand', 'mat', 'none'],
            $steps,
            ['sets' => $of->sets, 'balls' => $of->balls, 'minutes' => $of->minutes],
            ['kind' => $of->kind, 'need' => $of->need, 'of' => $of->of, 'text' => ''],
            'Fewer balls, half the speed.',
            'Another target each time.',
            '',
            Skill::Own,
            parts: $shapes,
        );
    }

    /** @return list<array{kind: string, x: float, y: float, to_x?: float, to_y?: float, label?: string}> */
    private static function part(mixed $part, int $i): array
    {
        if (! \is_array($part) || ! \is_string($part['kind'] ?? null) || ! isset(self::PARTS[$part['kind']])) {
            throw InvalidInput::one(
                "parts.{$i}.kind",
                \is_array($part) ? $part['kind'] ?? null : $part,
                implode(', ', array_keys(self::PARTS)),
            );
        }
        $x = self::number("parts.{$i}.ahead_mm", $part['ahead_mm'] ?? null, self::AHEAD_MM);
        $y = self::number("parts.{$i}.across_mm", $part['across_mm'] ?? 0.0, self::ACROSS_MM);

        return [
            match ($part['kind']) {
                'line' => ['kind' => 'line', 'x' => $x, 'y' => $y - self::LINE_HALF_MM, 'to_x' => $x, 'to_y' => $y + self::LINE_HALF_MM],
                'stick' => [
                    'kind' => 'stick',
                    'x' => $x - self::STICK_HALF_MM,
                    'y' => $y,
                    'to_x' => $x + self::STICK_HALF_MM,
                    'to_y' => $y,
                ],
                default => ['kind' => $part['kind'], 'x' => $x, 'y' => $y],
            },
        ];
    }

    private static function text(string $key, mixed $value, int $longest): string
    {
        return Field::text($key, $longest)->filled($key, $value);
    }

    /** @param array{float, float} $range */
    private static function number(string $key, mixed $value, array $range): float
    {
        $fault = Field::number($key, 'mm', ...$range)->fault($key, $value);
        if ($fault !== null || (! \is_int($value) && ! \is_float($value))) {
            throw new InvalidInput([$fault ?? new Fault($key, $value, 'a number')]);
        }

        return (float) $value;
    }

    /** @return list<mixed> */
    private static function listOf(string $key, mixed $value, int $least, int $most): array
    {
        if (! \is_array($value) || ! array_is_list($value) || \count($value) < $least || \count($value) > $most) {
            throw InvalidInput::one($key, $value, "a list of {$least} to {$most}");
        }

        return $value;
    }
}

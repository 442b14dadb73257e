<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** Length of the backswing, in the order in which it grows. */
enum Backswing: int
{
    case Knee = 0;
    case Hip = 1;
    case Rib = 2;
    case Shoulder = 3;
    case Full = 4;

    /** Carries up to which the length is asked for, m. Origin: chosen by us for a free swing with a wedge. */
    private const CARRIES_M = ['chip' => [4.0, 12.0, 25.0], 'pitch' => [8.0, 18.0, 32.0, 55.0], 'bunker' => [2.0, 5.0, 10.0, 22.0]];

    public static function seen(?string $name): ?self
    {
        foreach (self::cases() as $length) {
            if (strtolower($length->name) === $name) {
                return $length;
            }
        }

        return null;
    }

    /** @return array<string, string> every name => itself */
    public static function names(): array
    {
        $names = array_map(static fn(self $length): string => strtolower($length->name), self::cases());

        return array_combine($names, $names);
    }

    /** To follow "at". */
    public function place(): string
    {
        return match ($this) {
            self::Knee => 'the knees',
            self::Hip => 'the hips',
            self::Rib => 'the ribs',
            self::Shoulder => 'the shoulders',
            self::Full => 'its full length',
        };
    }

    /** What the shot asks of a free swing, by the student's own chart where he has one; null when the carry is not known. */
    public static function askedBy(Task $task): ?self
    {
        if ($task->carryM === null || $task->ownLength !== null) {
            return $task->ownLength;
        }
        foreach (self::CARRIES_M[$task->shot->value] as $step => $upTo) {
            if ($task->carryM <= $upTo) {
                return self::from($step);
            }
        }

        return self::from(\count(self::CARRIES_M[$task->shot->value]));
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** One ball as seen. Ground distances in mm, course distances in m. Null = not looked at, but see $noContact. */
final readonly class Ball
{
    /** No ball of this game carries further, m. */
    public const FARTHEST_M = 300.0;

    /** Said of balls in sand only. */
    public const SAND_ONLY = ['sound', 'sand_direction'];

    /** @param bool $noContact the club was seen not to touch the ground */
    public function __construct(
        public ?Strike $strike = null,
        public ?float $touchMm = null,
        public bool $noContact = false,
        public ?Mark $mark = null,
        public ?float $markLengthMm = null,
        public ?string $flight = null,
        public ?float $startDeg = null,
        public ?float $carryM = null,
        public ?float $finishM = null,
        public ?string $roll = null,
        public ?string $sound = null,
        public ?string $sandDirection = null,
        public ?string $note = null,
        public ?float $rollM = null,
    ) {}

    /** @return array<string, Field> every key of a ball, in the order of the file */
    public static function fields(): array
    {
        /** @var array<string, Field>|null $made */
        static $made = null;

        return $made ??= self::define();
    }

    /** @return array<string, Field> */
    private static function define(): array
    {
        $strikes = array_column(Strike::cases(), 'value');
        $marks = array_column(Mark::cases(), 'value');

        return [
            'strike' => Field::choice('Strike', array_combine($strikes, $strikes)),
            'touch_mm' => Field::number('Touch', 'mm', -300, 300, nullable: true),
            'mark' => Field::choice('Mark', array_combine($marks, $marks)),
            'mark_length_mm' => Field::number('Length of the mark', 'mm', 0, 600),
            'flight' => Field::choice('Flight', ['low' => 'low', 'expected' => 'expected', 'high' => 'high']),
            'start_deg' => Field::number('Start', 'degrees', -45, 45),
            'carry_m' => Field::number('Carry', 'm', 0, self::FARTHEST_M),
            'roll_m' => Field::number('Rolled', 'm', 0, self::FARTHEST_M),
            'finish_m' => Field::number('Left to the hole', 'm', 0, self::FARTHEST_M),
            'roll' => Field::choice('Roll', ['checks' => 'checks', 'normal' => 'normal', 'runs' => 'runs']),
            'sound' => Field::choice('Sound', ['click' => 'click', 'thud' => 'thud', 'scrape' => 'scrape']),
            'sand_direction' => Field::choice('Sand flew', ['left' => 'left', 'target' => 'at the target', 'right' => 'right']),
            'note' => Field::text('Note', 500),
        ];
    }
}

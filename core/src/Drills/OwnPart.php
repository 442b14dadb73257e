<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Records\Choice;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;

/** A part of the picture of a coach's own drill, and where it lies. */
#[Schema('DrillPart', nulls: false)]
final readonly class OwnPart
{
    /** What there is, and what it is called. */
    public const KINDS = [
        'line' => 'line across',
        'stick' => 'stick along',
        'second_ball' => 'second ball',
        'tee' => 'tee',
        'towel' => 'towel',
    ];

    /** How far from the ball a part may lie: toward the target, and from the target line toward the player, mm. */
    public const AHEAD_MM = [-1500.0, 4000.0];

    public const ACROSS_MM = [-600.0, 800.0];

    private const LINE_HALF_MM = 160.0;

    private const STICK_HALF_MM = 450.0;

    public function __construct(
        #[Choice('Part', self::KINDS)]
        public string $kind,
        #[Number('Ahead', 'mm', self::AHEAD_MM[0], self::AHEAD_MM[1]), Key('Mm from the ball, toward the target.')]
        public float $aheadMm,
        #[Number('Across', 'mm', self::ACROSS_MM[0], self::ACROSS_MM[1]), Key('Mm from the target line, toward the player.')]
        public float $acrossMm = 0.0,
    ) {}

    /** @return array{kind: string, x: float, y: float, to_x?: float, to_y?: float} as it is drawn, mm */
    public function shape(): array
    {
        [$x, $y] = [$this->aheadMm, $this->acrossMm];

        return match ($this->kind) {
            'line' => ['kind' => 'line', 'x' => $x, 'y' => $y - self::LINE_HALF_MM, 'to_x' => $x, 'to_y' => $y + self::LINE_HALF_MM],
            'stick' => ['kind' => 'stick', 'x' => $x - self::STICK_HALF_MM, 'y' => $y, 'to_x' => $x + self::STICK_HALF_MM, 'to_y' => $y],
            default => ['kind' => $this->kind, 'x' => $x, 'y' => $y],
        };
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

/**
 * One way of reaching a number: a club and a length, and how far off it leaves the ball on average, m.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type TargetShape array{club: string, backswing: string, expected_m: float, expected_error_m: float, note: ToldShape}
 */
final readonly class TargetChoice
{
    public function __construct(
        public string $club,
        public string $backswing,
        public float $expectedM,
        public float $expectedErrorM,
        public string $note,
    ) {}

    /** @return TargetShape */
    public function toArray(): array
    {
        return [
            'club' => $this->club,
            'backswing' => $this->backswing,
            'expected_m' => round($this->expectedM, 2),
            'expected_error_m' => round($this->expectedErrorM, 2),
            'note' => $this->note,
        ];
    }
}

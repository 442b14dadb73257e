<?php

declare(strict_types=1);

namespace App\Reading;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Distance\CarriedBall;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Strike\Lie;

/** A stored ball with what its set and its lesson say of it. */
final readonly class LoggedBall
{
    private function __construct(
        public Club $club,
        public bool $inSand,
        public ?float $touchMm,
        public ?float $carryM,
        public ?float $rollM,
        public ?Strike $strike,
        private ?string $backswing,
        private ?string $speedChange,
    ) {}

    /**
     * @param  array<string, mixed>  $seen  the ball
     * @param  array<string, mixed>  $motion  of its set
     * @param  array<string, mixed>  $task  of its lesson
     */
    public static function of(array $seen, array $motion, array $task): self
    {
        $number = static fn(mixed $one): ?float => $one === null ? null : (float) $one;

        return new self(
            self::club($task),
            Lie::from($task['lie'])->isSand(),
            $number($seen['touch_mm'] ?? null),
            $number($seen['carry_m'] ?? null),
            $number($seen['roll_m'] ?? null),
            isset($seen['strike']) ? Strike::from($seen['strike']) : null,
            $motion['backswing_length'] ?? null,
            $motion['speed_change'] ?? null,
        );
    }

    /** @param array<string, mixed> $task */
    public static function club(array $task): Club
    {
        return new Club((float) $task['club']['loft_deg'], (float) $task['club']['bounce_deg']);
    }

    /** Of a distance on turf; null where no carry is known. */
    public function carried(): ?CarriedBall
    {
        return $this->inSand || $this->carryM === null || $this->backswing === null
            ? null
            : new CarriedBall($this->club->label(), $this->backswing, $this->carryM, $this->strike, $this->speedChange);
    }

    /** @return array{float, float, float}|null loft as built, carry and roll of a good strike on turf, m */
    public function rolled(): ?array
    {
        return $this->inSand || $this->carryM === null || $this->rollM === null || $this->strike?->isGood() !== true
            ? null
            : [$this->club->loftDeg, $this->carryM, $this->rollM];
    }

    /** It would count in a chart, were the length of the swing known. */
    public function isUnplaced(): bool
    {
        return ! $this->inSand && $this->carryM !== null && $this->backswing === null && $this->strike?->isGood() === true;
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Schools\SetupCard;

/**
 * One way of playing the shot, and what comes of it on average. Distances in m, chances 0..1.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type OptionShape array{
 *     // As it was named; null for a putt.
 *     club: string|null,
 *     shot: 'putt'|'running_chip'|'chip'|'pitch'|'splash',
 *     // From the edge of the green; negative = short of it.
 *     land_m: float,
 *     carry_m: float,
 *     roll_m: float,
 *     mean_leave_m: float,
 *     // That one in ten stays below, and one in ten passes.
 *     leave_80_m: array{float, float},
 *     within_1m: float,
 *     within_2m: float,
 *     short_of_green: float,
 *     off_back: float,
 *     // Null where nothing stands in the way.
 *     clears: bool|null,
 *     why: ToldShape,
 * }
 */
final readonly class PlannedShot
{
    /**
     * @param  Club|null  $club  null for a putt
     * @param  SetupCard|null  $card  null for a putt
     * @param  float  $loftDeg  delivered
     * @param  float  $landM  landing spot from the edge of the green; negative = short of it
     * @param  bool|null  $clears  null where nothing stands in the way
     */
    public function __construct(
        public ShotKind $kind,
        public ?Club $club,
        public ?SetupCard $card,
        public float $loftDeg,
        public float $launchDeg,
        public float $landM,
        public float $carryM,
        public float $rollM,
        public Finish $finish,
        public ?bool $clears,
        public string $why = '',
    ) {}

    public function because(string $why): self
    {
        return new self(
            $this->kind,
            $this->club,
            $this->card,
            $this->loftDeg,
            $this->launchDeg,
            $this->landM,
            $this->carryM,
            $this->rollM,
            $this->finish,
            $this->clears,
            $why,
        );
    }

    /** As it was named; null for a putt. */
    public function clubName(): ?string
    {
        return $this->club === null ? null : $this->club->name ?? $this->club->label();
    }

    /** Loft of the club as built; a putter has next to none. */
    public function builtLoftDeg(): float
    {
        return $this->club->loftDeg ?? 0.0;
    }

    /** @return OptionShape as in handbook 12.1 */
    public function toArray(): array
    {
        return [
            'club' => $this->clubName(),
            'shot' => $this->kind->value,
            'land_m' => round($this->landM, 2),
            'carry_m' => round($this->carryM, 2),
            'roll_m' => round($this->rollM, 2),
            ...$this->finish->toArray(),
            'clears' => $this->clears,
            'why' => $this->why,
        ];
    }
}

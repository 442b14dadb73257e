<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Named;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Strike\Lie;

/**
 * What the shot asks. Distances on the course in metres, slopes in degrees (+ = uphill, + = ball above the feet).
 *
 * @phpstan-type TaskShape array<string, mixed>
 */
#[Schema('Task')]
final readonly class Task
{
    /** Origin: handbook 4.2. */
    private const GENTLE_SLOPE_DEG = 4.0;

    /** A plain chip. Origin: chosen by us. */
    public const FIRST_CARRY_M = 9.0;

    /**
     * @param  Backswing|null  $ownLength  that carries this by the student's own chart; null where he has none
     *
     * @throws InvalidInput when the lie does not belong to the shot
     */
    public function __construct(
        public Shot $shot,
        public Lie $lie,
        public Club $club,
        #[Number('Slope', 'degrees', -20, 20)]
        public float $slopeDeg = 0.0,
        #[Number('Side slope', 'degrees', -20, 20)]
        public float $sideSlopeDeg = 0.0,
        #[Number('Carry', 'm', 0, 150, nullable: true)]
        public ?float $carryM = null,
        #[Number('Roll', 'm', 0, 150, nullable: true)]
        public ?float $rollM = null,
        #[Number('Lip height', 'm', 0, 6, nullable: true), Key(sandOnly: true)]
        public ?float $lipHeightM = null,
        #[Number('Lip distance', 'm', 0, 50, nullable: true), Key(sandOnly: true)]
        public ?float $lipDistanceM = null,
        #[Named('Length by his own chart', Backswing::class), Key('Of the backswing, by the student\'s own chart.')]
        public ?Backswing $ownLength = null,
        #[Named('Flight', Flight::class)]
        public Flight $flightWanted = Flight::Stock,
        public ?School $method = null,
        #[Text('Belief', 500)]
        public ?string $belief = null,
    ) {
        if (! \in_array($lie, $shot->lies(), true)) {
            throw InvalidInput::one(
                'lie',
                $lie->value,
                "for a {$shot->value}: ".implode(', ', array_column($shot->lies(), 'value')),
            );
        }
    }

    /** Where a lesson starts when nothing was asked yet. */
    public static function first(float $carryM = self::FIRST_CARRY_M): self
    {
        return new self(Shot::Chip, Shot::Chip->usualLie(), Club::usual()[2], carryM: $carryM);
    }

    /** What a good strike is called. */
    public function goodWord(): string
    {
        return ($this->inSand() ? Strike::Splash : Strike::Clean)->value;
    }

    public function inSand(): bool
    {
        return $this->lie->isSand();
    }

    /** Steep enough to move the low point: gentler slopes ask for nothing special. */
    public function onSlope(): bool
    {
        return abs($this->slopeDeg) > self::GENTLE_SLOPE_DEG;
    }

    /** How steeply the lip rises as seen from the ball, degrees; null while it is not known. */
    public function lipDeg(): ?float
    {
        return $this->lipHeightM === null || $this->lipDistanceM === null || $this->lipDistanceM <= 0.0
            ? null
            : rad2deg(atan2($this->lipHeightM, $this->lipDistanceM));
    }
}

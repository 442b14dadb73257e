<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Strike\Lie;

/** What the shot asks. Distances on the course in metres, slopes in degrees (+ = uphill, + = ball above the feet). */
final readonly class Task
{
    /** Origin: handbook 4.2. */
    private const GENTLE_SLOPE_DEG = 4.0;

    /** A plain chip. Origin: chosen by us. */
    public const FIRST_CARRY_M = 9.0;

    /** Asked of shots from sand only. */
    public const SAND_ONLY = ['lip_height_m', 'lip_distance_m'];

    /**
     * @param  Backswing|null  $ownLength  that carries this by the student's own chart; null where he has none
     *
     * @throws InvalidInput when the lie does not belong to the shot
     */
    public function __construct(
        public Shot $shot,
        public Lie $lie,
        public Club $club,
        public float $slopeDeg = 0.0,
        public float $sideSlopeDeg = 0.0,
        public ?float $carryM = null,
        public ?float $rollM = null,
        public ?float $lipHeightM = null,
        public ?float $lipDistanceM = null,
        public Flight $flightWanted = Flight::Stock,
        public ?School $method = null,
        public ?string $belief = null,
        public ?Backswing $ownLength = null,
    ) {
        if (! \in_array($lie, $shot->lies(), true)) {
            throw InvalidInput::one(
                'task.lie',
                $lie->value,
                "for a {$shot->value}: ".implode(', ', array_map(static fn(Lie $one): string => $one->value, $shot->lies())),
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

    /** @return array<string, Field> every key of a task but shot, lie, club and method, which have types of their own */
    public static function fields(): array
    {
        return [
            'slope_deg' => Field::number('Slope', 'degrees', -20, 20),
            'side_slope_deg' => Field::number('Side slope', 'degrees', -20, 20),
            'carry_m' => Field::number('Carry', 'm', 0, 150, nullable: true),
            'roll_m' => Field::number('Roll', 'm', 0, 150, nullable: true),
            'lip_height_m' => Field::number('Lip height', 'm', 0, 6, nullable: true),
            'lip_distance_m' => Field::number('Lip distance', 'm', 0, 50, nullable: true),
            'own_length' => Field::choice('Length by his own chart', Backswing::names()),
            'flight_wanted' => Field::choice('Flight', ['low' => 'low', 'stock' => 'stock', 'high' => 'high']),
        ];
    }

    /** @return array<string, Field> */
    public static function clubFields(): array
    {
        return [
            'name' => Field::text('Club', 60),
            'loft_deg' => Field::number('Loft', 'degrees', ...Club::LOFT_DEG),
            'bounce_deg' => Field::number('Bounce', 'degrees', ...Club::BOUNCE_DEG),
            'lie_deg' => Field::number('Lie angle', 'degrees', ...Club::LIE_DEG),
        ];
    }
}

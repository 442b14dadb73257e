<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Read;
use LowPoint\Core\Sand\BallInSand;
use LowPoint\Core\Sand\SandCard;
use LowPoint\Core\Sand\SandPlanner;
use LowPoint\Core\Sand\SandShot;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/** "How do I set up for this ball in sand?" as a question (handbook 12.3). */
final readonly class BunkerRequest
{
    private SandShot $shot;

    /** @throws InvalidInput for a lie that is not in sand, or a carry that ends before the lip */
    public function __construct(
        #[Number('Carry', 'm', SandShot::CARRY_M[0], SandShot::CARRY_M[1])]
        float $carryM,
        Lie $lie = Lie::SandMedium,
        BallInSand $ball = BallInSand::Normal,
        #[Number('Lip height', 'm', SandShot::LIP_HEIGHT_M[0], SandShot::LIP_HEIGHT_M[1])]
        float $lipHeightM = 0.0,
        #[Number('Lip distance', 'm', SandShot::LIP_DISTANCE_M[0], SandShot::LIP_DISTANCE_M[1])]
        float $lipDistanceM = SandShot::FIRST['lip_distance_m'],
        #[Number('Green behind', 'm', SandShot::ROOM_M[0], SandShot::ROOM_M[1])]
        float $roomM = SandShot::FIRST['room_m'],
        #[Number('Slope', 'degrees', SandShot::SLOPE_DEG[0], SandShot::SLOPE_DEG[1])]
        float $slopeDeg = 0.0,
        ?Club $club = null,
        ?School $school = null,
        ?StrikesAsked $student = null,
    ) {
        if (! \in_array($lie, Shot::Bunker->lies(), true)) {
            throw InvalidInput::one('lie', $lie->value, implode(', ', array_column(Shot::Bunker->lies(), 'value')));
        }
        $struckFrom = $ball === BallInSand::Plugged ? Lie::SandPlugged : $lie;
        $this->shot = new SandShot(
            $lie,
            $ball,
            $lipHeightM,
            $lipDistanceM,
            $carryM,
            $roomM,
            $slopeDeg,
            $club ?? Club::stock(Club::usual()),
            $school,
            $student?->scatter($struckFrom) ?? Scatter::usual($struckFrom),
        );
    }

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        return Read::record(self::class, $data);
    }

    /**
     * @param  Scatter|null  $own  strikes of a student whose balls are known, in place of those in the question
     * @param  non-empty-list<Club>|null  $bag  other clubs at hand; null = the usual ones
     */
    public function answer(StrikeModel $model, Words $words = new Words, ?Scatter $own = null, ?array $bag = null): SandCard
    {
        $shot = $own === null ? $this->shot : $this->shot->struckBy($own);

        return (new SandPlanner($model, $bag ?? Club::usual(), words: $words))->card($shot);
    }

    public function carryM(): float
    {
        return $this->shot->carryM;
    }

    /** Where the strikes are to be looked up. */
    public function lie(): Lie
    {
        return $this->shot->struckFrom();
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Read;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\Planner;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\ShotChoice\ShotPlan;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/** "Which shot from here?" as a question (handbook 12.1). */
final readonly class PlanRequest
{
    public Ground $ground;

    public Scatter $scatter;

    /**
     * @param  non-empty-list<Club>  $clubs
     *
     * @throws InvalidInput for an obstacle that is not between ball and hole
     */
    public function __construct(
        #[Number('To the edge', 'm', Ground::EDGE_M[0], Ground::EDGE_M[1])]
        float $edgeM,
        #[Number('Edge to hole', 'm', Ground::HOLE_M[0], Ground::HOLE_M[1])]
        float $holeM,
        #[Items(Club::class, most: Bag::MOST, least: 1, what: 'clubs')]
        public array $clubs,
        #[Number('Green behind', 'm', Ground::BEHIND_M[0], Ground::BEHIND_M[1])]
        float $behindM = Ground::USUAL_BEHIND_M,
        Lie $lie = Lie::Fairway,
        #[Number('Slope of the lie, + uphill', 'degrees', Ground::SLOPE_DEG[0], Ground::SLOPE_DEG[1])]
        float $slopeDeg = 0.0,
        GreenAsked $green = new GreenAsked,
        ?ObstacleAsked $obstacle = null,
        ?StrikesAsked $student = null,
    ) {
        $this->ground = new Ground(
            $lie,
            $slopeDeg,
            $edgeM,
            $holeM,
            $behindM,
            $green->stimp,
            $green->slopePct,
            $obstacle?->heightM,
            $obstacle?->distanceM,
        );
        $this->scatter = $student?->scatter($lie) ?? Scatter::usual($lie);
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

    /** @param Scatter|null $own strikes of a student whose balls are known, in place of those in the question */
    public function answer(StrikeModel $model, Words $words = new Words, ?float $landM = null, ?Scatter $own = null): ShotPlan
    {
        return (new Planner($model, words: $words))->plan($this->ground, $this->clubs, $own ?? $this->scatter, $landM);
    }
}

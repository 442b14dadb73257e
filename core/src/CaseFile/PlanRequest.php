<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\Plan;
use LowPoint\Core\ShotChoice\Planner;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/** "Which shot from here?" as a question (handbook 12.1). */
final readonly class PlanRequest
{
    private const KEYS = ['lie', 'slope_deg', 'edge_m', 'hole_m', 'behind_m', 'green', 'obstacle', 'clubs', 'student'];

    /** @param non-empty-list<Club> $clubs */
    private function __construct(
        public Ground $ground,
        public array $clubs,
        public Scatter $scatter,
    ) {}

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        $fields = RequestFields::of($data, self::KEYS);
        $asked = Ground::fields();
        $lie = $fields->choice('lie', Lie::cases(), Lie::Fairway);
        $slope = $fields->figure('slope_deg', $asked['slope_deg'], 0.0);
        $edge = $fields->figure('edge_m', $asked['edge_m']);
        $hole = $fields->figure('hole_m', $asked['hole_m']);
        $behind = $fields->figure('behind_m', $asked['behind_m'], Ground::USUAL_BEHIND_M);
        $stimp = Ground::USUAL_STIMP;
        $pct = 0.0;
        if (($green = $fields->part('green', 'stimp', 'slope_pct')) !== null) {
            $stimp = $green->figure('stimp', $asked['stimp'], Ground::USUAL_STIMP);
            $pct = $green->figure('slope_pct', $asked['slope_pct'], 0.0);
            $fields->takeFaultsOf($green);
        }
        $height = $distance = null;
        if (($obstacle = $fields->part('obstacle', 'height_m', 'distance_m')) !== null) {
            $height = $obstacle->figure('height_m', $asked['height_m']);
            $distance = $obstacle->figure('distance_m', $asked['distance_m']);
            $fields->takeFaultsOf($obstacle);
        }
        $clubs = $fields->clubs('clubs');
        $scatter = ScatterField::of($fields, $lie);
        $fields->check();
        \assert($clubs !== []);

        return new self(new Ground($lie, $slope, $edge, $hole, $behind, $stimp, $pct, $height, $distance), $clubs, $scatter);
    }

    /**
     * A landing spot that was chosen, m from the edge of the green.
     *
     * @throws InvalidInput outside the range
     */
    public static function landM(mixed $value): ?float
    {
        $fault = Ground::fields()['land_m']->fault('land_m', $value);
        if ($value !== null && $fault !== null) {
            throw new InvalidInput([$fault]);
        }

        return \is_int($value) || \is_float($value) ? (float) $value : null;
    }

    /** @param Scatter|null $own strikes of a student whose balls are known, in place of those in the question */
    public function answer(StrikeModel $model, Words $words = new Words, ?float $landM = null, ?Scatter $own = null): Plan
    {
        return (new Planner($model, words: $words))->plan($this->ground, $this->clubs, $own ?? $this->scatter, $landM);
    }
}

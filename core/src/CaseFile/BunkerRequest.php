<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
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
    private const KEYS = [
        'lie', 'ball', 'lip_height_m', 'lip_distance_m', 'carry_m', 'room_m', 'slope_deg', 'club', 'school', 'student',
    ];

    private function __construct(private SandShot $shot) {}

    /** @throws InvalidInput with every fault found */
    public static function fromJson(string $json): self
    {
        return self::fromValue(RequestJson::decoded($json));
    }

    /** @throws InvalidInput with every fault found */
    public static function fromValue(mixed $data): self
    {
        $fields = RequestFields::of($data, self::KEYS);
        $asked = SandShot::fields();
        $lie = $fields->choice('lie', Shot::Bunker->lies(), Lie::SandMedium);
        $ball = $fields->choice('ball', BallInSand::cases(), BallInSand::Normal);
        $height = $fields->figure('lip_height_m', $asked['lip_height_m'], 0.0);
        $distance = $fields->figure('lip_distance_m', $asked['lip_distance_m'], SandShot::FIRST['lip_distance_m']);
        $carry = $fields->figure('carry_m', $asked['carry_m']);
        $room = $fields->figure('room_m', $asked['room_m'], SandShot::FIRST['room_m']);
        $slope = $fields->figure('slope_deg', $asked['slope_deg'], 0.0);
        $club = Club::stock(Club::usual());
        if (($part = $fields->part('club', 'name', 'loft_deg', 'bounce_deg', 'lie_deg')) !== null) {
            $club = $part->club();
            $fields->takeFaultsOf($part);
        }
        $school = $fields->has('school') ? $fields->choice('school', School::cases(), School::OpenAcross) : null;
        $scatter = ScatterField::of($fields, $ball === BallInSand::Plugged ? Lie::SandPlugged : $lie);
        $fields->check();

        return new self(new SandShot($lie, $ball, $height, $distance, $carry, $room, $slope, $club, $school, $scatter));
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

<?php

declare(strict_types=1);

namespace LowPoint\Core\Sand;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/**
 * From sand and lip to a set-up (handbook 6.3, 12.3): the face as open as height and shortness ask, and no further than the sand
 * allows in the strike model; the stance to match; the aim that lets the ball start at the target.
 */
final readonly class SandPlanner
{
    /** A carry so short asks for the whole range of the face, one so long for its shut end, m. Origin: chosen by us. */
    private const SHORT_M = 4.0;

    private const LONG_M = 25.0;

    /** Green behind the hole: less than this asks for height as a short shot does, m. Origin: chosen by us. */
    private const LITTLE_ROOM_M = 10.0;

    /** A lip seen under this angle asks for half of the range more, degrees. Origin: chosen by us. */
    private const STEEP_LIP_DEG = 30.0;

    /** How far the face may be opened beyond a school's range where a lip asks for it, degrees. Origin: chosen by us. */
    private const WIDEST_OPEN_DEG = 45.0;

    /** A face is open no further than to this share of skips. Origin: handbook 12.3. */
    private const SKIPS = 0.10;

    /** The ball flies over the lip by so much, m. Origin: chosen by us. */
    private const LIP_MARGIN_M = 0.2;

    /** Start of the ball: so much of the path, the rest of the face. Origin: handbook 6.3. */
    private const BY_PATH = 0.85;

    /** How much of the stance's opening the swing follows: matched face and stance then start the ball straight. Origin: chosen by us. */
    private const PATH_PER_STANCE = 0.2;

    /** From here on a slope is steep, degrees. Origin: chosen by us. */
    private const STEEP_DEG = 8.0;

    /** Loft that is much for a long one, and bounce that is much, degrees. Origin: chosen by us. */
    private const LESS_LOFT_DEG = 52.0;

    private const MUCH_BOUNCE_DEG = 10.0;

    /** Step in which openings and places are tried, degrees and m. */
    private const OPEN_STEP_DEG = 1.0;

    private const BACK_STEP_M = 0.5;

    private const BACK_AT_MOST_M = 10.0;

    /** @param non-empty-list<Club> $bag other clubs at hand */
    public function __construct(
        private StrikeModel $model,
        private array $bag,
        private Ballistics $ballistics = new Ballistics,
        private Words $words = new Words,
    ) {}

    public function card(SandShot $shot): SandCard
    {
        $lie = $shot->struckFrom();
        $school = $shot->school !== null && $shot->school->suits(Shot::Bunker, $lie)
            ? $shot->school
            : School::standardFor(Shot::Bunker, $lie);
        $stock = SetupCard::of($school, new Task(Shot::Bunker, $lie, $shot->club, $shot->slopeDeg));
        $range = $stock->range(Observable::FaceOpen);
        \assert($range !== null);
        $asked = $range->from + self::shortness($shot) * ($range->to - $range->from);
        $needed = $shot->hasLip() ? $this->opensFor($shot, $shot->club, $stock->leanDeg(), $asked) : $asked;
        // A shut face is a way of its own: nothing opens it.
        $wanted = $range->to <= 0.0 ? $asked : min(self::WIDEST_OPEN_DEG, $needed ?? self::WIDEST_OPEN_DEG);
        $open = $this->asFarAsTheSandAllows($shot, $stock, $range->from, $wanted);

        return $this->made($shot, $school, $stock, $open, $wanted);
    }

    private function made(SandShot $shot, School $school, SetupCard $stock, float $open, float $wanted): SandCard
    {
        $lean = $stock->leanDeg();
        $swing = $this->swing($shot, $stock, $open);
        $delivered = $swing->delivered();
        $launch = $this->ballistics->launchDeg($delivered->loftDeg, $shot->slopeDeg, true);
        $clearance = $this->clearanceM($shot, $launch);
        $clears = ! $shot->hasLip() || $clearance >= self::LIP_MARGIN_M;
        $stance = $school === School::OpenAcross ? max(0.0, $open) : $stock->range(Observable::StanceOpen)?->middle() ?? 0.0;
        $path = -self::PATH_PER_STANCE * $stance;
        $start = self::BY_PATH * $path + (1 - self::BY_PATH) * $delivered->azimuthDeg;
        $aim = -round($start, 1);
        $dug = $stock->range(Observable::FeetDug)?->middle() ?? 0.0;
        $rates = $this->model->rates($swing);

        return new SandCard(
            $school,
            $this->clubAdvice($shot),
            $open,
            $stance,
            $aim,
            $path,
            $stock->range(Observable::BallPosition)?->middle() ?? 50.0,
            $stock->range(Observable::LeadWeight)?->middle() ?? 50.0,
            $lean,
            $dug,
            // Feet dug in lower the sole by as much: the hands go down the grip by as much, and the depth stays.
            $dug,
            $this->entry($shot, $school, $swing),
            $this->model->impact($swing)->seenDepthMm($swing->radiusMm, $swing->depth->mean),
            Backswing::askedBy($this->task($shot)) ?? Backswing::Rib,
            $launch,
            $shot->hasLip(),
            $clears,
            $clearance,
            $start + $aim,
            $rates,
            $this->warnings($shot, $stock, $open, $wanted, $clears, $clearance),
            $this->why($shot, $stock, $open, $wanted, $launch, $clearance, $clears),
        );
    }

    /** How much of the range of the face the shot asks for: 1 for the shortest and highest, 0 for a long one with room and no lip. */
    private static function shortness(SandShot $shot): float
    {
        $short = (self::LONG_M - $shot->carryM) / (self::LONG_M - self::SHORT_M);
        $tight = 0.5 * max(0.0, 1 - $shot->roomM / self::LITTLE_ROOM_M);
        $high = (0.5 * rad2deg(atan2($shot->lipHeightM, $shot->lipDistanceM))) / self::STEEP_LIP_DEG;

        return max(0.0, min(1.0, max(0.0, $short) + $tight + $high));
    }

    /** The least opening from here on that flies over the lip; null where none does. */
    private function opensFor(SandShot $shot, Club $club, float $leanDeg, float $fromDeg): ?float
    {
        for ($open = $fromDeg; $open <= self::WIDEST_OPEN_DEG; $open += self::OPEN_STEP_DEG) {
            $loft = DeliveredClub::of($club, $leanDeg, $open)->loftDeg;
            if ($this->clearanceM($shot, $this->ballistics->launchDeg($loft, $shot->slopeDeg, true)) >= self::LIP_MARGIN_M) {
                return $open;
            }
        }

        return null;
    }

    /** Height of the ball over the top of the lip, m; over the ground ahead where there is none. */
    private function clearanceM(SandShot $shot, float $launchDeg): float
    {
        return $this->ballistics->heightM($shot->lipDistanceM, max($shot->carryM, $shot->lipDistanceM), $launchDeg) - $shot->lipHeightM;
    }

    /** The face as wanted, or shut again until no more than a tenth skips. */
    private function asFarAsTheSandAllows(SandShot $shot, SetupCard $stock, float $leastDeg, float $wantedDeg): float
    {
        if ($this->skips($shot, $stock, $wantedDeg) <= self::SKIPS) {
            return $wantedDeg;
        }
        [$allowed, $tooFar] = [min(0.0, $leastDeg), $wantedDeg];
        while ($tooFar - $allowed > self::OPEN_STEP_DEG / 4) {
            $middle = ($allowed + $tooFar) / 2;
            if ($this->skips($shot, $stock, $middle) <= self::SKIPS) {
                $allowed = $middle;
            } else {
                $tooFar = $middle;
            }
        }

        return $allowed;
    }

    private function skips(SandShot $shot, SetupCard $stock, float $openDeg): float
    {
        return $this->model->rates($this->swing($shot, $stock, $openDeg))[Outcome::Skip->value] ?? 0.0;
    }

    private function swing(SandShot $shot, SetupCard $stock, float $openDeg): Swing
    {
        $calibration = $this->model->calibration;
        $depth = $shot->scatter->depth;
        $swing = new Swing(
            $shot->club,
            $shot->struckFrom(),
            $shot->struckFrom() === Lie::SandPlugged ? $calibration->steepRadiusMm : $calibration->bunkerRadiusMm,
            new Normal(0.0, $shot->scatter->touch->sd),
            $depth->withMean($depth->mean + $shot->ball->deeperMm()),
            $stock->leanDeg(),
            $openDeg,
        );

        return $swing->touching($shot->scatter->touch);
    }

    /**
     * Where the club is to go in: what comes out well in the model, within what the school names.
     *
     * @return array{float, float}
     */
    private function entry(SandShot $shot, School $school, Swing $swing): array
    {
        $named = $school->entryMm();
        $window = $this->model->touchWindow($swing);
        if ($window === null) {
            $where = $shot->scatter->touch->mean;

            return $named ?? [$where, $where];
        }
        if ($named === null || $window->toMm <= $named[0] || $window->fromMm >= $named[1]) {
            return [$window->fromMm, $window->toMm];
        }

        return [max($named[0], $window->fromMm), min($named[1], $window->toMm)];
    }

    private function task(SandShot $shot): Task
    {
        return new Task(Shot::Bunker, $shot->struckFrom(), $shot->club, $shot->slopeDeg, carryM: $shot->carryM);
    }

    private function clubAdvice(SandShot $shot): string
    {
        $name = $shot->club->label();
        $bounce = $shot->club->bounceDeg;
        $lie = $shot->struckFrom();
        $from = self::from($lie);

        return match (true) {
            $shot->carryM > self::LONG_M && $shot->club->loftDeg > self::LESS_LOFT_DEG
                => "{$name} is much loft for {$this->words->course($shot->carryM)}: less loft, the same swing.",
            $lie === Lie::SandThin || $lie === Lie::SandPlugged => $bounce > self::MUCH_BOUNCE_DEG
                ? "{$name} has much bounce for {$from}: less of it goes in more easily."
                : "{$name} fits: little bounce goes in.",
            $lie === Lie::SandSoft && $bounce < self::MUCH_BOUNCE_DEG
                => "{$name} has little bounce for soft sand: more of it carries the sole.",
            $lie === Lie::SandFirm && $bounce > self::MUCH_BOUNCE_DEG
                => "{$name} has much bounce for firm sand: it skips sooner than one with less.",
            default => "{$name} fits.",
        };
    }

    /** @return list<array{SandWarning, string}> */
    private function warnings(SandShot $shot, SetupCard $stock, float $open, float $wanted, bool $clears, float $clearance): array
    {
        $warnings = [];
        if ($wanted - $open > self::OPEN_STEP_DEG) {
            $warnings[] = [
                SandWarning::OpeningSkips,
                "The shot asks for {$this->whole($wanted)} of opening; beyond {$this->whole(max(0.0, $open))} "
                .'more than one in ten would skip.',
            ];
        }
        if ($shot->struckFrom() === Lie::SandPlugged) {
            $warnings[] = [SandWarning::BallPlugged, 'Plugged: it comes out low and runs, and the shot stays hard.'];
        }
        if (abs($shot->slopeDeg) >= self::STEEP_DEG) {
            $warnings[] = [SandWarning::SteepSlope, $shot->slopeDeg > 0
                ? 'Uphill: shoulders along the slope; the ball comes out higher and shorter.'
                : 'Downhill: shoulders along the slope; the ball comes out lower and runs.'];
        }
        if (! $clears) {
            $ways = $this->whatWouldClear($shot, $stock);
            $warnings[] = [
                SandWarning::LipTooHigh,
                ($clearance > 0.0 ? 'This launch only just clears the lip: too little to trust.' : 'This launch does not clear the lip.')
                .($ways === [] ? '' : ' What would: '.implode(', or ', $ways).'.'),
            ];
            if ($ways === []) {
                $warnings[] = [SandWarning::OutSideways, 'Nothing here clears the lip with room to spare: play out sideways or backwards.'];
            }
        }

        return $warnings;
    }

    /** @return list<string> */
    private function whatWouldClear(SandShot $shot, SetupCard $stock): array
    {
        $ways = [];
        $turns = ($stock->range(Observable::FaceOpen)->to ?? 0.0) > 0.0;
        foreach ($this->bag as $club) {
            $open = $turns && $club->loftDeg > $shot->club->loftDeg ? $this->opensFor($shot, $club, $stock->leanDeg(), 0.0) : null;
            if ($open !== null && $this->skips($shot->withClub($club), $stock, $open) <= self::SKIPS) {
                $ways[] = "a {$club->label()} opened {$this->whole($open)}";

                break;
            }
        }
        for ($back = self::BACK_STEP_M; $back <= self::BACK_AT_MOST_M; $back += self::BACK_STEP_M) {
            $further = $shot->furtherBack($back);
            $range = $stock->range(Observable::FaceOpen);
            $open = $turns ? $this->asFarAsTheSandAllows($further, $stock, $range->from ?? 0.0, self::WIDEST_OPEN_DEG) : $stock->openDeg();
            $loft = DeliveredClub::of($shot->club, $stock->leanDeg(), $open)->loftDeg;
            if ($this->clearanceM($further, $this->ballistics->launchDeg($loft, $shot->slopeDeg, true)) >= self::LIP_MARGIN_M) {
                $ways[] = "a ball {$this->words->course($back)} further back";

                break;
            }
        }

        return $ways;
    }

    private function whole(float $degrees): string
    {
        return $this->words->degrees(round($degrees));
    }

    private static function from(Lie $lie): string
    {
        return $lie === Lie::SandPlugged ? 'a plugged ball' : $lie->label();
    }

    /** @return list<string> */
    private function why(SandShot $shot, SetupCard $stock, float $open, float $wanted, float $launch, float $clearance, bool $clears): array
    {
        $lie = $shot->struckFrom();
        $from = self::from($lie);
        $range = $stock->range(Observable::FaceOpen);

        return array_values(
            array_filter([
                match (true) {
                    ($range->to ?? 0.0) <= 0.0 => "For {$from} a shut face: it lets the edge go in, bounce would throw the club up.",
                    $wanted - $open > self::OPEN_STEP_DEG => "{$this->whole(max(0.0, $open))} is as open as {$lie->label()} allows.",
                    $wanted > ($range->to ?? 0.0) => 'The lip asks for more height than the usual range of the face gives.',
                    self::shortness($shot) >= 0.5 => 'Short and high: the face in the open half of its range.',
                    default => 'A long one: less opening, more of the swing goes forward.',
                },
                $shot->hasLip() && $clears
                    ? "It leaves at {$this->whole($launch)} and clears the lip by {$this->words->course($clearance)}."
                    : null,
                'The sand moves the ball: it starts where the sand is thrown, a little toward the face.',
            ]),
        );
    }
}

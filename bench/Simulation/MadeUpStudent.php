<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Club\DeliveredClub;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Contact;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Strike\Outcome;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Strike\Swing;

/** A made-up student: true causes plus skill. Produces set-up, motion and balls through the strike model, as a coach sees them. */
final readonly class MadeUpStudent
{
    /** Where a taught player enters the sand, mm. Origin: handbook 4.4, 30 to 60 behind. */
    private const SAND_ENTRY_MM = -48.0;

    /** Radius of a steep arc into a buried lie, mm. Origin: handbook 14.6. */
    private const STEEP_RADIUS_MM = 700.0;

    /**
     * @param  list<string>  $causes  the true ones, the main cause last and in full, others half as strong; none = a sound player
     * @param  array<string, Habits>  $without  the same student without one of his causes
     */
    private function __construct(
        public array $causes,
        public Task $task,
        public Handedness $handed,
        public School $style,
        private World $world,
        private Habits $habits,
        private Habits $soundHabits,
        private Dice $dice,
        private array $without = [],
    ) {}

    /**
     * @param  list<string>  $causes
     * @param  School|null  $style  how a sound player of another school stands; null = as is usual for the lie
     */
    public static function with(
        array $causes,
        Task $task,
        Handedness $handed,
        Dice $dice,
        ?World $world = null,
        ?School $style = null,
    ): self {
        $world ??= World::plain();
        $style ??= School::standardFor($task->shot, $task->lie);
        $habits = self::sound($task, $dice, $world, $style);
        $sound = clone $habits;
        $faults = $world->behaviour->with($dice);
        $without = [];
        foreach ($causes as $place => $cause) {
            $before = clone $habits;
            $faults->give($cause, $habits, $task);
            $habits->seen = array_map(
                static fn(float|int|string $value): float|string => \is_string($value) ? $value : (float) $value,
                $habits->seen,
            );
            $times = ($world->effects[$cause] ?? 1.0) * ($place < \count($causes) - 1 ? 0.5 : 1.0);
            $stays = $place < \count($causes) - 1 ? 0.5 : 1 / (1 + exp(-3.0 - $dice->normal(0, $world->wordLogit)));
            $habits->rescaled(
                $before,
                static fn(): float => $dice->chance($world->dropped) ? 0.0 : $times * exp($dice->normal(0, $world->effectSpread)),
                static fn(): bool => $dice->chance($stays),
            );
            foreach ($without as $other) {
                $other->changedAs($before, $habits);
            }
            $without[$cause] = $before;
        }

        return new self($causes, $task, $handed, $style, $world, $habits, $sound, $dice, $without);
    }

    /** The same student who has really put his main fault right; what else is wrong with him stays by half. */
    public function cured(): self
    {
        $habits = clone $this->habits;
        $habits->rescaled($this->soundHabits, fn(): float => \count($this->causes) > 1 ? 0.35 : 0.0, static fn(): bool => false);

        return new self([], $this->task, $this->handed, $this->style, $this->world, $habits, $this->soundHabits, $this->dice);
    }

    /**
     * The same student who has put one thing right, whether it was a cause or not: what it shows in looks as a sound player's does, and
     * where it was one, his balls lose it.
     *
     * @param  list<Observable>  $changed  what the change is seen in
     */
    public function putRight(string $cause, array $changed): self
    {
        $habits = clone ($this->without[$cause] ?? $this->habits);
        foreach ($changed as $what) {
            if (isset($this->soundHabits->seen[$what->value])) {
                $habits->seen[$what->value] = $this->soundHabits->seen[$what->value];
            }
        }
        $left = array_values(array_filter($this->causes, static fn(string $one): bool => $one !== $cause));

        return new self($left, $this->task, $this->handed, $this->style, $this->world, $habits, $this->soundHabits, $this->dice);
    }

    /** True share of good strikes, 0..1, by so many balls. */
    public function goodShare(int $balls = 400): float
    {
        $good = 0;
        for ($i = 0; $i < $balls; $i++) {
            $neck = $this->habits->hosel;
            $good += (int) ($this->strike()[1]->outcome->isGood() && ($neck === 0.0 || ! $this->dice->chance($neck)));
        }

        return $good / $balls;
    }

    public function mainCause(): ?string
    {
        return $this->causes === [] ? null : $this->causes[\count($this->causes) - 1];
    }

    /** What a coach writes down: some looks are never taken, and those taken are read with error. */
    public function lesson(int $balls, float $missing): LessonCase
    {
        $seen = new Observations;
        foreach (Observable::byEye() as $what) {
            $value = $this->dice->chance($missing) ? null : $this->look($what);
            if ($value !== null) {
                $seen = $seen->with($what, $value);
            }
        }

        return new LessonCase($this->task, $seen, $this->balls($balls, $missing, 1 - $missing), $this->handed);
    }

    /** A lesson as coaches give them: a few cheap looks, some balls, most without drawn lengths. */
    public function realisticLesson(): LessonCase
    {
        $seen = new Observations;
        $wanted = (int) round($this->dice->between(...$this->world->looks));
        // Cheap looks and those at address come first, in an order that differs from lesson to lesson.
        $order = [];
        foreach (Observable::byEye() as $what) {
            $likely = 1 / $what->look()->value + ($what->group() === Group::Setup ? 0.5 : 0.0);
            $order[$what->value] = -log(max(1.0e-9, $this->dice->share())) / $likely;
        }
        asort($order);
        foreach (\array_slice(array_keys($order), 0, $wanted) as $id) {
            $what = Observable::from($id);
            $value = $this->look($what);
            if ($value !== null) {
                $seen = $seen->with($what, $value);
            }
        }

        return new LessonCase(
            $this->task,
            $seen,
            $this->balls((int) round($this->dice->between(...$this->world->balls)), 0.12, $this->world->lengthsDrawn),
            $this->handed,
        );
    }

    /** One more look, read with error. */
    public function look(Observable $what): float|string|null
    {
        $true = $this->habits->seen[$what->value] ?? null;
        if ($true === null) {
            return null;
        }
        $field = $what->field();
        if (\is_string($true)) {
            $words = array_keys($field->choices);

            return $words !== [] && $this->dice->chance($this->world->wrongWords) ? $this->dice->oneOf($words) : $true;
        }
        $sd =
            $this->world->readingFactor *
            match (true) {
                $what === Observable::LeadWeight, $what === Observable::ImpactWeight => 7.0,
                default => ['mm' => 10.0, '%' => 5.0, 'degrees' => 2.0, 'of 10' => 0.7][$field->unit] ?? 0.0,
            };

        return round(max($field->min, min($field->max, $this->dice->normal($true, $sd))), 1);
    }

    /** @return list<SeenBall> */
    private function balls(int $count, float $missing, float $lengths): array
    {
        $balls = [];
        for ($i = 0; $i < $count; $i++) {
            $balls[] = $this->ball($missing, $lengths);
        }

        return $balls;
    }

    /** @return array{Arc, Contact, DeliveredClub} */
    private function strike(): array
    {
        $h = $this->habits;
        $lean = $h->seen['impact_lean_deg'] ?? ($h->seen['shaft_lean_deg'] ?? 0.0);
        $club = DeliveredClub::of($this->task->club, (float) $lean, $h->figure('face_open_deg'), $h->figure('path_deg'));
        $arc = new Arc(
            $h->radiusMm,
            $this->dice->normal($h->lowPointMm, $h->lowPointSdMm),
            $this->dice->normal($h->depthMm, $h->depthSdMm),
        );

        return [$arc, (new StrikeModel($this->world->calibration))->strike($club, $this->task->lie, $arc), $club];
    }

    private function ball(float $missing, float $lengths): SeenBall
    {
        $h = $this->habits;
        [$arc, $contact, $club] = $this->strike();
        $sand = $this->task->inSand();
        $neck = $h->hosel > 0.0 && $this->dice->chance($h->hosel);
        $strike = $neck ? Strike::Hosel : $this->word($contact->outcome);
        $seen = fn(): bool => ! $this->dice->chance($missing);
        $touched = $arc->touchesGround();
        $touchSeen = $seen();
        $mark = Mark::seen($contact->seenDepthMm / $this->world->markFactor, $sand, $this->world->calibration);
        $lofted = $club->loftDeg - $this->task->club->loftDeg;
        $low = $strike->isThin() || $lofted < -5 || $this->dice->chance($h->low);
        $carry =
            ($this->task->carryM ?? 0.0) *
            $h->carryFactor *
            (1 - ($sand ? 0.6 : 1.0) * $contact->speedLost) *
            $this->dice->normal(1.0, $h->carrySd);
        if ($sand && $strike === Strike::Splash) {
            $carry = ($this->task->carryM ?? 0.0) * $h->carryFactor * $this->dice->normal(1.0, $h->carrySd + 0.01);
        }
        $start = $h->startDeg + $this->dice->normal(0, 2);
        if ($neck) {
            // Off the neck: out to the trail side, low, and not far.
            $carry *= $this->dice->between(0.2, 0.7);
            $start += $this->dice->between(25, 45);
            $low = true;
        }

        return new SeenBall(
            strike: $this->dice->chance($this->world->wrongWords) ? $this->dice->oneOf($this->task->shot->strikes()) : $strike,
            touchMm: $touched && $touchSeen
                ? round(max(-300.0, min(300.0, $this->dice->normal($arc->entryMm, $this->world->touchErrorMm))))
                : null,
            noContact: ! $touched && $touchSeen,
            mark: $seen() ? $mark : null,
            markLengthMm: $touched && $touchSeen && $this->dice->chance($lengths)
                ? round(max(5.0, min(600.0, $this->dice->normal($this->world->calibration->markSeen * 2 * $arc->halfCutMm, 12))))
                : null,
            flight: $seen() ? ($low ? 'low' : ($lofted > 6 && ! $sand ? 'high' : 'expected')) : null,
            startDeg: $seen() ? round($this->handed->mirrored(max(-45.0, min(45.0, $start))), 1) : null,
            carryM: $this->task->carryM !== null && $seen() ? round(max(0.0, $carry), 1) : null,
            roll: $seen() ? ($low || $this->dice->chance($h->runs) ? 'runs' : 'normal') : null,
            sound: $sand && $seen() ? ($strike->isThin() ? 'click' : (($contact->glideMarginDeg ?? 0.0) > 0 ? 'thud' : 'scrape')) : null,
            sandDirection: $sand && $touched && $seen() ? $this->sandDirection() : null,
        );
    }

    private function word(Outcome $outcome): Strike
    {
        return $outcome === Outcome::Missed
            ? ($this->task->inSand()
                ? Strike::Thin
                : Strike::Topped)
            : Strike::from($outcome->value === 'topped' && $this->task->inSand() ? 'thin' : $outcome->value);
    }

    private function sandDirection(): string
    {
        $lead = $this->handed === Handedness::Right ? 'left' : 'right';

        return $this->dice->chance($this->habits->sandToLeadSide) ? $lead : 'target';
    }

    /** A player without faults: figures of common teaching with the spread of real people, low point where the lie wants it. */
    private static function sound(Task $task, Dice $dice, World $world, School $style): Habits
    {
        $h = new Habits;
        $sand = $task->shot === Shot::Bunker;
        // Hard or buried: the edge has to go in, so the face is shut and the rest as for a chip.
        $hard = $task->lie === Lie::SandThin || $task->lie === Lie::SandPlugged;
        $rough = $task->lie === Lie::BallDown || $task->lie === Lie::LightRough;
        $h->backswing = Backswing::askedBy($task) ?? Backswing::Hip;
        $h->seen = [
            'ball_position_pct' => $sand ? ($hard ? $dice->normal(55, 5) : $dice->normal(92, 5)) : $dice->normal(52, 4),
            'sternum_ahead_mm' => $dice->normal(15, 10),
            'stance_width_mm' => match (true) {
                $sand => $dice->normal(370, 35),
                $rough => $dice->normal(270, 35),
                $task->shot === Shot::Pitch => $dice->normal(215, 30),
                default => $dice->normal(130, 25),
            },
            'lead_weight_pct' => $rough ? $dice->normal(70, 4) : $dice->normal(64, 4),
            'shaft_lean_deg' => $sand ? $dice->normal(-1.5, 1) : $dice->normal(2, 1.2),
            'face_open_deg' => $sand
                ? ($hard
                    ? $dice->normal(-4, 2)
                    : ($task->lie === Lie::SandFirm
                        ? $dice->normal(2, 2)
                        : $dice->normal(24, 5)))
                : ($rough
                    ? $dice->normal(8, 2)
                    : $dice->normal(3, 2)),
            'shoulders_open_deg' => $dice->normal(2, 2),
            'handle_height' => 'normal',
            'ball_distance' => 'normal',
            'balance' => 'balls',
            'grip_down_mm' => $dice->between(0, 40),
            'grip_pressure' => $dice->normal(3.6, 0.6),
            'backswing_length' => strtolower($h->backswing->name),
            'rhythm' => 'smooth',
            'speed_change' => 'free',
            'chest_turn' => 'keeps_turning',
            'head_drift_mm' => $dice->normal(2, 6),
            'hip_sway_mm' => $dice->between(0, 22),
            'impact_weight_pct' => $dice->normal(74, 5),
            'wrist_set' => $rough ? $dice->oneOf(['early', 'normal']) : 'normal',
            'release' => 'matched',
            'lead_wrist' => 'flat',
            'attack' => $dice->oneOf(['descending', 'level']),
            'attack_deg' => $dice->normal(-3.5, 1),
            'path_deg' => $sand ? $dice->normal(-2, 1.2) : $dice->normal(0, 1.5),
            'takeaway' => 'on_plane',
            'face_backswing' => $sand && ! $hard ? 'open' : 'along_spine',
            'face_through' => $sand ? 'stays_open' : 'square',
            'moves_toward_ball' => 'steady',
            'finish' => $sand ? 'full' : 'short_balanced',
        ];
        // Sound in another way: the figures of that school, matched to one another.
        if ($style !== School::standardFor($task->shot, $task->lie)) {
            foreach (SetupCard::of($style, $task)->figures as $what => $range) {
                $h->seen[$what] = $dice->normal($range->middle(), max(0.5, ($range->to - $range->from) / 5));
            }
        }
        foreach ($world->normals as $what => $by) {
            $h->seen[$what] = $h->figure($what) + ($what === 'face_open_deg' && $sand ? 3 : 1) * $by;
        }
        $h->seen['impact_lean_deg'] = $h->figure('shaft_lean_deg') + $dice->normal(0, 1);
        $h->seen['stance_open_deg'] ??=
            $sand && ! $hard ? $h->figure('face_open_deg') + $dice->normal(0, 3) : $dice->normal($sand ? 0 : 9, 3);
        $typical = $world->calibration->typicalDepth($task->lie);
        $h->depthMm = $world->depthFactor * $typical->mean;
        if ($sand) {
            $h->seen['feet_dug_mm'] = $dice->normal(32, 5);
            // A buried ball is reached more steeply (handbook 14.6).
            $h->radiusMm = $task->lie === Lie::SandPlugged ? self::STEEP_RADIUS_MM : $world->calibration->bunkerRadiusMm;
            $h->depthSdMm = 0.5 * $typical->sd;
            $h->lowPointSdMm = $world->scatterFactor * $dice->between(9, 17);
        } else {
            $h->depthSdMm = 0.7 * $typical->sd;
            $h->lowPointSdMm = $world->scatterFactor * $dice->between(7, 15);
        }
        $h->lowPointMm = self::goodLowPoint($h, $task, $world, $style) + $dice->normal($world->touchMm, 6);

        return $h;
    }

    /** Sound players have learned where to touch for their way of delivering the club: on turf nearer the heavy end. */
    private static function goodLowPoint(Habits $h, Task $task, World $world, School $style): float
    {
        $half = (new Arc($h->radiusMm, 0.0, $h->depthMm))->halfCutMm;
        $window = (new StrikeModel($world->calibration, 9))->touchWindow(
            new Swing(
                $task->club,
                $task->lie,
                $h->radiusMm,
                new Normal(0.0, 1.0),
                new Normal($h->depthMm, $h->depthSdMm),
                $h->figure('impact_lean_deg'),
                $h->figure('face_open_deg'),
                $h->figure('path_deg'),
            ),
        );
        if ($window === null) {
            return $half + ($task->inSand() ? self::SAND_ENTRY_MM : 0.0);
        }
        if ($task->inSand()) {
            return $half + max($window->fromMm + 5, min($window->toMm - 5, self::SAND_ENTRY_MM));
        }

        return $half + $window->fromMm + 0.4 * $window->widthMm();
    }
}

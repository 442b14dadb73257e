<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Ground;

/**
 * A world of made-up students: how strongly faults act, what is normal, how well coaches read, who comes for a lesson
 * (handbook 14.4, 14.5). Nobody knows which world he teaches in, so the judgement is measured over several.
 */
final readonly class World
{
    /** How much oftener or less often a cause is met in a place, sd of the log. Origin: chosen by us. */
    private const MET_LOG_SD = 0.8;

    /**
     * @param  array<string, float>  $effects  how strongly each cause acts, 1 = as its behaviour has it
     * @param  array<string, float>  $normals  what is usual here beyond common teaching, by observable, in its unit
     * @param  float  $touchMm  where sound players touch beyond common teaching
     * @param  float  $effectSpread  sd of the log by which one effect of one cause differs
     * @param  float  $dropped  share of the effects that are absent
     * @param  float  $wordLogit  sd by which the share of a word differs, logit
     * @param  float  $readingFactor  errors of reading, of common ones; $touchErrorMm that of a touch, $wrongWords the share of words
     *     read wrong
     * @param  float  $markFactor  how much deeper a mark must be here to be called by its name
     * @param  float  $pairShare  of the faulty who have two faults; $otherStyles of the sound who follow another school
     * @param  array<string, float>  $met  how much oftener each cause is met than in common teaching
     * @param  array{float, float}  $looks  how many looks a coach takes
     * @param  array{float, float}  $balls  how many balls he watches; $lengthsDrawn the share of marks whose length he draws
     */
    public function __construct(
        public BehaviourKind $behaviour,
        public Calibration $calibration,
        public array $effects = [],
        public array $normals = [],
        public float $touchMm = 0.0,
        public float $depthFactor = 1.0,
        public float $scatterFactor = 1.0,
        public float $effectSpread = 0.0,
        public float $dropped = 0.0,
        public float $wordLogit = 0.0,
        public float $readingFactor = 1.0,
        public float $touchErrorMm = 10.0,
        public float $wrongWords = 0.1,
        public float $markFactor = 1.0,
        public float $soundShare = 0.2,
        public float $pairShare = 0.25,
        public float $otherStyles = 0.0,
        public array $looks = [3.0, 11.0],
        public array $balls = [5.0, 12.0],
        public float $lengthsDrawn = 0.3,
        public int $seed = 0,
        public array $met = [],
    ) {}

    /** The first world: every fault as its behaviour has it. */
    public static function plain(BehaviourKind $behaviour = BehaviourKind::Habits): self
    {
        return new self($behaviour, Calibration::standard());
    }

    /** A place: a world in which some causes are met oftener than others, by who comes and from what ground they play. */
    public static function ofPlace(BehaviourKind $behaviour, int $seed): self
    {
        $dice = new Dice($seed + 7919);
        $met = [];
        foreach (CauseLibrary::standard()->all() as $cause) {
            $met[$cause->id] = exp($dice->normal(0, self::MET_LOG_SD));
        }
        return self::drawn($behaviour, $seed, $met);
    }

    /**
     * A world drawn by chance. Ranges: handbook 14.4.
     *
     * @param  array<string, float>  $met  how much oftener each cause is met than in common teaching
     */
    public static function drawn(BehaviourKind $behaviour, int $seed, array $met = []): self
    {
        $dice = new Dice($seed);
        $log = static fn(float $sd): float => exp($dice->normal(0, $sd));
        $grounds = [];
        foreach (Calibration::standard()->grounds as $lie => $ground) {
            $grounds[$lie] = new Ground(
                $ground->heightMm + $dice->normal(0, 0.3),
                $ground->drag * $log(0.13),
                $ground->firmness * $log(0.2),
                $ground->dragPerEntryMm,
                $ground->pickedFromMm,
                $ground->coverMm,
                $ground->digRange,
            );
        }
        $effects = [];
        foreach (CauseLibrary::standard()->all() as $cause) {
            $effects[$cause->id] = $log(0.22);
        }
        $from = $dice->between(3, 6);
        $fewest = $dice->between(5, 8);

        return new self(
            $behaviour,
            new Calibration($grounds, markSeen: $dice->between(0.65, 0.95), lowPointPerLeanMm: $dice->between(1.2, 3.6)),
            $effects,
            [
                'ball_position_pct' => $dice->normal(0, 4),
                'shaft_lean_deg' => $dice->normal(0, 0.9),
                'lead_weight_pct' => $dice->normal(0, 2.5),
                'sternum_ahead_mm' => $dice->normal(0, 7),
                'face_open_deg' => $dice->normal(0, 1.5),
            ],
            $dice->normal(0, 9),
            $log(0.15),
            $log(0.15),
            $dice->between(0.3, 0.5),
            0.18,
            $dice->between(0.5, 0.8),
            $dice->between(0.7, 1.6),
            $dice->between(6, 16),
            $dice->between(0.04, 0.18),
            $log(0.18),
            $dice->between(0.14, 0.32),
            $dice->between(0.2, 0.65),
            $dice->between(0.1, 0.5),
            [$from, $from + $dice->between(2, 5)],
            [$fewest, $fewest + 4],
            $dice->between(0.1, 0.8),
            $seed,
            $met,
        );
    }
}

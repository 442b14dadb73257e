<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\Clue\Clue;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\LessLoft;
use LowPoint\Core\ShotChoice\Planner;
use LowPoint\Core\ShotChoice\Scatter;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LessLoftTest extends TestCase
{
    public function test_it_tells_what_the_planner_tells_of_both_clubs(): void
    {
        $less = LessLoft::insteadOf(self::task(5.0, 11.0), Calibration::standard()) ?? self::fail('It tells nothing.');
        $plan = (new Planner(StrikeModel::standard()))->plan(
            new Ground(Lie::Fairway, 0.0, 4.0, 12.0, 8.0),
            [new Club(44.0, 6.0), new Club(60.0, 8.0)],
            Scatter::usual(Lie::Fairway),
        );
        $leaves = [];
        foreach ($plan->options as $option) {
            $leaves[(int) $option->builtLoftDeg()] ??= $option->finish->meanLeaveM;
        }
        self::assertSame([$leaves[44], $leaves[60]], [$less->runningLeavesM, $less->takenLeavesM]);
        self::assertEqualsWithDelta(1 - $leaves[44] / $leaves[60], $less->saves(), 1.0e-9);
    }

    public function test_the_more_green_there_is_the_more_less_loft_saves(): void
    {
        $before = -INF;
        foreach ([2.0, 4.0, 8.0, 12.0] as $roll) {
            $saves = LessLoft::insteadOf(self::task(5.0, $roll), Calibration::standard())?->saves() ?? NAN;
            self::assertGreaterThan($before, $saves, "{$roll} m of roll");
            $before = $saves;
        }
    }

    public function test_it_plans_with_the_strike_model_as_it_was_recalibrated(): void
    {
        $harsher = new Calibration(Calibration::standard()->grounds, heavySpeedLost: 0.04, thinTurfMm: 3.0);
        self::assertNotEqualsWithDelta(
            LessLoft::insteadOf(self::task(5.0, 11.0), Calibration::standard())?->takenLeavesM,
            LessLoft::insteadOf(self::task(5.0, 11.0), $harsher)?->takenLeavesM,
            0.01,
        );
    }

    #[TestWith([null, 12.0])]
    #[TestWith([0.0, 12.0])]
    #[TestWith([5.0, null])]
    public function test_it_is_silent_where_the_task_does_not_tell_the_ground(?float $carry, ?float $roll): void
    {
        self::assertNull(LessLoft::insteadOf(self::task($carry, $roll), Calibration::standard()));
    }

    public function test_it_is_silent_of_sand_and_of_a_club_with_little_loft(): void
    {
        $sand = new Task(Shot::Bunker, Lie::SandMedium, new Club(56.0, 12.0), carryM: 8.0, rollM: 3.0);
        self::assertNull(LessLoft::insteadOf($sand, Calibration::standard()));
        self::assertNull(LessLoft::insteadOf(self::task(5.0, 12.0, 51.0), Calibration::standard()));
        self::assertNotNull(LessLoft::insteadOf(self::task(5.0, 12.0, 52.0), Calibration::standard()));
    }

    #[TestWith([5.0, 16.0, 5.0], 'speaks in full')]
    #[TestWith([7.0, 2.0, 0.29], 'short-sided: speaks against')]
    public function test_it_is_the_evidence_that_a_harder_shot_was_chosen(float $carry, float $roll, float $odds): void
    {
        $case = new LessonCase(self::task($carry, $roll));
        $clue = self::clue();

        self::assertEqualsWithDelta(
            $odds,
            exp($clue->weight(EvidenceContext::of($case, Calibration::standard())) ?? 0.0),
            0.02,
        );
    }

    #[Group('draws')]
    public function test_it_counts_by_how_much_is_saved_between_nothing_and_a_fifth(): void
    {
        $clue = self::clue();
        $before = -INF;
        $seen = [];
        for ($roll = 4.0; $roll <= 12.0; $roll += 0.2) {
            $case = new LessonCase(self::task(5.0, $roll));
            $weight = $clue->weight(EvidenceContext::of($case, Calibration::standard())) ?? 0.0;
            self::assertGreaterThanOrEqual($before - 1.0e-9, $weight);
            $seen[(string) round($weight, 3)] = true;
            $before = $weight;
        }
        self::assertGreaterThan(3, \count($seen), 'It steps from against to for.');
    }

    private static function clue(): Clue
    {
        return CauseLibrary::standard()->find('wrong_shot')->clues[0] ?? self::fail('There is no such cause.');
    }

    private static function task(?float $carryM, ?float $rollM, float $loft = 60.0): Task
    {
        return new Task(Shot::Chip, Lie::Fairway, new Club($loft, 8.0), carryM: $carryM, rollM: $rollM);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\ShotChoice;

use LowPoint\Core\Club\Club;
use LowPoint\Core\ShotChoice\Finish;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\ShotChoice\PlannedShot;
use LowPoint\Core\ShotChoice\Reasons;
use LowPoint\Core\ShotChoice\ShotKind;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Why one way is best, and what is against another: each sentence from figures that ask for it, and none from figures that do not. */
final class ReasonsTest extends TestCase
{
    /** Balls of which so many stay short and run off; the others lie at the hole. Edge 4, hole 16, back 24. */
    private static function shot(
        ?float $loft,
        float $thin = 0.0,
        float $heavy = 0.0,
        float $short = 0.0,
        float $off = 0.0,
        float $ends = 16.0,
        ?bool $clears = null,
    ): PlannedShot {
        $balls = [[2.0, $short], [30.0, $off], [16.0, 1 - $short - $off]];

        return new PlannedShot(
            $loft === null ? ShotKind::Putt : ShotKind::Chip,
            $loft === null ? null : new Club($loft, 8.0),
            null,
            $loft ?? 0.0,
            30.0,
            1.0,
            5.0,
            $ends - 5.0,
            Finish::of($balls, self::ground(), $thin, $heavy),
            $clears,
        );
    }

    private static function ground(): Ground
    {
        return new Ground(Lie::LightRough, 0.0, 4.0, 12.0, 8.0);
    }

    /** @return list<string> why, of each */
    private static function why(PlannedShot ...$options): array
    {
        return array_map(
            static fn(PlannedShot $one): string => $one->why,
            (new Reasons(self::ground(), new Words))->told(array_values($options)),
        );
    }

    public function test_nothing_that_clears_is_said_before_all_else(): void
    {
        self::assertSame(
            [
                'Nothing in this bag gets over what stands in the way: play around it, or sideways.',
                'Does not clear what stands in the way.',
            ],
            self::why(self::shot(60.0, clears: false), self::shot(44.0, clears: false)),
        );
    }

    public function test_a_putt_has_no_strike_to_miss_and_through_rough_it_is_never_the_same(): void
    {
        self::assertSame('No strike to miss: the ball rolls all the way.', self::why(self::shot(null), self::shot(44.0))[0]);
        self::assertSame('The light rough takes speed, and never the same.', self::why(self::shot(44.0), self::shot(null))[1]);
    }

    public function test_the_lowest_that_clears_is_best_for_that(): void
    {
        $told = 'The lowest that clears what stands in the way.';
        self::assertSame($told, self::why(self::shot(56.0, clears: true), self::shot(44.0, clears: false))[0]);
        self::assertNotSame($told, self::why(self::shot(56.0, clears: true), self::shot(44.0, clears: true))[0]);
        // Five degrees are no other loft.
        self::assertSame($told, self::why(self::shot(56.0, clears: true), self::shot(51.0, clears: true))[0]);
    }

    public function test_less_loft_is_best_for_what_its_figures_say(): void
    {
        $lofted = self::shot(56.0, thin: 0.2, heavy: 0.2, short: 0.3);
        self::assertSame(
            'Less loft: a slower swing with 1 in 10 missed instead of 4 in 10, a thin one still stays on, '.
                'a heavy one still reaches the green.',
            self::why(self::shot(44.0, thin: 0.08), $lofted)[0],
        );
        self::assertSame(
            'Less loft: a slower swing with 2 in 10 missed instead of 4 in 10.',
            self::why(self::shot(44.0, thin: 0.2, short: 0.25, off: 0.1), $lofted)[0],
        );
        self::assertSame('Less loft: there is green to roll on.', self::why(self::shot(44.0), self::shot(50.0))[0]);
        self::assertSame('It leaves the ball nearest on average.', self::why(self::shot(44.0), self::shot(49.9))[0]);
    }

    public function test_nothing_but_height_stops_where_every_lower_one_runs_past(): void
    {
        self::assertSame(
            'Nothing but height stops: a lower one that lands on the green runs 2.5 m past.',
            self::why(self::shot(60.0), self::shot(44.0, ends: 20.0), self::shot(50.0, ends: 18.5))[0],
        );
        self::assertSame(
            'The lower ones clear it only by flying further, and then run past.',
            self::why(self::shot(60.0, clears: true), self::shot(44.0, ends: 20.0, clears: true))[0],
        );
        self::assertSame(
            'It leaves the ball nearest on average.',
            self::why(self::shot(60.0), self::shot(44.0, ends: 20.0), self::shot(50.0, ends: 16.9))[0],
        );
    }

    /** @param array<string, float> $over */
    #[TestWith([['ends' => 18.0], 'Struck well it runs 2 m past.'])]
    #[TestWith([['ends' => 17.0], 'Nearly as good.'], 'a metre holds')]
    #[TestWith([['short' => 0.25], 'One in four stays short of the green.'])]
    #[TestWith([['off' => 0.2], 'One in five runs off the back.'])]
    #[TestWith([['thin' => 0.1, 'heavy' => 0.2], 'A faster swing: 3 in 10 missed instead of 1 in 10.'])]
    #[TestWith([['short' => 0.07], 'Nearly as good.'])]
    #[TestWith([['thin' => 0.1, 'heavy' => 0.07], 'Nearly as good.'])]
    public function test_what_is_against_another_way_is_what_is_worst_in_it(array $over, string $told): void
    {
        self::assertSame($told, self::why(self::shot(44.0, heavy: 0.1), self::shot(52.0, ...$over))[1]);
    }

    public function test_what_the_best_does_as_often_is_nothing_against_another(): void
    {
        self::assertSame(
            'Nearly as good.',
            self::why(self::shot(44.0, thin: 0.2, short: 0.2), self::shot(52.0, thin: 0.22, short: 0.25))[1],
        );
    }
}

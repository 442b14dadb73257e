<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Evidence;

use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\DerivedBall;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Mark;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PatternTest extends TestCase
{
    public function test_a_touch_with_a_length_gives_back_the_arc_that_left_the_mark(): void
    {
        $seen = Calibration::standard()->markSeen;
        foreach ([-60.0, 0.0, 45.0] as $lowPoint) {
            foreach ([0.5, 2.0, 6.0] as $depth) {
                $arc = new Arc(1100, $lowPoint, $depth);
                $ball = DerivedBall::of(
                    new SeenBall(touchMm: $arc->entryMm, markLengthMm: $seen * 2 * $arc->halfCutMm),
                    1100,
                    false,
                    Calibration::standard(),
                );
                self::assertSame(LowPointSource::Measured, $ball->source);
                self::assertEqualsWithDelta($lowPoint, $ball->lowPointMm, 1e-9);
                self::assertEqualsWithDelta($depth, $ball->depthMm, 1e-9);
            }
        }
    }

    public function test_a_touch_with_a_mark_takes_the_depth_of_its_kind(): void
    {
        $ball = DerivedBall::of(new SeenBall(Strike::Heavy, -40, mark: Mark::Shallow), 1100, false, Calibration::standard());

        self::assertSame(LowPointSource::Assumed, $ball->source);
        self::assertEqualsWithDelta(-40 + sqrt(2 * 1100 * 1.1), $ball->lowPointMm, 1e-9);
    }

    public function test_a_length_of_a_millimetre_is_a_length_and_none_is_none(): void
    {
        $source = static fn(?float $length): LowPointSource => DerivedBall::of(
            new SeenBall(Strike::Heavy, -40, markLengthMm: $length),
            1100,
            false,
            Calibration::standard(),
        )->source;

        self::assertSame(LowPointSource::Measured, $source(1.0));
        self::assertSame(LowPointSource::Assumed, $source(0.0));
        self::assertSame(LowPointSource::Assumed, $source(null));
    }

    public function test_no_contact_is_censored_and_an_unseen_touch_is_not(): void
    {
        self::assertSame(
            LowPointSource::Censored,
            DerivedBall::of(new SeenBall(Strike::Thin, noContact: true), 1100, false, Calibration::standard())->source,
        );
        $thin = DerivedBall::of(new SeenBall(Strike::Thin), 1100, false, Calibration::standard());
        self::assertSame(LowPointSource::NotSeen, $thin->source);
    }

    public function test_censored_balls_raise_the_arc_that_is_inferred(): void
    {
        $depths = array_map(
            static fn(int $censored): float => self::pattern([
                ...Cases::balls(5, ['strike' => 'clean', 'touch_mm' => -30, 'mark_length_mm' => 100]),
                ...Cases::balls($censored, ['strike' => 'thin', 'touch_mm' => null]),
            ])->depthEstimate(Calibration::standard())->mean,
            [0, 2, 6, 12],
        );

        self::assertSame($depths, array_reverse(self::sorted($depths)), 'each ball that left no mark lowers the depth');
        self::assertLessThan(0.0, $depths[3]);
    }

    public function test_the_depth_lies_between_the_marks_and_the_balls_without_one(): void
    {
        $marks = [
            ...Cases::balls(4, ['touch_mm' => 0, 'mark_length_mm' => 90]),
            ...Cases::balls(3, ['strike' => 'thin', 'touch_mm' => null]),
        ];
        $pattern = self::pattern($marks);
        $depths = array_filter(array_map(static fn(DerivedBall $one): ?float => $one->depthMm, $pattern->derived));
        $estimate = $pattern->depthEstimate(Calibration::standard());

        self::assertLessThan(min($depths), $estimate->mean, 'three of seven left no mark');
        self::assertGreaterThan(-max($depths), $estimate->mean);
    }

    public function test_a_mark_has_the_depth_that_the_handbook_gives_it(): void
    {
        self::assertSame([0.0, 0.35, 1.1, 2.0], array_map(static fn(Mark $mark): float => $mark->depthMm(false), Mark::cases()));
        self::assertSame([0.0, 2.5, 5.0, 8.0], array_map(static fn(Mark $mark): float => $mark->depthMm(true), Mark::cases()));
    }

    /**
     * A longer shot asks for as long a backswing or a longer one, and each length is asked for up to its carry.
     *
     * @param  list<array{float, string}>  $asked
     */
    #[TestWith(['chip', 'fairway', [[4.0, 'knee'], [4.01, 'hip'], [12.0, 'hip'], [12.01, 'rib'], [25.0, 'rib'], [25.01, 'shoulder']]])]
    #[TestWith(['pitch', 'fairway', [[8.0, 'knee'], [18.0, 'hip'], [32.0, 'rib'], [55.0, 'shoulder'], [55.01, 'full']]])]
    #[TestWith(['bunker', 'sand_medium', [[2.0, 'knee'], [2.01, 'hip'], [5.0, 'hip'], [10.0, 'rib'], [22.0, 'shoulder'], [22.01, 'full']]])]
    public function test_the_backswing_that_a_carry_asks_for(string $shot, string $lie, array $asked): void
    {
        foreach ($asked as [$carry, $length]) {
            $task = Cases::of(['task' => ['shot' => $shot, 'lie' => $lie, 'carry_m' => $carry]])->task;
            self::assertSame($length, strtolower(Backswing::askedBy($task)->name ?? ''), "{$shot} of {$carry} m");
        }
    }

    public function test_the_depth_of_a_censored_sample_is_recovered(): void
    {
        mt_srand(7);
        [$mean, $sd] = [1.0, 1.5];
        $balls = [];
        for ($i = 0; $i < 400; $i++) {
            $depth =
                $mean + $sd * sqrt(-2 * log(mt_rand(1, mt_getrandmax()) / mt_getrandmax())) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
            $balls[] = $depth > 0 ? ['touch_mm' => 0, 'mark_length_mm' => 0.8 * sqrt(8 * 1100 * $depth)] : ['touch_mm' => null];
        }
        $estimate = self::pattern($balls)->depthEstimate(Calibration::standard());

        self::assertEqualsWithDelta($mean, $estimate->mean, 0.25);
        self::assertEqualsWithDelta($sd, $estimate->sd, 0.25);
    }

    public function test_every_ball_is_counted_once(): void
    {
        $pattern = self::pattern([
            ['strike' => 'clean', 'touch_mm' => 3, 'mark_length_mm' => 80],
            ['strike' => 'heavy', 'touch_mm' => -40],
            ['strike' => 'thin', 'touch_mm' => null],
            ['strike' => 'clean'],
        ]);

        $counts = array_map($pattern->sourced(...), LowPointSource::cases());
        self::assertSame([1, 1, 1, 1], $counts);
        self::assertSame(4, $pattern->count());
        self::assertEquals([2, 4], [$pattern->good()->count, $pattern->good()->of]);
    }

    /** @param list<array<string, mixed>> $balls */
    private static function pattern(array $balls): Pattern
    {
        return Pattern::of(Cases::of(['balls' => $balls]), Calibration::standard());
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function sorted(array $values): array
    {
        sort($values);

        return $values;
    }

    public function test_off_the_neck_a_ball_starts_where_no_face_has_sent_it(): void
    {
        $case = Cases::of(['balls' => [
            ['strike' => 'hosel', 'start_deg' => 38],
            ['strike' => 'hosel', 'start_deg' => 42],
            ['strike' => 'clean', 'start_deg' => 2],
        ]]);

        $start = Pattern::of($case, Calibration::standard())->start($case);
        self::assertSame([1, 2.0], [$start->n, $start->mean]);
        self::assertNull(Cases::read(['balls' => [
            ...Cases::balls(4, ['strike' => 'hosel', 'touch_mm' => 2, 'start_deg' => 40]),
            ['strike' => 'clean', 'touch_mm' => 3, 'start_deg' => 1],
        ]])->workOnFirst);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Showing;

use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Showing\GroundAsked;
use LowPoint\Core\Showing\NowAndAsked;
use LowPoint\Core\Showing\Part;
use LowPoint\Core\Showing\State;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Tests\Cases;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each picture with its words covered still says what is asked (handbook 19.7). */
final class NowAndAskedTest extends TestCase
{
    /**
     * A figure now and asked, and the part that shows which way it goes: from now to asked toward the target (x), or up (y).
     *
     * @return iterable<string, array{Observable, float, float, string, string}>
     */
    public static function changes(): iterable
    {
        yield 'ball toward the lead foot' => [Observable::BallPosition, 34, 55, 'circle', 'x'];
        yield 'ball toward the trail foot' => [Observable::BallPosition, 86, 55, 'circle', 'x'];
        yield 'shaft back' => [Observable::ShaftLean, 13, 2, 'circle', 'x'];
        yield 'shaft ahead' => [Observable::ShaftLean, -6, 2, 'circle', 'x'];
        yield 'weight to the lead foot' => [Observable::LeadWeight, 42, 65, 'trunk', 'x'];
        yield 'weight off the lead foot' => [Observable::LeadWeight, 85, 65, 'trunk', 'x'];
        yield 'chest forward' => [Observable::SternumAhead, -50, 15, 'trunk', 'x'];
        yield 'chest back' => [Observable::SternumAhead, 70, 15, 'trunk', 'x'];
        yield 'softer' => [Observable::GripPressure, 8, 3.5, 'scale', 'x'];
        yield 'deeper into the sand' => [Observable::FeetDug, 5, 35, 'scale', 'x'];
    }

    #[DataProvider('changes')]
    public function test_what_changes_goes_the_way_that_is_asked(Observable $what, float $from, float $to, string $by, string $axis): void
    {
        [$view] = NowAndAsked::of([['observable' => $what->value, 'from' => $from, 'to' => $to]], null);
        $of = static fn(State $state): float => self::where($view, $state, $by);

        self::assertSame($to <=> $from, round($of(State::Asked), 1) <=> round($of(State::Now), 1), $axis);
    }

    /** @return iterable<string, array{float, float, float}> face or feet now, asked, and which side the asked line ends on */
    public static function turns(): iterable
    {
        yield 'opened' => [0, 20, -1];
        yield 'shut' => [0, -8, 1];
        yield 'squarer' => [25, 4, 1];
    }

    #[DataProvider('turns')]
    public function test_an_open_face_looks_to_the_trail_side_and_open_feet_to_the_other(float $from, float $to, int $side): void
    {
        foreach ([[Observable::FaceOpen, $side], [Observable::StanceOpen, -$side], [Observable::ShouldersOpen, -$side]] as [$what, $way]) {
            [$view] = NowAndAsked::of([['observable' => $what->value, 'from' => $from, 'to' => $to]], null);
            $tip = static function (State $state) use ($view): float {
                $ends = array_map(static fn(Part $one): array => $one->points[\count($one->points) - 1], self::of($view, $state, 'line'));

                return max($ends)[1];
            };
            self::assertSame($way, $tip(State::Asked) <=> $tip(State::Now), $what->value);
        }
    }

    #[DataProvider('turns')]
    public function test_the_lead_foot_is_drawn_back_as_the_stance_opens(float $from, float $to, int $side): void
    {
        [$view] = NowAndAsked::of([['observable' => 'stance_open_deg', 'from' => $from, 'to' => $to]], null);
        $back = static function (State $state) use ($view): float {
            // The trail foot is drawn first.
            [$trail, $lead] = self::of($view, $state, 'foot');

            return $lead->points[0][1] - $trail->points[0][1];
        };
        self::assertSame(-$side, $back(State::Asked) <=> $back(State::Now));
    }

    public function test_feet_go_closer_together_or_wider(): void
    {
        foreach ([[360, 130], [100, 280]] as [$from, $to]) {
            [$view] = NowAndAsked::of([['observable' => 'stance_width_mm', 'from' => $from, 'to' => $to]], null);
            $apart = static function (State $state) use ($view): float {
                $x = array_map(static fn(Part $one): float => $one->points[0][0], self::of($view, $state, 'foot'));

                return max($x) - min($x);
            };
            self::assertSame($to <=> $from, $apart(State::Asked) <=> $apart(State::Now));
        }
    }

    public function test_what_nobody_looked_at_is_not_drawn_as_it_is_now(): void
    {
        foreach (Observable::cases() as $what) {
            $unseen = ['observable' => $what->value, 'from' => null, 'to' => 20.0, 'range' => [10.0, 30.0]];
            foreach (NowAndAsked::of([$unseen], null) as $view) {
                self::assertSame([], array_filter($view->parts, static fn(Part $one): bool => $one->state === State::Now), $what->value);
                self::assertNull($view->rows[0]['now']);
            }
        }
    }

    public function test_the_club_enters_the_ground_where_the_balls_say(): void
    {
        $ground = GroundAsked::of([-60.0, 40.0], 0.0, 1100.0, 6.0, false);
        self::assertNotNull($ground);
        self::assertEqualsWithDelta(-60.0, $ground->arcNow(-60.0)->entryMm, 1.0e-6);
        self::assertEqualsWithDelta(0.0, $ground->arcAsked()->entryMm, 1.0e-6);
        [$view] = NowAndAsked::of([], $ground);
        $arrows = static fn(State $state): array => array_values(array_map(
            static fn(Part $one): float => $one->points[0][0],
            self::of($view, $state, 'arrow'),
        ));
        self::assertEqualsWithDelta([-60.0, 40.0], $arrows(State::Now), 1.0e-6);
        self::assertEqualsWithDelta([0.0], $arrows(State::Asked), 1.0e-6);
        self::assertSame(['asked' => 'at the ball', 'now' => '6 cm behind and 4 cm ahead'], $view->rows[0]);
    }

    public function test_a_touch_that_is_where_it_should_be_is_not_shown(): void
    {
        self::assertNull(GroundAsked::of([], 0.0, 1100.0, 6.0, false));
        self::assertNull(GroundAsked::of([-6.0], 0.0, 1100.0, 6.0, false));
    }

    public function test_what_was_handed_out_is_shown_again_as_it_was(): void
    {
        $ground = GroundAsked::of([-60.0], 2.0, 1100.0, 6.0, true);
        self::assertEquals($ground, GroundAsked::stored($ground?->toArray() ?? self::fail()));
    }

    public function test_what_was_handed_out_without_a_range_is_asked_as_its_words_had_it(): void
    {
        $old = ['observable' => 'shaft_lean_deg', 'from' => 11.0, 'to' => 1.5];
        $words = 'Bring the grip end back toward the middle of the body: shaft 0 to 3° ahead, now 11° ahead.';
        [$view] = NowAndAsked::of([$old + ['text' => $words]], null);
        self::assertSame([['asked' => 'shaft 0 to 3° ahead', 'now' => '11° ahead']], $view->rows);
        [$chosen] = NowAndAsked::of([$old + ['text' => 'Shaft lean 1.5°, now 11°.']], null);
        self::assertSame('shaft 1.5° ahead', $chosen->rows[0]['asked']);
    }

    public function test_the_first_change_is_shown_first(): void
    {
        $reading = Cases::read(Cases::BEA)->toArray();
        self::assertSame('shaft_lean_deg', $reading['prescription']['setup'][0]['observable']);
        self::assertSame(['face_on', 'above', 'ground'], array_column($reading['asked'] ?? [], 'view'));
    }

    /** Everything drawn lies in the picture, whatever the figures are. */
    public function test_nothing_is_cut_off(): void
    {
        foreach (Observable::cases() as $what) {
            $field = $what->field();
            if ($field->kind !== 'number') {
                continue;
            }
            foreach ([[$field->min, $field->max], [$field->max, $field->min]] as [$from, $to]) {
                foreach (NowAndAsked::of([['observable' => $what->value, 'from' => $from, 'to' => $to]], null) as $view) {
                    [$west, $south, $width, $height] = $view->box;
                    foreach ($view->parts as $part) {
                        foreach ($part->points as [$x, $y]) {
                            self::assertTrue($x >= $west && $x <= $west + $width, "{$what->value}: {$x}");
                            self::assertTrue($y >= $south && $y <= $south + $height, "{$what->value}: {$y}");
                        }
                    }
                }
            }
        }
    }

    /** @return list<Part> */
    private static function of(View $view, State $state, string $kind): array
    {
        return array_values(array_filter(
            $view->parts,
            static fn(Part $one): bool => $one->state === $state && $one->toArray()['kind'] === $kind,
        ));
    }

    private static function where(View $view, State $state, string $by): float
    {
        $kind = static fn(string $kind): array => self::of($view, $state, $kind);

        return match ($by) {
            // The head, or the mark of a weight, is the first or only circle; the strong line of a scale its middle.
            'trunk' => max(array_map(static fn(Part $one): array => [$one->points[0][1], $one->points[0][0]], $kind('circle')))[1],
            'scale' => $state === State::Now ? $kind('circle')[0]->points[0][0] : array_sum(array_column($kind('line')[0]->points, 0)) / 2,
            default => $kind($by)[0]->points[0][0],
        };
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Schools;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Strike\Lie;
use PHPUnit\Framework\TestCase;

final class SetupCardTest extends TestCase
{
    public function test_every_card_stays_within_what_can_be_entered(): void
    {
        foreach (School::cases() as $school) {
            foreach (Shot::cases() as $shot) {
                foreach ($shot->lies() as $lie) {
                    if (! $school->suits($shot, $lie)) {
                        continue;
                    }
                    foreach (Flight::cases() as $flight) {
                        foreach (
                            SetupCard::of($school, new Task($shot, $lie, new Club(56, 10), flightWanted: $flight))->figures as $id => $range
                        ) {
                            $field = Observable::from($id)->field();
                            self::assertLessThanOrEqual($range->to, $range->from, "{$school->value} {$id}");
                            self::assertGreaterThanOrEqual($field->min, $range->from);
                            self::assertLessThanOrEqual($field->max, $range->to);
                        }
                    }
                }
            }
        }
    }

    public function test_every_shot_and_lie_has_a_school_and_two_lies_leave_no_choice(): void
    {
        foreach (Shot::cases() as $shot) {
            foreach ($shot->lies() as $lie) {
                self::assertTrue(School::standardFor($shot, $lie)->suits($shot, $lie));
            }
        }
        $suiting = static fn(Shot $shot, Lie $lie): array => array_values(
            array_filter(School::cases(), static fn(School $school): bool => $school->suits($shot, $lie)),
        );
        self::assertSame([School::ShutEdge], $suiting(Shot::Bunker, Lie::SandThin));
        self::assertSame([School::LieFirst], $suiting(Shot::Chip, Lie::BallDown));
    }

    public function test_a_low_flight_moves_the_ball_back_and_a_high_one_forward_and_opens_the_face(): void
    {
        $card = static fn(Flight $flight): SetupCard => SetupCard::of(
            School::NeutralShaft,
            new Task(Shot::Pitch, Lie::Fairway, new Club(56, 10), flightWanted: $flight),
        );
        $ball = static fn(Flight $flight): float => (float) $card($flight)->range(Observable::BallPosition)?->middle();

        self::assertLessThan($ball(Flight::Stock), $ball(Flight::Low));
        self::assertGreaterThan($ball(Flight::Stock), $ball(Flight::High));
        self::assertGreaterThan($card(Flight::Stock)->openDeg(), $card(Flight::High)->openDeg());
    }
}

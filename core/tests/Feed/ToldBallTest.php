<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Feed;

use LowPoint\Core\Fault;
use LowPoint\Core\Feed\ToldBall;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ToldBallTest extends TestCase
{
    private const ID = '01KAXE3B7Q0V9M4S5T6W7X8Y9Z';

    /** @return iterable<string, array{string, float, float}> key, least, most: as the format is told to those who send it */
    public static function ranges(): iterable
    {
        yield 'carry' => ['carry_m', 0.0, 300.0];
        yield 'roll' => ['roll_m', 0.0, 300.0];
        yield 'start' => ['start_deg', -45.0, 45.0];
        yield 'launch' => ['launch_deg', -10.0, 85.0];
        yield 'ball speed' => ['ball_speed_m_s', 0.0, 100.0];
        yield 'club speed' => ['club_speed_m_s', 0.0, 80.0];
        yield 'attack' => ['attack_deg', -30.0, 30.0];
        yield 'path' => ['path_deg', -45.0, 45.0];
        yield 'face' => ['face_deg', -60.0, 60.0];
        yield 'low point' => ['low_point_mm', -400.0, 400.0];
        yield 'loft at the strike' => ['dynamic_loft_deg', 0.0, 85.0];
    }

    #[DataProvider('ranges')]
    public function test_a_figure_is_taken_up_to_its_ends_and_refused_beyond(string $key, float $least, float $most): void
    {
        foreach ([$least, $most] as $end) {
            self::assertSame([$key => $end], ToldBall::read(['id' => self::ID, $key => $end])->figures);
        }
        foreach ([$least - 0.01, $most + 0.01, NAN, INF, '12', true, [1]] as $wrong) {
            self::assertSame([$key], self::faults(['id' => self::ID, $key => $wrong]));
        }
    }

    public function test_every_figure_of_the_format_is_tried_above(): void
    {
        self::assertSame(array_keys(ToldBall::fields()), array_column([...self::ranges()], 0));
    }

    public function test_nothing_but_the_id_is_asked_for(): void
    {
        $ball = ToldBall::read(['id' => self::ID, 'at' => null, 'carry_m' => null]);

        self::assertSame([self::ID, null, [], []], [$ball->id, $ball->at, $ball->figures, $ball->unknown]);
    }

    public function test_one_ball_is_the_same_however_its_id_is_written(): void
    {
        self::assertSame(self::ID, ToldBall::read(['id' => strtolower(self::ID)])->id);
    }

    #[TestWith([null])]
    #[TestWith([12])]
    #[TestWith([''])]
    #[TestWith(['01KAXE3B7Q0V9M4S5T6W7X8Y9'])]
    #[TestWith(['01KAXE3B7Q0V9M4S5T6W7X8Y9ZZ'])]
    #[TestWith(['81KAXE3B7Q0V9M4S5T6W7X8Y9Z'], 'later than a ULID can tell')]
    #[TestWith(['01KAXE3B7Q0V9M4S5T6W7X8YIL'], 'letters that a ULID does without')]
    public function test_what_is_no_ulid_is_refused(mixed $id): void
    {
        self::assertSame(['id'], self::faults(['id' => $id]));
    }

    #[TestWith(['2026-11-25T10:00:00Z', '2026-11-25T10:00:00.000000+00:00'])]
    #[TestWith(['2026-11-25T10:00:00+02:00', '2026-11-25T10:00:00.000000+02:00'])]
    #[TestWith(['2026-11-25T10:00:00.25Z', '2026-11-25T10:00:00.250000+00:00'])]
    #[TestWith(['2026-11-25T10:00:00.123456Z', '2026-11-25T10:00:00.123456+00:00'])]
    #[TestWith(['2026-11-25T10:00:00.123456789Z', '2026-11-25T10:00:00.123456+00:00'], 'nanoseconds')]
    #[TestWith(['2026-11-25t10:00:00z', '2026-11-25T10:00:00.000000+00:00'], 'lower case')]
    public function test_a_moment_is_read_to_its_fraction(string $told, string $read): void
    {
        self::assertSame($read, ToldBall::read(['id' => self::ID, 'at' => $told])->at?->format('Y-m-d\TH:i:s.uP'));
    }

    public function test_a_carry_that_its_speed_cannot_bring_is_refused(): void
    {
        $ball = static fn(float $speed, float $carry): array => ['id' => self::ID, 'ball_speed_m_s' => $speed, 'carry_m' => $carry];
        self::assertSame(['carry_m'], self::faults($ball(11, 150)));
        self::assertSame(['carry_m'], self::faults($ball(11, 17.1)));
        self::assertSame(11.5, ToldBall::read($ball(11, 11.5))->figures['carry_m']);
        self::assertSame(100.0, ToldBall::read($ball(45, 100))->figures['carry_m']);
    }

    #[TestWith(['yesterday'])]
    #[TestWith(['2026-11-25'])]
    #[TestWith(['2026-11-25T10:00:00'], 'no zone')]
    #[TestWith(['2026-02-31T10:00:00Z'], 'no such day')]
    #[TestWith([1764064800])]
    public function test_a_moment_that_is_none_is_refused_by_name(mixed $at): void
    {
        self::assertSame(['at'], self::faults(['id' => self::ID, 'at' => $at]));
    }

    public function test_an_unknown_key_is_kept_out_and_named_and_the_rest_holds(): void
    {
        $long = str_repeat('é', 60);
        $ball = ToldBall::read(['id' => self::ID, 'spin_rpm' => 6000, 'carry_m' => 31, $long => 1, 7 => 2, 'wind' => null]);

        self::assertSame(['carry_m' => 31.0], $ball->figures);
        self::assertSame(['spin_rpm', str_repeat('é', 39).'…', '7'], $ball->unknown);
    }

    public function test_every_fault_is_told_at_once(): void
    {
        self::assertSame(['id', 'at', 'carry_m', 'face_deg'], self::faults(['id' => 'x', 'at' => 'x', 'carry_m' => -1, 'face_deg' => 61]));
    }

    #[TestWith([null])]
    #[TestWith([31.0])]
    #[TestWith(['ball'])]
    #[TestWith([[]])]
    #[TestWith([[['id' => self::ID]]])]
    public function test_a_ball_that_is_no_object_is_refused(mixed $data): void
    {
        self::assertSame(['ball'], self::faults($data));
    }

    /** @return list<string> keys that are refused */
    private static function faults(mixed $data): array
    {
        try {
            ToldBall::read($data);
        } catch (InvalidInput $e) {
            return array_map(static fn(Fault $fault): string => $fault->key, $e->faults);
        }
        self::fail('It was taken.');
    }
}

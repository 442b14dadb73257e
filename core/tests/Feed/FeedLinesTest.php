<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Feed;

use LowPoint\Core\Feed\FeedLines;
use LowPoint\Core\Feed\ToldBall;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FeedLinesTest extends TestCase
{
    public function test_an_array_and_a_ball_a_line_say_the_same(): void
    {
        $balls = array_map(self::ball(...), range(1, 5));
        $lines = FeedLines::read(implode("\n", array_map(json_encode(...), $balls)));
        $array = FeedLines::read((string) json_encode($balls));

        self::assertSame(array_column($balls, 'id'), self::ids($lines));
        self::assertEquals($lines, $array);
        self::assertSame([], $lines->refused);
    }

    #[TestWith(["\r\n"])]
    #[TestWith(["\n\n  \n"])]
    public function test_empty_lines_and_line_ends_of_any_kind_do_no_harm(string $end): void
    {
        $body = json_encode(self::ball(1)).$end.json_encode(self::ball(2)).$end;

        self::assertSame([self::ball(1)['id'], self::ball(2)['id']], self::ids(FeedLines::read($body)));
    }

    public function test_a_line_that_was_cut_is_named_by_its_number_and_the_others_hold(): void
    {
        $whole = (string) json_encode(self::ball(1));
        $read = FeedLines::read(implode("\n", [$whole, substr($whole, 0, 30), (string) json_encode(self::ball(3))]));

        self::assertSame([self::ball(1)['id'], self::ball(3)['id']], self::ids($read));
        self::assertSame([['line' => 2, 'key' => 'ball', 'message' => 'line 2: no JSON, or cut short']], $read->refused);
    }

    public function test_a_wrong_ball_is_told_with_line_key_value_and_range(): void
    {
        $read = FeedLines::read((string) json_encode([self::ball(1), ['carry_m' => 301] + self::ball(2), 7]));

        self::assertSame([self::ball(1)['id']], self::ids($read));
        self::assertSame([2, 3], array_column($read->refused, 'line'));
        self::assertSame('carry_m: 301 is not allowed; allowed: 0 to 300 m', $read->refused[0]['message']);
        self::assertSame('ball', $read->refused[1]['key']);
    }

    public function test_an_unknown_key_is_told_once_however_many_balls_have_it(): void
    {
        $balls = array_map(static fn(int $i): array => self::ball($i) + ['spin_rpm' => 6000, "extra_{$i}" => 1], range(1, 30));
        $read = FeedLines::read((string) json_encode($balls));

        self::assertCount(30, $read->balls);
        self::assertSame(['spin_rpm', 'extra_1', 'extra_2'], \array_slice($read->unknown, 0, 3));
        self::assertCount(20, $read->unknown);
    }

    public function test_only_the_first_faults_are_told(): void
    {
        $read = FeedLines::read(implode("\n", array_fill(0, 100, '{')));

        self::assertSame(range(1, 20), array_column($read->refused, 'line'));
    }

    public function test_five_hundred_balls_are_taken_and_one_more_is_not(): void
    {
        $balls = array_map(self::ball(...), range(1, 501));
        self::assertCount(500, FeedLines::read((string) json_encode(\array_slice($balls, 0, 500)))->balls);
        self::assertCount(500, FeedLines::read(implode("\n", array_map(json_encode(...), \array_slice($balls, 0, 500))))->balls);
        foreach ([(string) json_encode($balls), implode("\n", array_map(json_encode(...), $balls))] as $body) {
            self::assertSame('feed: "501 balls" is not allowed; allowed: at most 500 in a call', self::refused($body));
        }
    }

    public function test_a_call_that_is_too_long_is_refused_before_it_is_read(): void
    {
        self::assertCount(0, FeedLines::read(str_repeat(' ', 512 * 1024))->balls);
        self::assertStringStartsWith('feed: "524289 bytes"', self::refused(str_repeat(' ', 512 * 1024 + 1)));
    }

    #[TestWith(['[{"id": "01KA'], 'cut')]
    #[TestWith(['[[[[[[[[[[1]]]]]]]]]]'], 'deeper than a ball can be')]
    public function test_an_array_that_cannot_be_read_is_refused_whole(string $body): void
    {
        self::assertStringStartsWith('feed: ', self::refused($body));
    }

    public function test_a_byte_order_mark_loses_no_ball(): void
    {
        $line = (string) json_encode(['id' => '01KAW00000000000000000000A', 'carry_m' => 9.5]);
        self::assertCount(1, FeedLines::read("\u{FEFF}{$line}\n")->balls);
        self::assertCount(1, FeedLines::read("\u{FEFF}[{$line}]")->balls);
    }

    #[TestWith([''])]
    #[TestWith(['[]'])]
    #[TestWith(["\n"])]
    public function test_nothing_sent_is_nothing_taken(string $body): void
    {
        $read = FeedLines::read($body);

        self::assertSame([[], [], []], [$read->balls, $read->refused, $read->unknown]);
    }

    private static function refused(string $body): string
    {
        try {
            FeedLines::read($body);
        } catch (InvalidInput $e) {
            return $e->getMessage();
        }
        self::fail('It was taken.');
    }

    /** @return list<string> */
    private static function ids(FeedLines $read): array
    {
        return array_map(static fn(ToldBall $ball): string => $ball->id, $read->balls);
    }

    /** @return array{id: string, carry_m: float} */
    private static function ball(int $i): array
    {
        return ['id' => \sprintf('01KAXE3B7Q0V9M4S5T6W7X%04d', $i), 'carry_m' => 30.5];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Distance;

use LowPoint\Core\Distance\MysteryNumbers;
use LowPoint\Core\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MysteryNumbersTest extends TestCase
{
    #[TestWith([20, 60, 3])]
    #[TestWith([20, 26, 2], 'six metres: two apart')]
    #[TestWith([20, 21, 1], 'two numbers: they take turns')]
    #[TestWith([1, 150, 3])]
    public function test_numbers_lie_in_the_band_and_apart_from_the_one_before(int $from, int $to, int $apart): void
    {
        foreach (range(1, 40) as $seed) {
            $numbers = MysteryNumbers::draw($from, $to, 40, $seed);
            self::assertCount(40, $numbers);
            self::assertTrue(min($numbers) >= $from && max($numbers) <= $to);
            for ($i = 1; $i < 40; $i++) {
                self::assertGreaterThanOrEqual($apart, abs($numbers[$i] - $numbers[$i - 1]));
            }
        }
    }

    public function test_the_whole_band_is_asked_for_and_both_ends(): void
    {
        $seen = [];
        foreach (range(1, 60) as $seed) {
            $seen = [...$seen, ...MysteryNumbers::draw(20, 40, 40, $seed)];
        }
        $counts = array_count_values($seen);
        ksort($counts);

        self::assertSame(range(20, 40), array_keys($counts));
        self::assertLessThan(2.0, max($counts) / min($counts));
    }

    public function test_as_many_as_sixty_are_drawn(): void
    {
        self::assertCount(60, MysteryNumbers::draw(20, 40, 60, 1));
        self::assertCount(1, MysteryNumbers::draw(20, 40, 1, 1));
    }

    public function test_a_seed_tells_its_numbers_again_and_another_tells_others(): void
    {
        self::assertSame(MysteryNumbers::draw(20, 60, 20, 5), MysteryNumbers::draw(20, 60, 20, 5));
        self::assertNotSame(MysteryNumbers::draw(20, 60, 20, 5), MysteryNumbers::draw(20, 60, 20, 6));
    }

    #[TestWith([0, 40, 10, 'band'])]
    #[TestWith([20, 151, 10, 'band'])]
    #[TestWith([30, 30, 10, 'band'])]
    #[TestWith([40, 20, 10, 'band'])]
    #[TestWith([20, 40, 0, 'count'])]
    #[TestWith([20, 40, 61, 'count'])]
    public function test_what_cannot_be_is_refused_by_name(int $from, int $to, int $count, string $key): void
    {
        try {
            MysteryNumbers::draw($from, $to, $count, 1);
            self::fail("{$key} was taken.");
        } catch (InvalidInput $e) {
            self::assertSame($key, $e->faults[0]->key);
        }
    }

    /** @param array{int, int} $band */
    #[TestWith([null, [10, 40]])]
    #[TestWith([0.0, [10, 40]])]
    #[TestWith([45.0, [27, 63]])]
    #[TestWith([1.0, [1, 3]], 'never narrower than two metres')]
    #[TestWith([140.0, [84, 150]], 'never past what is asked of anybody')]
    public function test_the_band_lies_around_the_carry_that_is_worked_on(?float $carry, array $band): void
    {
        self::assertSame($band, MysteryNumbers::band($carry));
    }

    public function test_the_band_a_student_owns_reaches_from_his_shortest_to_his_longest(): void
    {
        self::assertSame([22, 61], MysteryNumbers::owned([44.0, 60.2, 22.9]));
        self::assertSame([30, 32], MysteryNumbers::owned([30.4]));
        self::assertSame([1, 150], MysteryNumbers::owned([0.3, 200.0]));
    }
}

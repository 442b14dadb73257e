<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Progress\Success;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SuccessTest extends TestCase
{
    /** @param list<array{int, int}> $sets */
    #[TestWith([[], null])]
    #[TestWith([[[0, 0]], null])]
    #[TestWith([[[1, 6], [5, 6]], '1 of 6, then 5 of 6 clean'])]
    #[TestWith([[[1, 6], [0, 0], [2, 6]], '1 of 6, then 2 of 6 clean'])]
    #[TestWith([[[4, 6]], '4 of 6 clean'])]
    #[TestWith([[[5, 6], [2, 6]], '5 of 6 clean'])]
    #[TestWith([[[2, 6], [1, 6]], null])]
    #[TestWith([[[2, 6], [2, 6]], null])]
    public function test_what_went_well_is_told_and_nothing_else(array $sets, ?string $told): void
    {
        self::assertSame($told, Success::of(array_map(static fn(array $one): Tally => new Tally(...$one), $sets), 'clean'));
    }

    public function test_good_strikes_are_counted_of_those_that_were_named(): void
    {
        self::assertEquals(new Tally(2, 3), Tally::ofGood([Strike::Clean, Strike::Heavy, Strike::Splash]));
        self::assertEquals(new Tally(0, 0), Tally::ofGood([]));
    }
}

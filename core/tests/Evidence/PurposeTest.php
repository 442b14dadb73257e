<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Evidence;

use LowPoint\Core\Evidence\Purpose;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PurposeTest extends TestCase
{
    #[TestWith([Purpose::Before, 8, 10, 0])]
    #[TestWith([Purpose::After, 8, 10, 8])]
    #[TestWith([Purpose::Retest, 8, 10, 8])]
    #[TestWith([Purpose::Retest, null, 10, 10])]
    #[TestWith([Purpose::After, null, null, 0])]
    public function test_a_set_needs_as_many_balls_as_the_first_or_as_the_retest_asks(
        Purpose $purpose,
        ?int $first,
        ?int $retest,
        int $balls,
    ): void {
        self::assertSame($balls, $purpose->balls($first, $retest));
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Reading;

use LowPoint\Core\Reading\WeighedClue;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WeighedClueTest extends TestCase
{
    #[TestWith([0.5, 'speaks a little for it', 1.65])]
    #[TestWith([-0.5, 'speaks a little against it', 0.61])]
    #[TestWith([0.7, 'speaks for it', 2.01])]
    #[TestWith([-1.0, 'speaks against it', 0.37])]
    #[TestWith([1.8, 'speaks strongly for it', 6.05])]
    #[TestWith([-3.0, 'speaks strongly against it', 0.05])]
    public function test_a_clue_says_how_strongly_it_speaks_and_for_what(float $weight, string $says, float $odds): void
    {
        $clue = new WeighedClue('hands ahead', $weight, 'by its rule', true);

        self::assertSame($says, $clue->says());
        self::assertSame(
            ['text' => 'hands ahead', 'odds' => $odds, 'says' => $says, 'how' => 'by its rule', 'is_look' => true],
            $clue->toArray(),
        );
    }

    #[TestWith([500.0])]
    #[TestWith([-500.0])]
    public function test_odds_end_at_a_million(float $weight): void
    {
        $odds = (new WeighedClue('x', $weight, '', false))->toArray()['odds'];

        self::assertGreaterThanOrEqual(0.0, $odds);
        self::assertLessThan(1.0e6, $odds);
        self::assertSame($weight > 0, $odds > 9.0e5);
    }
}

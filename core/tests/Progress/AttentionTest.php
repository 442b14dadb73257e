<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Progress\Attention;
use LowPoint\Core\Progress\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AttentionTest extends TestCase
{
    /** @param list<Attention> $reasons */
    #[TestWith([null, false, false, null, false, []])]
    #[TestWith([
        Verdict::Slipping,
        true,
        true,
        0.2,
        true,
        [Attention::Slipping, Attention::RetestDue, Attention::PracticeMissed, Attention::LinkNotOpened],
    ]),]
    #[TestWith([Verdict::Improving, false, false, null, false, [Attention::NoPlan]])]
    #[TestWith([Verdict::Fixed, false, false, null, false, []])]
    #[TestWith([Verdict::Fixed, true, true, 0.9, false, [Attention::RetestDue]])]
    #[TestWith([null, true, true, 0.59, false, [Attention::PracticeMissed]])]
    public function test_reasons_are_named_most_urgent_first(
        ?Verdict $verdict,
        bool $due,
        bool $plan,
        ?float $practice,
        bool $link,
        array $reasons,
    ): void {
        self::assertSame($reasons, Attention::for($verdict, $due, $plan, $practice, $link));
    }

    public function test_reasons_add_up(): void
    {
        self::assertSame(
            [0, 5, 10, 15, 20, 40, 165],
            array_map(
                static fn(array $reasons): int => Attention::urgency($reasons),
                [
                    [],
                    [Attention::LinkNotOpened],
                    [Attention::NoPlan],
                    [Attention::NoPlan, Attention::LinkNotOpened],
                    [Attention::PracticeMissed],
                    [Attention::RetestDue],
                    [Attention::Slipping, Attention::RetestDue, Attention::PracticeMissed, Attention::LinkNotOpened],
                ],
            ),
        );
    }

    public function test_whoever_slips_comes_before_all_lesser_reasons_together(): void
    {
        $others = array_filter(Attention::cases(), static fn(Attention $one): bool => $one !== Attention::Slipping);
        self::assertGreaterThan(
            array_sum(array_map(static fn(Attention $one): int => $one->weight(), $others)),
            Attention::Slipping->weight(),
        );
    }
}

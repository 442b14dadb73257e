<?php

declare(strict_types=1);

namespace LowPoint\Core\Tests\Progress;

use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Progress\Attention;
use LowPoint\Core\Progress\AttentionGroup;
use LowPoint\Core\Progress\AttentionReason;
use LowPoint\Core\Progress\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AttentionTest extends TestCase
{
    /**
     * @param  array{int, int}|null  $visits
     * @param  list<string>  $told
     */
    #[TestWith([null, null, null, false, [], AttentionGroup::Well])]
    #[TestWith([
        Verdict::Slipping,
        3,
        [1, 5],
        true,
        ['slipping, 4 of 10 last time', 'retest overdue by 3 days', 'practised 1 of the last 5 sessions', 'link not opened'],
        AttentionGroup::Slipping,
    ])]
    #[TestWith([Verdict::Improving, -2, null, false, ['no practice plan'], AttentionGroup::Practice])]
    #[TestWith([Verdict::Fixed, -1, null, false, [], AttentionGroup::Well])]
    #[TestWith([Verdict::Fixed, 0, [9, 10], true, ['retest due today', 'link not opened'], AttentionGroup::Retest])]
    #[TestWith([Verdict::NoChange, 1, [0, 0], false, ['retest overdue by a day'], AttentionGroup::Retest])]
    #[TestWith([null, 2, [59, 100], false, ['practised 59 of the last 100 sessions'], AttentionGroup::Practice])]
    #[TestWith([null, null, [3, 5], true, ['link not opened'], AttentionGroup::Well])]
    public function test_reasons_are_named_with_their_figures_most_urgent_first(
        ?Verdict $verdict,
        ?int $dueDays,
        ?array $visits,
        bool $link,
        array $told,
        AttentionGroup $group,
    ): void {
        $reasons = Attention::for($verdict, new Tally(4, 10), $dueDays, $visits === null ? null : new Tally(...$visits), $link);
        self::assertSame($told, array_column($reasons, 'text'));
        self::assertSame($group, AttentionGroup::of($reasons));
    }

    #[TestWith([0, 'says that it hurts, today'])]
    #[TestWith([1, 'says that it hurts, yesterday'])]
    #[TestWith([5, 'says that it hurts, 5 days ago'])]
    public function test_pain_comes_before_everything(int $days, string $told): void
    {
        $reasons = Attention::for(Verdict::Slipping, new Tally(4, 10), 3, new Tally(1, 5), true, $days);
        self::assertSame($told, $reasons[0]->text);
        self::assertSame(AttentionGroup::Hurts, AttentionGroup::of($reasons));
        self::assertGreaterThan(Attention::urgency(\array_slice($reasons, 1)), Attention::urgency([$reasons[0]]));
    }

    public function test_who_was_never_taught_is_new_and_an_open_lesson_comes_before_all_but_pain(): void
    {
        $hurts = Attention::for(null, null, null, null, false, 0);
        $link = Attention::for(null, null, null, null, true);
        self::assertSame(AttentionGroup::New, AttentionGroup::of([], taught: false));
        self::assertSame(AttentionGroup::New, AttentionGroup::of($link, taught: false));
        self::assertSame(AttentionGroup::Well, AttentionGroup::of($link));
        self::assertSame(AttentionGroup::Open, AttentionGroup::of($link, open: true));
        self::assertSame(AttentionGroup::Hurts, AttentionGroup::of($hurts, open: true));

        // In the list a group stands together: as urgent as its place among the groups.
        $slipping = Attention::for(Verdict::Slipping, null, 3, new Tally(0, 5), true);
        $open = Attention::urgency($slipping, AttentionGroup::Open);
        self::assertGreaterThan(Attention::urgency($slipping, AttentionGroup::Slipping), $open);
        self::assertLessThan(Attention::urgency($hurts, AttentionGroup::Hurts), $open);
        self::assertGreaterThan(Attention::urgency($link, AttentionGroup::Well), Attention::urgency([], AttentionGroup::New));
        self::assertLessThan(
            Attention::urgency(Attention::for(Verdict::NoChange, null, null, null, false), AttentionGroup::Practice),
            Attention::urgency($link, AttentionGroup::New),
        );
    }

    public function test_slipping_is_told_without_a_figure_where_there_is_none(): void
    {
        self::assertSame('slipping', Attention::for(Verdict::Slipping, null, null, new Tally(1, 1), false)[0]->text);
    }

    public function test_reasons_add_up(): void
    {
        $of = static fn(Attention ...$kinds): int => Attention::urgency(
            array_map(static fn(Attention $one): AttentionReason => new AttentionReason($one, ''), array_values($kinds)),
        );
        self::assertSame(0, $of());
        self::assertSame(5, $of(Attention::LinkNotOpened));
        self::assertSame(15, $of(Attention::NoPlan, Attention::LinkNotOpened));
        self::assertSame(20, $of(Attention::PracticeMissed));
        self::assertSame(375, $of(...Attention::cases()));
    }

    public function test_whoever_slips_comes_before_all_lesser_reasons_together(): void
    {
        $others = array_filter(
            Attention::cases(),
            static fn(Attention $one): bool => ! \in_array($one, [Attention::Hurts, Attention::Slipping], true),
        );
        self::assertGreaterThan(
            array_sum(array_map(static fn(Attention $one): int => $one->weight(), $others)),
            Attention::Slipping->weight(),
        );
    }

    public function test_only_who_slips_or_is_due_comes_for_a_retest(): void
    {
        self::assertSame(
            [AttentionGroup::Slipping, AttentionGroup::Retest],
            array_values(array_filter(AttentionGroup::cases(), static fn(AttentionGroup $one): bool => $one->wantsRetest())),
        );
    }
}

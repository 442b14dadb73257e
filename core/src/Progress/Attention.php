<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Evidence\Tally;

/** Why a student needs the coach, most urgent first. */
enum Attention: string
{
    case Hurts = 'hurts';
    case Slipping = 'slipping';
    case RetestDue = 'retest_due';
    case PracticeMissed = 'practice_missed';
    case NoPlan = 'no_plan';
    case LinkNotOpened = 'link_not_opened';

    /** Visits, and words about them, older than this are no longer held against anybody, days. Origin: chosen by us. */
    public const VISIT_DAYS = 14;

    /** A lesson that is not closed comes after whom it hurts and before all else, whoever is new after all that wants something. */
    private const OPEN = 180;

    private const NEW = 8;

    /**
     * @param  Verdict|null  $verdict  on the cause under work; null = nothing handed out
     * @param  Tally|null  $last  good ones of those hit last
     * @param  int|null  $dueDays  days since the day to look again; below 0 = it is still to come; null = none
     * @param  Tally|null  $visits  done of those that were due of late; null = no plan
     * @param  bool  $unopenedLink  a private link is open and was never used
     * @param  int|null  $hurtDays  days since the student said that it hurts; null = not of late
     * @return list<AttentionReason> most urgent first
     */
    public static function for(
        ?Verdict $verdict,
        ?Tally $last,
        ?int $dueDays,
        ?Tally $visits,
        bool $unopenedLink,
        ?int $hurtDays = null,
    ): array {
        $reasons = [];
        if ($hurtDays !== null) {
            $reasons[] = new AttentionReason(
                self::Hurts,
                'says that it hurts'.
                    match ($hurtDays) {
                        0 => ', today',
                        1 => ', yesterday',
                        default => ", {$hurtDays} days ago",
                    },
            );
        }
        if ($verdict === Verdict::Slipping) {
            $reasons[] = new AttentionReason(
                self::Slipping,
                'slipping'.($last === null ? '' : ", {$last->count} of {$last->of} last time"),
            );
        }
        if ($verdict !== null && $dueDays !== null && $dueDays >= 0) {
            $reasons[] = new AttentionReason(
                self::RetestDue,
                match ($dueDays) {
                    0 => 'retest due today',
                    1 => 'retest overdue by a day',
                    default => "retest overdue by {$dueDays} days",
                },
            );
        }
        if ($visits !== null && $visits->of > 0 && $visits->share() < WhatNow::DONE) {
            $reasons[] = new AttentionReason(self::PracticeMissed, "practised {$visits->count} of the last {$visits->of} sessions");
        }
        if ($verdict !== null && $verdict !== Verdict::Fixed && $visits === null) {
            $reasons[] = new AttentionReason(self::NoPlan, 'no practice plan');
        }
        if ($unopenedLink) {
            $reasons[] = new AttentionReason(self::LinkNotOpened, 'link not opened');
        }

        return $reasons;
    }

    /** What a student comes for next, by this verdict and the days since the day to look again: a retest, or a lesson. */
    public static function wantsRetest(Verdict $verdict, int $dueDays): bool
    {
        return AttentionGroup::of(self::for($verdict, null, $dueDays, null, false))->wantsRetest();
    }

    /**
     * How soon a student needs the coach: the higher, the sooner.
     *
     * @param  list<AttentionReason>  $reasons
     */
    public static function urgency(array $reasons, ?AttentionGroup $group = null): int
    {
        return match ($group) {
            AttentionGroup::Open => self::OPEN,
            AttentionGroup::New => self::NEW,
            default => self::sum($reasons),
        };
    }

    /** @param list<AttentionReason> $reasons */
    private static function sum(array $reasons): int
    {
        return array_sum(array_map(static fn(AttentionReason $one): int => $one->kind->weight(), $reasons));
    }

    /** The higher, the sooner. */
    public function weight(): int
    {
        return match ($this) {
            self::Hurts => 200,
            self::Slipping => 100,
            self::RetestDue => 40,
            self::PracticeMissed => 20,
            self::NoPlan => 10,
            self::LinkNotOpened => 5,
        };
    }

    public function group(): AttentionGroup
    {
        return match ($this) {
            self::Hurts => AttentionGroup::Hurts,
            self::Slipping => AttentionGroup::Slipping,
            self::RetestDue => AttentionGroup::Retest,
            self::PracticeMissed, self::NoPlan => AttentionGroup::Practice,
            self::LinkNotOpened => AttentionGroup::Well,
        };
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** Why a student needs the coach, most urgent first. */
enum Attention: string
{
    case Slipping = 'slipping';
    case RetestDue = 'retest_due';
    case PracticeMissed = 'practice_missed';
    case NoPlan = 'no_plan';
    case LinkNotOpened = 'link_not_opened';

    /** Visits older than this are no longer held against anybody, days. Origin: chosen by us. */
    public const VISIT_DAYS = 14;

    /**
     * @param  Verdict|null  $verdict  on the cause under work; null = nothing handed out
     * @param  bool  $recheckDue  the day to look again has come
     * @param  float|null  $practice  share of the visits that were due and done; null = no plan, or none due yet
     * @param  bool  $unopenedLink  a private link is open and was never used
     * @return list<self> most urgent first
     */
    public static function for(?Verdict $verdict, bool $recheckDue, bool $plan, ?float $practice, bool $unopenedLink): array
    {
        return array_values(array_filter([
            $verdict === Verdict::Slipping ? self::Slipping : null,
            $verdict !== null && $recheckDue ? self::RetestDue : null,
            $practice !== null && $practice < WhatNow::DONE ? self::PracticeMissed : null,
            $verdict !== null && $verdict !== Verdict::Fixed && ! $plan ? self::NoPlan : null,
            $unopenedLink ? self::LinkNotOpened : null,
        ]));
    }

    public function text(): string
    {
        return match ($this) {
            self::Slipping => 'slipping',
            self::RetestDue => 'retest due',
            self::PracticeMissed => 'practice missed',
            self::NoPlan => 'no plan',
            self::LinkNotOpened => 'link not opened',
        };
    }

    /**
     * How soon a student needs the coach: the higher, the sooner.
     *
     * @param  list<self>  $reasons
     */
    public static function urgency(array $reasons): int
    {
        return array_sum(array_map(static fn(self $one): int => $one->weight(), $reasons));
    }

    /** The higher, the sooner. */
    public function weight(): int
    {
        return match ($this) {
            self::Slipping => 100,
            self::RetestDue => 40,
            self::PracticeMissed => 20,
            self::NoPlan => 10,
            self::LinkNotOpened => 5,
        };
    }
}

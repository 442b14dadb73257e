<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** What the coach does next with a cause under work (handbook 07; 16.3: the cause is doubted before the drill is changed). */
enum WhatNow: string
{
    case Retest = 'retest';
    case ShrinkDose = 'shrink_dose';
    case Keep = 'keep';
    case DoubtCause = 'doubt_cause';
    case ChangeDrill = 'change_drill';
    case ChangeFeel = 'change_feel';
    case ChangeSchool = 'change_school';
    case NextCause = 'next_cause';
    case Reopen = 'reopen';

    /** Practice below this share of the plan is not done. Origin: handbook 07. */
    public const DONE = 0.6;

    private const LESSONS_WITHOUT_CHANGE = 2;

    /**
     * @param  float|null  $practice  share of the plan that was done; null = no plan
     * @param  int  $lessons  lessons on other days since the cause was found
     */
    public static function after(Verdict $verdict, ?float $practice, int $lessons): self
    {
        return match (true) {
            $verdict === Verdict::Fixed => self::NextCause,
            $verdict === Verdict::Slipping => self::Reopen,
            $verdict === Verdict::TooEarly => self::Retest,
            $practice !== null && $practice < self::DONE => self::ShrinkDose,
            $verdict === Verdict::Improving => self::Keep,
            $lessons < self::LESSONS_WITHOUT_CHANGE => self::Keep,
            $lessons === self::LESSONS_WITHOUT_CHANGE => self::DoubtCause,
            $lessons === self::LESSONS_WITHOUT_CHANGE + 1 => self::ChangeDrill,
            $lessons === self::LESSONS_WITHOUT_CHANGE + 2 => self::ChangeFeel,
            default => self::ChangeSchool,
        };
    }

    public function text(): string
    {
        return match ($this) {
            self::Retest => 'Retest on another day: the same task, ten balls.',
            self::ShrinkDose => 'Practice was not done. Keep the drill, shrink the dose.',
            self::Keep => 'Keep the set-up and the drill.',
            self::DoubtCause => 'Practised and no change after two lessons: doubt the cause first. '.
                'Look again at what was to change; where it has changed, it was not it alone.',
            self::ChangeDrill => 'Looked at again, and it still is the cause: change the drill.',
            self::ChangeFeel => 'Another drill did not do it: change the feel.',
            self::ChangeSchool => 'Neither drill nor feel did it: try the other school.',
            self::NextCause => 'On to the next cause; look at this one again on its day.',
            self::Reopen => 'Open it again: retest, then the drill that worked.',
        };
    }
}

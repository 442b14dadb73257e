<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What can be true of one ball and speaks for or against a cause. */
enum BallTrait: string
{
    case TouchAhead = 'touch_ahead';
    case TouchFarBehind = 'touch_far_behind';
    case DeepShortMark = 'deep_short_mark';
    case ThinTouchAhead = 'thin_touch_ahead';
    case ThinTouchBehind = 'thin_touch_behind';
    case Thin = 'thin';
    case Heavy = 'heavy';
    case LowFlight = 'low_flight';
    case HighFlight = 'high_flight';
    case Runs = 'runs';
    case FarBehindShallow = 'far_behind_shallow';
    case ThinOrSkip = 'thin_or_skip';
    case DeepAndShort = 'deep_and_short';
    case SandToLeadSide = 'sand_to_lead_side';
    case Click = 'click';
    case Scrape = 'scrape';
    case AsAsked = 'as_asked';

    /** A touch nearer than this behind the ball is normal for a sole that glides, mm. Origin: chosen by us. */
    public const BEHIND_MM = -25.0;

    /** From here on the club met the ball before the ground, mm. Origin: chosen by us. */
    public const AHEAD_MM = 5.0;

    private const FAR_BEHIND_MM = -60.0;

    private const SHORT_MARK_MM = 220.0;

    /** Too far behind for a splash, mm. Origin: handbook 4.2. */
    private const SPLASH_FAR_BEHIND_MM = -90.0;

    /** A good strike this far off in carry (share) or direction did not do what was asked. Origin: chosen by us. */
    private const CARRY_WRONG = 0.15;

    private const OFF_LINE_DEG = 7.0;

    /** True, false, or null when what it needs was not looked at. */
    public function of(SeenBall $ball, LessonCase $case): ?bool
    {
        $touch = $ball->touchMm;

        return match ($this) {
            self::TouchAhead => $touch === null ? ($ball->noContact ? false : null) : $touch > self::AHEAD_MM,
            self::TouchFarBehind => $touch === null ? ($ball->noContact ? false : null) : $touch < self::FAR_BEHIND_MM,
            self::DeepShortMark => $ball->mark === null
                ? null
                : $ball->mark === Mark::Deep && ($ball->markLengthMm ?? 0.0) < self::SHORT_MARK_MM,
            self::ThinTouchAhead => self::both(self::thin($ball), self::TouchAhead->of($ball, $case)),
            self::ThinTouchBehind => self::both(self::thin($ball), self::behind($ball)),
            self::Thin => self::thin($ball),
            self::Heavy => $ball->strike?->isHeavy(),
            self::LowFlight => $ball->flight === null ? null : $ball->flight === 'low',
            self::HighFlight => $ball->flight === null ? null : $ball->flight === 'high',
            self::Runs => $ball->roll === null ? null : $ball->roll === 'runs',
            self::FarBehindShallow => self::both(
                $touch === null ? null : $touch < self::SPLASH_FAR_BEHIND_MM,
                $ball->mark === null ? null : $ball->mark !== Mark::Deep,
            ),
            self::ThinOrSkip => self::thin($ball),
            self::DeepAndShort => self::both($ball->mark === null ? null : $ball->mark === Mark::Deep, $ball->strike?->isHeavy()),
            self::SandToLeadSide => $ball->sandDirection === null
                ? null
                : $ball->sandDirection === ($case->handed->mirrored(1.0) > 0 ? 'left' : 'right'),
            self::AsAsked => $ball->strike === null
                ? null
                : $ball->strike->isGood() && self::carryNear($ball, $case) && abs($ball->startDeg ?? 0.0) < self::OFF_LINE_DEG,
            self::Click => $ball->sound === null ? null : $ball->sound === 'click',
            self::Scrape => $ball->sound === null ? null : $ball->sound === 'scrape',
        };
    }

    /** To follow "five of seven": what these balls did. */
    public function phrase(): string
    {
        return match ($this) {
            self::TouchAhead => 'touched down ahead of the ball',
            self::TouchFarBehind => 'touched down more than 6 cm behind',
            self::DeepShortMark => 'left a deep, short mark',
            self::ThinTouchAhead => 'were thin with the touch ahead',
            self::ThinTouchBehind => 'were thin after touching down behind',
            self::Thin => 'were thin',
            self::Heavy => 'were heavy',
            self::LowFlight => 'flew low',
            self::HighFlight => 'flew high and weak',
            self::Runs => 'ran on',
            self::FarBehindShallow => 'went in far behind and stayed shallow',
            self::ThinOrSkip => 'were thin, picked or skipped',
            self::DeepAndShort => 'dug deep and came out short',
            self::SandToLeadSide => 'threw the sand to the lead side',
            self::Click => 'clicked',
            self::Scrape => 'scraped',
            self::AsAsked => 'were good',
        };
    }

    private static function behind(SeenBall $ball): ?bool
    {
        return $ball->touchMm === null ? ($ball->noContact ? false : null) : $ball->touchMm < self::BEHIND_MM;
    }

    private static function carryNear(SeenBall $ball, LessonCase $case): bool
    {
        $asked = $case->task->carryM;

        return $asked === null || $asked <= 0.0 || $ball->carryM === null || abs($ball->carryM / $asked - 1) <= self::CARRY_WRONG;
    }

    private static function thin(SeenBall $ball): ?bool
    {
        return $ball->strike?->isThin();
    }

    private static function both(?bool $one, ?bool $other): ?bool
    {
        return $one === false || $other === false ? false : ($one === null || $other === null ? null : true);
    }
}

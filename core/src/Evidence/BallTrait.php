<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What can be true of one ball and speaks for or against a cause. */
enum BallTrait: string
{
    case TouchBehind = 'touch_behind';
    case TouchAhead = 'touch_ahead';
    case TouchFarBehind = 'touch_far_behind';
    case TouchBehindOrNone = 'touch_behind_or_none';
    case DeepShortMark = 'deep_short_mark';
    case DeepMark = 'deep_mark';
    case ShallowLongBehind = 'shallow_long_behind';
    case ThinTouchAhead = 'thin_touch_ahead';
    case ThinNoMark = 'thin_no_mark';
    case ThinTouchBehind = 'thin_touch_behind';
    case Thin = 'thin';
    case Heavy = 'heavy';
    case LowFlight = 'low_flight';
    case HighFlight = 'high_flight';
    case Runs = 'runs';

    /** A touch nearer than this behind the ball is normal for a sole that glides, mm. Origin: chosen by us. */
    public const BEHIND_MM = -25.0;

    /** From here on the club met the ball before the ground, mm. Origin: chosen by us. */
    public const AHEAD_MM = 5.0;

    private const FAR_BEHIND_MM = -60.0;

    private const SHORT_MARK_MM = 120.0;

    private const LONG_MARK_MM = 100.0;

    /** True, false, or null when what it needs was not looked at. */
    public function of(Ball $ball): ?bool
    {
        $touch = $ball->touchMm;

        return match ($this) {
            self::TouchBehind => self::behind($ball),
            self::TouchAhead => $touch === null ? ($ball->noContact ? false : null) : $touch > self::AHEAD_MM,
            self::TouchFarBehind => $touch === null ? ($ball->noContact ? false : null) : $touch < self::FAR_BEHIND_MM,
            self::TouchBehindOrNone => $ball->noContact || $ball->mark === Mark::None ? true : self::behind($ball),
            self::DeepMark => $ball->mark === null ? null : $ball->mark === Mark::Deep,
            self::DeepShortMark => $ball->mark === null ? null : $ball->mark === Mark::Deep && ($ball->markLengthMm ?? 0.0) < self::SHORT_MARK_MM,
            self::ShallowLongBehind => $ball->mark === null && $ball->markLengthMm === null ? null
                : self::both(self::behind($ball), $ball->mark !== Mark::Deep && ($ball->markLengthMm ?? self::LONG_MARK_MM) >= self::LONG_MARK_MM),
            self::ThinTouchAhead => self::both(self::thin($ball), self::TouchAhead->of($ball)),
            self::ThinTouchBehind => self::both(self::thin($ball), self::behind($ball)),
            self::ThinNoMark => self::both(self::thin($ball), $ball->noContact || $ball->mark === Mark::None ? true : ($ball->mark === null && $touch === null ? null : false)),
            self::Thin => self::thin($ball),
            self::Heavy => $ball->strike?->isHeavy(),
            self::LowFlight => $ball->flight === null ? null : $ball->flight === 'low',
            self::HighFlight => $ball->flight === null ? null : $ball->flight === 'high',
            self::Runs => $ball->roll === null ? null : $ball->roll === 'runs',
        };
    }

    /** To follow "five of seven": what these balls did. */
    public function phrase(): string
    {
        return match ($this) {
            self::TouchBehind => 'touched down well behind the ball',
            self::TouchAhead => 'touched down ahead of the ball',
            self::TouchFarBehind => 'touched down more than 6 cm behind',
            self::TouchBehindOrNone => 'touched down behind or not at all',
            self::DeepShortMark => 'left a deep, short mark',
            self::DeepMark => 'left a deep mark',
            self::ShallowLongBehind => 'left a long shallow mark from behind',
            self::ThinTouchAhead => 'were thin with the touch ahead',
            self::ThinNoMark => 'were thin and left no mark',
            self::ThinTouchBehind => 'were thin after touching down behind',
            self::Thin => 'were thin',
            self::Heavy => 'were heavy',
            self::LowFlight => 'flew low',
            self::HighFlight => 'flew high and weak',
            self::Runs => 'ran on',
        };
    }

    private static function behind(Ball $ball): ?bool
    {
        return $ball->touchMm === null ? ($ball->noContact ? false : null) : $ball->touchMm < self::BEHIND_MM;
    }

    private static function thin(Ball $ball): ?bool
    {
        return $ball->strike?->isThin();
    }

    private static function both(?bool $one, ?bool $other): ?bool
    {
        return $one === false || $other === false ? false : ($one === null || $other === null ? null : true);
    }
}

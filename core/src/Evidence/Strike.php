<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** How a ball was struck, in the coach's words (handbook 01). */
enum Strike: string
{
    case Clean = 'clean';
    case Heavy = 'heavy';
    case Chunk = 'chunk';
    case Thin = 'thin';
    case Topped = 'topped';
    case Skip = 'skip';
    case Hosel = 'hosel';
    case Splash = 'splash';
    case Short = 'short';
    case LeftIn = 'left-in';
    case Picked = 'picked';

    /** What the word stands for (handbook 01). */
    public function meaning(): string
    {
        return match ($this) {
            self::Clean => 'ball, then turf',
            self::Heavy => 'turf first, some speed lost',
            self::Chunk => 'turf first, hardly any speed left',
            self::Thin => 'leading edge low on the ball',
            self::Topped => 'above the middle of the ball',
            self::Skip => 'down behind, bounced up into the ball',
            self::Hosel => 'off the neck of the club',
            self::Splash => 'out on a cushion of sand',
            self::Short => 'too much sand, came out short',
            self::LeftIn => 'stayed in the bunker',
            self::Picked => 'ball before sand',
        };
    }

    public function isGood(): bool
    {
        return $this === self::Clean || $this === self::Splash;
    }

    /** Too much ground before the ball. */
    public function isHeavy(): bool
    {
        return \in_array($this, [self::Heavy, self::Chunk, self::Short, self::LeftIn], true);
    }

    /** Leading edge too high on the ball. */
    public function isThin(): bool
    {
        return \in_array($this, [self::Thin, self::Topped, self::Skip, self::Picked], true);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/**
 * A good strike that went too far or not far enough: forced, quitting or free speed ask for opposite cures (handbook 4.3, 8 and 9).
 */
final class DistanceCure
{
    /** A carry is long or short from this share of what was asked on. Origin: handbook 4.2. */
    public const OFF = 0.08;

    /** @param string|null $speed as it was seen, null = it was not looked at */
    public static function of(?string $speed, bool $long): string
    {
        return match ($speed) {
            null => $long
                ? 'Was it forced? Then take the hit out and lengthen the backswing; if not, shorten it.'
                : 'Does the club slow before the ball? Then shorten the backswing; if the speed is free, lengthen it.',
            'forced' => $long
                ? 'The hit is forced: take the hit out, then lengthen the backswing.'
                : 'Forced and still short: lengthen the backswing, and leave the hit out.',
            'quitting' => $long
                ? 'It slows and still goes too far: shorten the backswing, so that it need not.'
                : 'The club slows before the ball: a shorter backswing that keeps its speed.',
            default => $long ? 'It was not forced: shorten the backswing.' : 'The speed is not lost at the ball: lengthen the backswing.',
        };
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

use LowPoint\Core\Evidence\Strike;

/** Words of the trade that a reader may not know, one sentence each (handbook 01). */
final class Glossary
{
    private const WORDS = [
        'low point' => 'where the arc of the swing is lowest; a good strike has it at the ball or a little ahead of it.',
        'first touch' => 'where the club first meets the ground.',
        'bounce' => 'how far the sole hangs below the leading edge, in degrees: it keeps the club from digging.',
        'delivered' => 'loft and bounce as lean and opening leave them at the strike.',
        'shaft lean' => 'how far the shaft tilts toward the target, in degrees.',
        'lead' => 'on the side of the target; the other is the trail side.',
        'trail' => 'on the side away from the target; the other is the lead side.',
        'entry' => 'where the club goes into the sand.',
        'station' => 'a length of the backswing that is learnt: hip, rib or shoulder.',
        'lie' => 'what the ball lies on, and how.',
        'school' => 'a way of teaching the short game, with a set-up card of its own.',
        'release' => 'how the clubhead passes the hands at the ball: held off, matched or thrown.',
        'attack' => 'whether the club is going down or up at the ball, in degrees.',
        'path' => 'the way the clubhead travels across the target line.',
        'carry' => 'how far the ball flies; what comes after is roll.',
    ];

    /** @return array<string, string> word => what it means, the kinds of strike among them */
    public static function all(): array
    {
        $strikes = [];
        foreach (Strike::cases() as $strike) {
            $strikes[$strike->value] = "{$strike->meaning()}.";
        }

        return [...self::WORDS, ...$strikes];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

use LowPoint\Core\Evidence\Strike;

/** Words of the trade that a reader may not know, one sentence each (handbook 01). */
final class Glossary
{
    private const WORDS = [
        'low point' => 'where the arc of the swing is lowest.',
        'first touch' => 'where the club first meets the ground.',
        'bounce' => 'how far the sole hangs below the leading edge, in degrees: it keeps the club from digging.',
        'shaft lean' => 'how far the shaft tilts toward the target, in degrees.',
        'lead foot' => 'the one nearer to the target; the other is the trail foot.',
        'trail foot' => 'the one away from the target; the other is the lead foot.',
        'lead side' => 'the side nearer to the target; the other is the trail side.',
        'trail side' => 'the side away from the target; the other is the lead side.',
        'station' => 'a length of the backswing that is learnt: hip, rib or shoulder.',
        'school' => 'a way of teaching the short game, with a set-up card of its own.',
        '56/12' => 'a club of 56° loft with 12° bounce.',
    ];

    /** Kinds of strike whose names mean nothing else; "thin sand" and "a short swing" are plain English. */
    private const STRIKES = [Strike::Chunk, Strike::Topped, Strike::Skip, Strike::Hosel, Strike::LeftIn];

    /** @return array<string, string> word => what it means, the kinds of strike among them */
    public static function all(): array
    {
        $strikes = [];
        foreach (self::STRIKES as $strike) {
            $strikes[$strike->value] = "{$strike->meaning()}.";
        }

        return [...self::WORDS, ...$strikes];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

/** What a student can say of his practice beside the counts. */
enum PracticeWord: string
{
    case Hurts = 'hurts';
    case NoTime = 'no_time';
    case DidMore = 'did_more';

    /** To be pressed. */
    public function label(): string
    {
        return match ($this) {
            self::Hurts => 'It hurts',
            self::NoTime => 'No time',
            self::DidMore => 'Did more',
        };
    }

    /** What the student is told in return. */
    public function answer(): string
    {
        return match ($this) {
            self::Hurts => 'Stop practising this and tell your coach. If the pain stays, ask a doctor or physiotherapist.',
            self::NoTime => 'Noted. Five minutes of the first drill do more than none.',
            self::DidMore => 'Noted. Rest as well: hands and back need it.',
        };
    }

    /** What the coach reads. */
    public function told(): string
    {
        return match ($this) {
            self::Hurts => 'says that it hurts',
            self::NoTime => 'says there was no time',
            self::DidMore => 'says that more was done than planned',
        };
    }
}

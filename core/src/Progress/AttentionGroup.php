<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** What a coach does next with a student, the first to see first. */
enum AttentionGroup: string
{
    case Hurts = 'hurts';
    case Slipping = 'slipping';
    case Retest = 'retest';
    case Practice = 'practice';
    case Well = 'well';
    case Inactive = 'inactive';

    /** @param list<AttentionReason> $reasons most urgent first */
    public static function of(array $reasons): self
    {
        return $reasons === [] ? self::Well : $reasons[0]->kind->group();
    }

    public function label(): string
    {
        return match ($this) {
            self::Hurts => 'Says that it hurts',
            self::Slipping => 'Slipping',
            self::Retest => 'Retest due',
            self::Practice => 'Practice lacking',
            self::Well => 'All well',
            self::Inactive => 'Not coming at present',
        };
    }

    /** A retest is what such a student comes for; else a lesson. */
    public function wantsRetest(): bool
    {
        return $this === self::Slipping || $this === self::Retest;
    }
}

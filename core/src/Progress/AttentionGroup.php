<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** What a coach does next with a student, the first to see first. */
enum AttentionGroup: string
{
    case Hurts = 'hurts';
    case Open = 'open';
    case Slipping = 'slipping';
    case Retest = 'retest';
    case Practice = 'practice';
    case New = 'new';
    case Well = 'well';
    case Inactive = 'inactive';

    /**
     * @param  list<AttentionReason>  $reasons  most urgent first
     * @param  bool  $taught  there was a lesson
     * @param  bool  $open  one is not closed yet
     */
    public static function of(array $reasons, bool $taught = true, bool $open = false): self
    {
        $group = $reasons === [] ? self::Well : $reasons[0]->kind->group();

        return match (true) {
            $group === self::Hurts => $group,
            $open => self::Open,
            // Who was never taught is not well, he is new.
            $group === self::Well && ! $taught => self::New,
            default => $group,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Hurts => 'Says that it hurts',
            self::Slipping => 'Slipping',
            self::Retest => 'Retest due',
            self::Practice => 'Practice lacking',
            self::Open => 'Lesson open',
            self::New => 'New',
            self::Well => 'Nothing due',
            self::Inactive => 'Not coming at present',
        };
    }

    /** A retest is what such a student comes for; else a lesson. */
    public function wantsRetest(): bool
    {
        return $this === self::Slipping || $this === self::Retest;
    }
}

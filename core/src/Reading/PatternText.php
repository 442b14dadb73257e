<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Wording\Words;

/** The pattern in one line. */
final readonly class PatternText
{
    public function __construct(private Words $words) {}

    public function line(Pattern $pattern): string
    {
        if ($pattern->count() === 0) {
            return 'No balls yet.';
        }
        $main = $pattern->mainStrike();
        $parts = [];
        if ($main !== null) {
            $parts[] = $this->words->tally($pattern->strikeTally($main)).' '.$main->value;
        }
        if ($pattern->touch->mean !== null) {
            $parts[] = 'first touch '.$this->words->place($pattern->touch->mean);
        }
        $line = Words::sentence($parts === [] ? $this->words->count($pattern->count()).' balls' : implode(', ', $parts));

        return $line.$this->lowPoint($pattern);
    }

    private function lowPoint(Pattern $pattern): string
    {
        if ($pattern->lowPoint->mean === null) {
            $censored = $pattern->sourced(LowPointSource::Censored);

            return $censored === 0 ? '' : " No low point: {$this->words->count($censored)} left no mark.";
        }
        $spread = $pattern->lowPoint->sd === null ? '' : " ±\u{00A0}".$this->words->ground($pattern->lowPoint->sd);

        return " Low point {$this->words->place($pattern->lowPoint->mean)}{$spread}.";
    }
}

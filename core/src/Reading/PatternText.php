<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Evidence\Pattern;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** The pattern in one line, touch first, and what is known of the low point in another. */
final readonly class PatternText
{
    /** A carry this near to what was asked, as a share of it, is it. Origin: chosen by us. */
    private const ON_DISTANCE = 0.02;

    public function __construct(private Words $words) {}

    public function line(Pattern $pattern): string
    {
        if ($pattern->count() === 0) {
            return 'No balls yet.';
        }
        $main = $pattern->mainStrike();
        $good = $pattern->good();
        $parts = [];
        if ($good->of > 0) {
            $parts[] = $this->words->tally($good).' '.$pattern->goodWord();
        }
        if ($main !== null && ! $main->isGood()) {
            $parts[] = $this->words->count($pattern->strikeTally($main)->count).' '.$main->value;
        }
        $line =
            $parts === [] ? $this->words->count($pattern->count()).($pattern->count() === 1 ? ' ball' : ' balls') : implode('; ', $parts);

        return Words::sentence($line.$this->touch($pattern));
    }

    /** "2 of 7 clean" */
    public function headline(Pattern $pattern): string
    {
        $good = $pattern->good();

        return match (true) {
            $pattern->count() === 0 => 'No balls yet',
            $good->of === 0 => $pattern->count().($pattern->count() === 1 ? ' ball' : ' balls'),
            default => "{$good->count} of {$good->of} {$pattern->goodWord()}",
        };
    }

    /** "Four heavy, one chunk. First touch 4.3 cm behind (2.9 to 5.7)." What the headline leaves out. */
    public function detail(Pattern $pattern): string
    {
        $misses = [];
        foreach (Strike::cases() as $strike) {
            $count = $pattern->strikeTally($strike)->count;
            if ($count > 0 && ! $strike->isGood()) {
                $misses[$strike->value] = $count;
            }
        }
        arsort($misses);
        $parts = array_map(
            fn(string $strike, int $count): string => "{$this->words->count($count)} {$strike}",
            array_keys($misses),
            array_values($misses),
        );
        $touch = ltrim($this->touch($pattern), ', ');

        return implode(' ', array_map(Words::sentence(...), array_filter([implode(', ', $parts), $touch])));
    }

    /** "first touch 4.3 cm behind (2.9 to 5.7)": the mean, and where the middle 80 % of the touches lie. */
    private function touch(Pattern $pattern): string
    {
        $touch = $pattern->touch;
        if ($touch->mean === null) {
            return '';
        }
        // Their mean lies where none of them does.
        $groups = $pattern->touchGroups();
        if ($groups !== null) {
            return ", {$this->words->twoGroups(...$groups)}";
        }

        return ", first touch {$this->words->lies($touch->mean, $touch->sd)}";
    }

    /** What was seen, told to somebody who is to work on this: where a cause leaves the strikes good, the distance. */
    public function seenFor(Cause $cause, Pattern $pattern, LessonCase $case): string
    {
        $off = $cause->spoilsStrikes || $case->task->carryM === null ? null : $pattern->middleCarryError($case);
        if ($off === null) {
            return $this->line($pattern);
        }
        $asked = $this->words->course($case->task->carryM);

        return match (true) {
            abs($off) < self::ON_DISTANCE => "The good strikes flew the {$asked} asked for.",
            $off > 0 => "The good strikes flew {$this->words->course(round($off * $case->task->carryM))} past the {$asked} asked for.",
            default => "The good strikes flew {$this->words->course(round(-$off * $case->task->carryM))} short of the {$asked} asked for.",
        };
    }

    /** The low point only where it is known; else from the marks, with all that this leaves open. */
    public function lowPoint(Pattern $pattern, Observations $seen, Calibration $calibration): string
    {
        $traced = $seen->number(Observable::LowPoint);
        if ($traced !== null) {
            return "Low point {$this->words->place($traced)} {$this->words->scatter(
                Normal::HALF_OF_90 * $seen->errorOf(Observable::LowPoint),
            )}, traced in one swing.";
        }
        $mean = $pattern->lowPoint->mean;
        $error = $pattern->lowPointErrorMm($calibration);
        if ($mean === null || $error === null) {
            $censored = $pattern->sourced(LowPointSource::Censored);

            return $censored === 0 ? '' : "No low point: {$this->words->count($censored)} left no mark.";
        }
        if ($pattern->knowsLowPoint()) {
            return "Low point {$this->words->place($mean)} {$this->words->scatter(Normal::HALF_OF_90 * $error)}.";
        }

        $half = Normal::HALF_OF_90 * $error;

        return "Low point about {$this->words->span($mean - $half, $mean + $half)}, from the marks.";
    }
}

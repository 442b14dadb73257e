<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Wording\Words;

/** How the first touch of the latest day differs from that of the day the cause was found: aim and scatter each for itself. */
final readonly class TouchChange
{
    /** Below this, and above what is left of it from 1, nothing is said to have changed. Origin: handbook 07, the mark for "improving". */
    private const LIKELY = 0.8;

    /**
     * @param  float|null  $aim  P(it lies nearer to the middle of its window); null = a window is not known
     * @param  float|null  $scatter  P(it scatters less)
     */
    private function __construct(
        public TouchFigures $was,
        public TouchFigures $now,
        public ?float $aim,
        public ?float $scatter,
    ) {}

    /** @param list<SetSummary> $sets oldest first; the first is the baseline. Null when there is nothing like it to compare */
    public static function of(array $sets): ?self
    {
        $first = $sets[0] ?? null;
        if ($first?->touch === null) {
            return null;
        }
        $now = $day = null;
        foreach ($sets as $set) {
            if ($set->day > $first->day && $set->unlike($first) === null && ($day === null || $set->day >= $day)) {
                [$day, $now] = [$set->day, $set->touch ?? ($set->day === $day ? $now : null)];
            }
        }
        if ($now === null) {
            return null;
        }
        $better = $now->probabilityBetter($first->touch);

        return new self($first->touch, $now, $better['aim'], $better['scatter']);
    }

    public function text(Words $words): string
    {
        $figures = static fn(TouchFigures $of): string => $words->lies($of->mean, $of->sd);
        $aim = self::course($this->aim, 'nearer to the middle of the good window', 'farther from the middle of the good window');
        $scatter = self::course($this->scatter, 'scattering less', 'scattering more');
        $said = array_filter([$aim, $scatter]);

        return "First touch {$figures($this->was)} at first, now {$figures($this->now)}".
            ($said === [] ? ': as it was, as far as so few balls can tell.' : ': '.implode(', ', $said).'.');
    }

    private static function course(?float $probability, string $better, string $worse): string
    {
        $shown = static fn(float $share): string => min(99, (int) round(100 * $share)).' in 100';

        return match (true) {
            $probability === null => '',
            $probability >= self::LIKELY => "{$better} ({$shown($probability)})",
            $probability <= 1 - self::LIKELY => "{$worse} ({$shown(1 - $probability)})",
            default => '',
        };
    }
}

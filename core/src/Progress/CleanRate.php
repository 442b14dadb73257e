<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Statistics\Distributions;

/** A share of good strikes with what so few balls can say about it: Jeffreys' prior, Beta(1/2, 1/2) (handbook 07). */
final readonly class CleanRate
{
    public const LEVEL = 0.9;

    /** Points at which the two posteriors are compared. */
    private const GRID = 200;

    /**
     * What students hit who come to be cured, worth so many balls: rates are drawn a little toward it when they are compared.
     * Origin: chosen by us.
     */
    private const COMMON = [1.8, 2.2];

    public function __construct(public Tally $tally) {}

    public static function of(int $good, int $of): self
    {
        return new self(new Tally($good, $of));
    }

    public function plus(self $other): self
    {
        return self::of($this->tally->count + $other->tally->count, $this->tally->of + $other->tally->of);
    }

    /** @return array{float, float} the 90 % interval */
    public function interval(): array
    {
        /** @var array<string, array{float, float}> $known */
        static $known = [];

        return $known["{$this->tally->count} {$this->tally->of}"] ??= $this->quantiles();
    }

    /** @return array{float, float} */
    private function quantiles(): array
    {
        [$a, $b] = $this->parameters();
        $tail = (1 - self::LEVEL) / 2;

        // By convention closed at the end where nothing else was seen.
        return [
            $this->tally->count === 0 ? 0.0 : Distributions::betaQuantile($tail, $a, $b),
            $this->tally->count === $this->tally->of && $this->tally->of > 0 ? 1.0 : Distributions::betaQuantile(1 - $tail, $a, $b),
        ];
    }

    /**
     * P(this rate is higher than the other), both unknown: one posterior integrated over the other (beta-binomial, from the
     * common prior), with p = sin^2(angle), so that neither density runs away at its ends.
     */
    public function probabilityAbove(self $other): float
    {
        $mine = $this->weights();
        $others = $other->weights();
        $below = $sum = 0.0;
        foreach ($mine as $i => $weight) {
            $sum += $weight * ($below + $others[$i] / 2);
            $below += $others[$i];
        }

        return $sum;
    }

    /** @return list<float> the posterior over equal steps of the angle, summing to 1 */
    private function weights(): array
    {
        $a = $this->tally->count + self::COMMON[0];
        $b = $this->tally->of - $this->tally->count + self::COMMON[1];
        $logs = [];
        for ($i = 0; $i < self::GRID; $i++) {
            $angle = M_PI / 2 * ($i + 0.5) / self::GRID;
            // p^(a - 1) (1 - p)^(b - 1) dp with dp = 2 sin cos d angle.
            $logs[] = (2 * $a - 1) * log(sin($angle)) + (2 * $b - 1) * log(cos($angle));
        }
        $highest = max($logs);
        $weights = array_map(static fn(float $log): float => exp($log - $highest), $logs);
        $total = array_sum($weights);

        return array_map(static fn(float $weight): float => $weight / $total, $weights);
    }

    /** @return array{float, float} */
    private function parameters(): array
    {
        return [$this->tally->count + 0.5, $this->tally->of - $this->tally->count + 0.5];
    }
}

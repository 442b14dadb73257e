<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** Mean and scatter of the first touch of a set, mm, and whether they are better than those of another one. */
final readonly class TouchFigures
{
    private const DRAWS = 2000;

    private const SEED = 7;

    private const UNIFORM_STEPS = 2 ** 30;

    /** Scatter of a player about whom nothing is known, worth one ball. Origin: the scatter of touches of handbook 14.4. */
    private const PRIOR_SD = 23.0;

    /** @param float|null $centre middle of the window of good first touches, mm; null = not known, then nothing can be said about aim */
    public function __construct(
        public int $n,
        public float $mean,
        public float $sd,
        public ?float $centre = null,
    ) {}

    /**
     * P(this aim is nearer to the middle of its window than the other's) and P(this scatter is smaller), from draws of both
     * posteriors. Deterministic: the draws are always the same.
     *
     * @return array{aim: float|null, scatter: float|null}
     */
    public function probabilityBetter(self $other): array
    {
        if ($this->n < 2 || $other->n < 2) {
            return ['aim' => null, 'scatter' => null];
        }
        $dice = new \Random\Randomizer(new \Random\Engine\Mt19937(self::SEED));
        $aim = $scatter = 0;
        $known = $this->centre !== null && $other->centre !== null;
        for ($i = 0; $i < self::DRAWS; $i++) {
            [$mean, $sd] = $this->draw($dice);
            [$otherMean, $otherSd] = $other->draw($dice);
            $scatter += $sd < $otherSd ? 1 : 0;
            $aim += $known && abs($mean - $this->centre) < abs($otherMean - $other->centre) ? 1 : 0;
        }

        return ['aim' => $known ? $aim / self::DRAWS : null, 'scatter' => $scatter / self::DRAWS];
    }

    /** Both together, as if of one set; the middle of the window is theirs by the balls of each. */
    public function plus(self $other): self
    {
        $n = $this->n + $other->n;
        $mean = ($this->n * $this->mean + $other->n * $other->mean) / $n;
        $squares =
            ($this->n - 1) * $this->sd ** 2 +
            ($other->n - 1) * $other->sd ** 2 +
            (($this->n * $other->n) / $n) * ($this->mean - $other->mean) ** 2;

        return new self(
            $n,
            $mean,
            sqrt($squares / max(1, $n - 1)),
            $this->centre === null || $other->centre === null ? null : ($this->n * $this->centre + $other->n * $other->centre) / $n,
        );
    }

    /** @return array{float, float} mean and sd drawn from their posterior */
    private function draw(\Random\Randomizer $dice): array
    {
        $squares = ($this->n - 1) * $this->sd ** 2 + self::PRIOR_SD ** 2;
        // Chi-square with n degrees of freedom as a sum would be slow; Wilson and Hilferty's cube is within a per cent.
        $chi = $this->n * (1 - 2 / (9 * $this->n) + self::normal($dice) * sqrt(2 / (9 * $this->n))) ** 3;
        $sd = sqrt($squares / max(0.05, $chi));

        return [$this->mean + (self::normal($dice) * $sd) / sqrt($this->n), $sd];
    }

    private static function normal(\Random\Randomizer $dice): float
    {
        $uniform = static fn(): float => $dice->getInt(1, self::UNIFORM_STEPS) / self::UNIFORM_STEPS;

        return sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
    }
}

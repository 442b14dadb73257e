<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Normal;

/**
 * What was seen of set-up and motion, and how: by eye, or measured with an interval. What is not in here was not looked at. Immutable.
 */
final readonly class Observations
{
    /** Nothing is measured better than this share of how well it is read by eye: the club moves, and so does the student. Chosen by us. */
    private const LEAST_ERROR = 0.1;

    /** Days after which what was seen weighs half. Origin: handbook 16.3. */
    private const HALF_AFTER_DAYS = 60.0;

    /**
     * @param  array<string, float|string>  $values  by the value of the observable
     * @param  array<string, float>  $halves  of figures that were measured: half of the 90 % interval, in the unit of the observable
     * @param  array<string, int>  $daysAgo  of what was seen in an earlier set and stands since: how long ago
     * @param  array<string, string>  $words  in which figures were told: a figure given as "leans a lot" is told back so
     */
    public function __construct(
        private array $values = [],
        private array $halves = [],
        private array $daysAgo = [],
        private array $words = [],
    ) {}

    public function has(Observable $what): bool
    {
        return isset($this->values[$what->value]);
    }

    /** @return float|null in the observable's unit; null when not looked at */
    public function number(Observable $what): ?float
    {
        $value = $this->values[$what->value] ?? null;

        return $value === null || \is_string($value) ? null : $value;
    }

    public function choice(Observable $what): ?string
    {
        $value = $this->values[$what->value] ?? null;

        return \is_string($value) ? $value : null;
    }

    /** As it was given: a figure, or the word for it. */
    public function told(Observable $what): float|string|null
    {
        return $this->words[$what->value] ?? $this->values[$what->value] ?? null;
    }

    /** Half of the 90 % interval of a figure that was measured, in its unit; null by eye. */
    public function half(Observable $what): ?float
    {
        return $this->halves[$what->value] ?? null;
    }

    /** How far the figure lies from the true one, sd, in its unit: measured or read by eye. */
    public function errorOf(Observable $what): float
    {
        $half = $this->half($what);

        return $half === null ? $what->readingError() : max(self::LEAST_ERROR * $what->readingError(), $half / Normal::HALF_OF_90);
    }

    /** @return array<string, float> half intervals of what was measured, in the order of the catalogue */
    public function measured(): array
    {
        return array_intersect_key($this->halves, $this->values);
    }

    /** Seen by eye. */
    public function with(Observable $what, float|string $value): self
    {
        $others = [$what->value => true];

        return new self(
            [...$this->values, $what->value => $value],
            array_diff_key($this->halves, $others),
            array_diff_key($this->daysAgo, $others),
            array_diff_key($this->words, $others),
        );
    }

    /** What was seen here, and for the rest what stood before, by now so many days older. */
    public function over(self $before, int $days): self
    {
        $stands = array_diff_key($before->values, $this->values);
        $aged = array_map(static fn(string $what): int => ($before->daysAgo[$what] ?? 0) + $days, array_combine(
            array_keys($stands),
            array_keys($stands),
        ));

        return new self(
            [...$stands, ...$this->values],
            [...array_intersect_key($before->halves, $stands), ...$this->halves],
            [...$aged, ...$this->daysAgo],
            [...array_intersect_key($before->words, $stands), ...$this->words],
        );
    }

    /** @param list<Observable> $what */
    public function without(array $what): self
    {
        $gone = array_fill_keys(array_column($what, 'value'), true);

        return new self(
            array_diff_key($this->values, $gone),
            array_diff_key($this->halves, $gone),
            array_diff_key($this->daysAgo, $gone),
            array_diff_key($this->words, $gone),
        );
    }

    /** @return array<string, int> what stands since an earlier set, by observable: days ago */
    public function standing(): array
    {
        return $this->daysAgo;
    }

    /** How much of its weight a look still has, 0..1: all where it was taken with these balls. */
    public function freshness(Observable $what): float
    {
        return 0.5 ** (($this->daysAgo[$what->value] ?? 0) / self::HALF_AFTER_DAYS);
    }

    public function value(Observable $what): float|string|null
    {
        return $this->values[$what->value] ?? null;
    }

    /** @return array<string, float|string> the observations of one group, in the order of the catalogue */
    public function in(Group $group): array
    {
        $in = [];
        foreach (Observable::in($group) as $what) {
            if ($this->has($what)) {
                $in[$what->value] = $this->values[$what->value];
            }
        }

        return $in;
    }

    /** @return array<string, float|string> the same as they were given */
    public function toldIn(Group $group): array
    {
        return array_replace($this->in($group), array_intersect_key($this->words, $this->in($group)));
    }

    public function isEmpty(): bool
    {
        return $this->values === [];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What was seen of set-up and motion. What is not in here was not looked at. Immutable. */
final readonly class Observations
{
    /** @param array<string, float|string> $values by the value of the observable */
    public function __construct(private array $values = []) {}

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

    public function with(Observable $what, float|string $value): self
    {
        return new self([...$this->values, $what->value => $value]);
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

    public function isEmpty(): bool
    {
        return $this->values === [];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core;

/** Input that lies outside what the handbook of observables allows. Carries every fault found, not only the first. */
final class InvalidInput extends \DomainException
{
    /** @param non-empty-list<Fault> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn(Fault $fault): string => $fault->message(), $faults)));
    }

    public static function one(string $key, mixed $value, string $allowed): self
    {
        return new self([new Fault($key, $value, $allowed)]);
    }

    /** The same of keys under another one. */
    public function under(string $before): self
    {
        return new self(array_map(static fn(Fault $fault): Fault => $fault->under($before), $this->faults));
    }

    /** @throws self when the value is not a finite number in [from, to] */
    public static function unlessBetween(string $key, float $value, float $from, float $to, string $unit): void
    {
        if (! ($value >= $from && $value <= $to)) {
            throw self::one($key, $value, "{$from} to {$to} {$unit}");
        }
    }
}

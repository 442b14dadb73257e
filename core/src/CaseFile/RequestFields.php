<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;

/** The keys of a question, read one by one; every fault is kept, and all of them are told at once. */
final class RequestFields
{
    /** No bag holds more. */
    private const MOST_CLUBS = 20;

    /** @var list<Fault> */
    private array $faults = [];

    /** @param array<array-key, mixed> $data */
    private function __construct(
        private readonly array $data,
        private readonly string $before = '',
    ) {}

    /**
     * @param  list<string>  $keys  all that may stand there
     *
     * @throws InvalidInput where it is no object
     */
    public static function of(mixed $data, array $keys): self
    {
        if (! \is_array($data) || ($data !== [] && array_is_list($data))) {
            throw InvalidInput::one('request', $data, 'an object with: '.implode(', ', $keys));
        }
        $fields = new self($data);
        $fields->only($keys);

        return $fields;
    }

    /** @param list<string> $keys */
    public function only(array $keys): void
    {
        foreach (array_keys($this->data) as $key) {
            if (! \in_array($key, $keys, true)) {
                $this->faults[] = new Fault($this->before.$key, 'unknown key', 'one of the keys '.implode(', ', $keys));
            }
        }
    }

    public function has(string $key): bool
    {
        return isset($this->data[$key]);
    }

    public function value(string $key): mixed
    {
        return $this->data[$key] ?? null;
    }

    public function fault(string $key, mixed $value, string $allowed): void
    {
        $this->faults[] = new Fault($this->before.$key, $value, $allowed);
    }

    /**
     * A number in its range.
     *
     * @param  array{float|int, float|int}  $range
     * @param  float|null  $default  null = it has to stand there
     */
    public function number(string $key, array $range, string $unit, ?float $default = null): float
    {
        return $this->figure($key, Field::number($key, $unit, ...$range), $default);
    }

    /**
     * The same, where it is said elsewhere what may stand there.
     *
     * @param  float|null  $default  null = it has to stand there
     */
    public function figure(string $key, Field $field, ?float $default = null): float
    {
        $value = $this->data[$key] ?? $default;
        $fault = $field->fault($this->before.$key, $value);
        if ($fault !== null) {
            $this->faults[] = $fault;
        }

        return \is_int($value) || \is_float($value) ? (float) $value : 0.0;
    }

    /**
     * A number in its range, or none.
     *
     * @param  array{float|int, float|int}  $range
     */
    public function optional(string $key, array $range, string $unit): ?float
    {
        return $this->has($key) ? $this->number($key, $range, $unit) : null;
    }

    /**
     * One word of a list.
     *
     * @template T of \BackedEnum
     *
     * @param  list<T>  $allowed
     * @param  T  $default
     * @return T
     */
    public function choice(string $key, array $allowed, \BackedEnum $default): \BackedEnum
    {
        $value = $this->data[$key] ?? $default->value;
        foreach ($allowed as $one) {
            if ($one->value === $value) {
                return $one;
            }
        }
        $this->fault($key, $value, implode(', ', array_map(static fn(\BackedEnum $one): string => (string) $one->value, $allowed)));

        return $default;
    }

    /**
     * A list of numbers, each in the range.
     *
     * @param  array{float|int, float|int}  $range
     * @return list<float>
     */
    public function numbers(string $key, int $most, array $range, string $unit): array
    {
        $value = $this->data[$key] ?? null;
        if (! \is_array($value) || ! array_is_list($value) || \count($value) > $most) {
            $this->fault($key, \is_array($value) ? \count($value) : $value, "a list of at most {$most} numbers");

            return [];
        }
        $numbers = [];
        foreach ($value as $i => $one) {
            $fault = Field::number($key, $unit, ...$range)->fault("{$this->before}{$key}[{$i}]", $one);
            if ($fault !== null) {
                $this->faults[] = $fault;
            }
            $numbers[] = \is_int($one) || \is_float($one) ? (float) $one : 0.0;
        }

        return $numbers;
    }

    /** A name of at most so many characters; null, and a fault, where none stands. */
    public function name(string $key, int $longest): ?string
    {
        $value = $this->data[$key] ?? null;
        if (! \is_string($value) || trim($value) === '' || Field::text($key, $longest)->fault($key, $value) !== null) {
            $this->fault($key, $value, "a name of 1 to {$longest} characters");

            return null;
        }

        return $value;
    }

    /** What stands under a key as an object with keys of its own; null where nothing does. */
    public function part(string $key, string ...$keys): ?self
    {
        $value = $this->data[$key] ?? null;
        if ($value === null) {
            return null;
        }
        if (! \is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->fault($key, $value, 'an object with: '.implode(', ', $keys));

            return null;
        }
        $part = new self($value, "{$this->before}{$key}.");
        $part->only(array_values($keys));

        return $part;
    }

    /**
     * The members of a list that are objects, each with keys of its own.
     *
     * @return list<self>
     */
    public function parts(string $key, int $most, string ...$keys): array
    {
        $value = $this->data[$key] ?? [];
        if (! \is_array($value) || ! array_is_list($value) || \count($value) > $most) {
            $this->fault($key, \is_array($value) ? \count($value) : $value, "a list of at most {$most}");

            return [];
        }
        $parts = [];
        foreach ($value as $i => $one) {
            if (! \is_array($one)) {
                $this->fault("{$key}[{$i}]", $one, 'an object with: '.implode(', ', $keys));

                continue;
            }
            $parts[] = $part = new self($one, "{$this->before}{$key}[{$i}].");
            $part->only(array_values($keys));
        }

        return $parts;
    }

    public function takeFaultsOf(self $part): void
    {
        array_push($this->faults, ...$part->faults);
    }

    public function club(): Club
    {
        $fields = Layout::fields(Club::class);
        $loft = $this->number('loft_deg', Club::LOFT_DEG, 'degrees');
        $bounce = $this->number('bounce_deg', Club::BOUNCE_DEG, 'degrees');
        $lie = $this->number('lie_deg', Club::LIE_DEG, 'degrees', Club::STANDARD_LIE_DEG);
        $name = $this->data['name'] ?? null;
        if ($name !== null && ($fault = $fields['name']->fault("{$this->before}name", $name)) !== null) {
            $this->faults[] = $fault;
        }

        return $this->faults === [] ? new Club($loft, $bounce, $lie, \is_string($name) ? $name : null) : Club::usual()[0];
    }

    /** @return list<Club> empty, and a fault, where none stands */
    public function clubs(string $key): array
    {
        $clubs = [];
        foreach ($this->parts($key, self::MOST_CLUBS, 'name', 'loft_deg', 'bounce_deg', 'lie_deg') as $part) {
            $clubs[] = $part->club();
            $this->takeFaultsOf($part);
        }
        if ($clubs === []) {
            $this->fault($key, $this->value($key), 'a list of at least one club with loft_deg and bounce_deg');
        }

        return $clubs;
    }

    /** @throws InvalidInput with every fault found */
    public function check(): void
    {
        if ($this->faults !== []) {
            throw new InvalidInput($this->faults);
        }
    }
}

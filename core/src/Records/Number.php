<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** A number in a range, in its unit; whole where the property is an int. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Number implements Kind
{
    public Field $field;

    public function __construct(
        string $label,
        string $unit,
        float $from,
        float $to,
        public bool $whole = false,
        bool $nullable = false,
    ) {
        $this->field = Field::number($label, $unit, $from, $to, nullable: $nullable, whole: $whole);
    }

    public function read(string $key, mixed $value, Read $read): int|float|null
    {
        $fault = $this->field->fault($key, $value);
        if ($fault !== null || (! \is_int($value) && ! \is_float($value))) {
            return $read->refuse($fault ?? new Fault($key, $value, $this->field->allowed()));
        }

        return $this->whole ? (int) $value : (float) $value;
    }

    public function write(mixed $held): mixed
    {
        return $held;
    }

    public function schema(Shape $shape): array
    {
        return $this->field->schema();
    }
}

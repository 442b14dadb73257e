<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** One word of a list. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Choice implements Kind
{
    public Field $field;

    /** @param non-empty-array<string, string> $choices value => label */
    public function __construct(string $label, array $choices)
    {
        $this->field = Field::choice($label, $choices);
    }

    public function read(string $key, mixed $value, Read $read): ?string
    {
        $fault = $this->field->fault($key, $value);

        return $fault !== null || ! \is_string($value) ? $read->refuse($fault) : $value;
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

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** A text of so many characters; filled: it has to say something, and is kept without the space around it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Text implements Kind
{
    public Field $field;

    public function __construct(
        string $label,
        int $longest,
        private bool $filled = false,
    ) {
        $this->field = Field::text($label, $longest);
    }

    public function read(string $key, mixed $value, Read $read): ?string
    {
        $fault = $this->filled ? $this->field->unfilled($key, $value) : $this->field->fault($key, $value);

        return $fault !== null || ! \is_string($value) ? $read->refuse($fault) : ($this->filled ? trim($value) : $value);
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

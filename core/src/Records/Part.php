<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** A record within a record. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Part implements Kind
{
    /** @param class-string $record */
    public function __construct(private string $record) {}

    public function read(string $key, mixed $value, Read $read): ?object
    {
        return $read->part($this->record, $value, $key);
    }

    public function write(mixed $held): mixed
    {
        return \is_object($held) ? Write::record($held) : $held;
    }

    public function schema(Shape $shape): array
    {
        return $shape->refTo($this->record);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** Yes or no. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Flag implements Kind
{
    public function read(string $key, mixed $value, Read $read): ?bool
    {
        return \is_bool($value) ? $value : $read->refuse(new Fault($key, $value, 'true or false'));
    }

    public function write(mixed $held): mixed
    {
        return $held;
    }

    public function schema(Shape $shape): array
    {
        return ['type' => 'boolean'];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** A ULID, as whoever made the record has chosen it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Id implements Kind
{
    private const PATTERN = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/Di';

    public function read(string $key, mixed $value, Read $read): ?string
    {
        return \is_string($value) && preg_match(self::PATTERN, $value) === 1
            ? $value
            : $read->refuse(new Fault($key, $value, 'an id of 26 signs (ULID)'));
    }

    public function write(mixed $held): mixed
    {
        return $held;
    }

    public function schema(Shape $shape): array
    {
        return ['type' => 'string'];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** An object or a list that is read by somebody else, who knows what it hangs on; told in the contract by the name of its schema. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Open implements Kind
{
    /** @param string $schema name of what stands there, or a type of JSON */
    public function __construct(private string $schema) {}

    /** @return array<array-key, mixed>|null */
    public function read(string $key, mixed $value, Read $read): ?array
    {
        return \is_array($value) ? $value : $read->refuse(new Fault($key, $value, $this->schema === 'array' ? 'a list' : 'an object'));
    }

    public function write(mixed $held): mixed
    {
        return $held;
    }

    public function schema(Shape $shape): array
    {
        return \in_array($this->schema, ['array', 'object'], true) ? ['type' => $this->schema] : $shape->refTo($this->schema);
    }
}

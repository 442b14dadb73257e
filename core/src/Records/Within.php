<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** An object whose keys are no record's: each of its values is of one kind. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Within implements Kind
{
    private Kind $each;

    /** @param Kind|class-string $of */
    public function __construct(
        Kind|string $of,
        private int $most,
    ) {
        $this->each = \is_string($of) ? new Part($of) : $of;
    }

    /** @return array<array-key, mixed> */
    public function read(string $key, mixed $value, Read $read): array
    {
        if (! \is_array($value) || \count($value) > $this->most) {
            $read->refuse(new Fault($key, $value, "an object of at most {$this->most}"));

            return [];
        }
        $held = [];
        foreach ($value as $name => $one) {
            $held[$name] = $this->each->read("{$key}.{$name}", $one, $read);
        }

        return $held;
    }

    public function write(mixed $held): mixed
    {
        return \is_array($held) ? (object) array_map($this->each->write(...), $held) : $held;
    }

    public function schema(Shape $shape): array
    {
        return ['type' => 'object', 'additionalProperties' => $this->each->schema($shape)];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Bench\Faults;

/** One thing entered on a device: a request, and what it says of one record. */
final class Entry
{
    public bool $sent = false;

    /**
     * @param  string  $record  a ball, a look of a set, or a figure of a lesson
     * @param  float|string|null  $value  told by nothing else that was entered of this record; null = taken out
     * @param  array<string, mixed>  $body
     */
    public function __construct(
        public readonly string $record,
        public readonly float|string|null $value,
        public readonly string $method,
        public readonly string $path,
        public readonly array $body,
        public readonly string $device,
        public readonly int $number,
    ) {}
}

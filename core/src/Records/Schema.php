<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** A record that the contract tells by name. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Schema
{
    /**
     * @param  string  $name  of its schema
     * @param  bool  $nulls  whether null may stand where nothing was said, as in what a form sends
     */
    public function __construct(
        public string $name,
        public bool $nulls = true,
    ) {}
}

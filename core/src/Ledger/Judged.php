<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

/** How a confirmed line was judged: log of the chance given to what it was, and whether that stood first. */
final readonly class Judged
{
    public function __construct(
        public float $logScore,
        public bool $first,
    ) {}
}

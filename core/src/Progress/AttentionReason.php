<?php

declare(strict_types=1);

namespace LowPoint\Core\Progress;

/** One reason with its figure in words. */
final readonly class AttentionReason
{
    public function __construct(
        public Attention $kind,
        public string $text,
    ) {}
}

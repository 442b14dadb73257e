<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** One answer to "look at this": the words on the button, the value it stands for and how usual it is (a weight). */
final readonly class Answer
{
    public function __construct(
        public string $label,
        public float|string $value,
        public float $usual,
    ) {}
}

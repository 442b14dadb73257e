<?php

declare(strict_types=1);

namespace LowPoint\Core;

/** One thing that is wrong with an input: which key, what stood there, what is allowed. */
final readonly class Fault
{
    private const LONGEST_VALUE_SHOWN = 60;

    public function __construct(
        public string $key,
        public mixed $value,
        public string $allowed,
    ) {}

    public function message(): string
    {
        return "{$this->key}: {$this->shownValue()} is not allowed; allowed: {$this->allowed}";
    }

    public function shownValue(): string
    {
        $shown = match (true) {
            \is_string($this->value) => '"'.$this->value.'"',
            \is_float($this->value) && ! is_finite($this->value) => 'a number that is not finite',
            default => json_encode($this->value, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR),
        };
        $shown = preg_replace('/[\p{C}\s]+/u', ' ', (string) $shown) ?? 'text that is not UTF-8';

        return mb_strlen($shown) > self::LONGEST_VALUE_SHOWN ? mb_substr($shown, 0, self::LONGEST_VALUE_SHOWN).'…' : $shown;
    }
}

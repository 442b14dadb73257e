<?php

declare(strict_types=1);

namespace LowPoint\Core;

/**
 * One thing that is wrong with an input: which key, what stood there, what is allowed. Told by the key to whoever has written a file
 * (message()), by its label and in his units to whoever has typed (Wording\Refusals).
 */
final readonly class Fault
{
    private const LONGEST_VALUE_SHOWN = 60;

    /**
     * @param  string  $label  what the key is called, where it has a name
     * @param  string  $unit  of a number that stands there
     * @param  array{float, float}|null  $range  from and to, where any number between them is allowed
     */
    public function __construct(
        public string $key,
        public mixed $value,
        public string $allowed,
        public string $label = '',
        public string $unit = '',
        public ?array $range = null,
    ) {}

    /** The same of a key under another one. */
    public function under(string $before): self
    {
        return new self($before.$this->key, $this->value, $this->allowed, $this->label, $this->unit, $this->range);
    }

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

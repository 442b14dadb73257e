<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/**
 * What may stand under one key: a number in a range, one of a list of words, or a short text.
 * The one definition from which the reader, the JSON Schema and the screens take it.
 */
final readonly class Field
{
    /**
     * @param  'number'|'choice'|'text'  $kind
     * @param  array<string, string>  $choices  value => label
     * @param  list<Answer>  $answers  for numbers: the few answers a coach gives at a glance, with how usual each is
     */
    private function __construct(
        public string $kind,
        public string $label,
        public string $unit = '',
        public float $min = 0.0,
        public float $max = 0.0,
        public array $choices = [],
        public bool $nullable = false,
        public array $answers = [],
        public bool $whole = false,
    ) {}

    /** @param array<string, array{float|int, float|int}> $answers label => [value, how usual] */
    public static function number(
        string $label,
        string $unit,
        float $min,
        float $max,
        array $answers = [],
        bool $nullable = false,
        bool $whole = false,
    ): self {
        $list = [];
        foreach ($answers as $name => [$value, $usual]) {
            $list[] = new Answer($name, (float) $value, (float) $usual);
        }

        return new self('number', $label, $unit, $min, $max, nullable: $nullable, answers: $list, whole: $whole);
    }

    /**
     * @param  array<string, string>  $choices  value => label
     * @param  array<string, float|int>  $usual  value => how usual, default 1
     */
    public static function choice(string $label, array $choices, array $usual = []): self
    {
        $list = [];
        foreach ($choices as $value => $name) {
            $list[] = new Answer($name, $value, (float) ($usual[$value] ?? 1));
        }

        return new self('choice', $label, choices: $choices, answers: $list);
    }

    public static function text(string $label, int $longest): self
    {
        return new self('text', $label, 'characters', 0, $longest);
    }

    /** The share of players, sound ones for the most part, in whom this word is seen: 0..1. */
    public function shareOf(string $word): float
    {
        $all = $one = 0.0;
        foreach ($this->answers as $answer) {
            $all += $answer->usual;
            $one += $answer->value === $word ? $answer->usual : 0.0;
        }

        return $one / max($all, 1.0e-9);
    }

    /** What a word on the buttons of a measured look stands for, in its unit; null where it is none of them. */
    public function figureOf(string $word): ?float
    {
        if ($this->kind !== 'number') {
            return null;
        }
        foreach ($this->answers as $answer) {
            if ($answer->label === $word && ! \is_string($answer->value)) {
                return $answer->value;
            }
        }

        return null;
    }

    /** @return array<string, mixed> JSON Schema of a look: a figure, or one of the words for it */
    public function schemaOfLook(): array
    {
        $words = $this->kind === 'number' ? array_values(array_column($this->answers, 'label')) : [];

        return $words === [] ? $this->schema() : ['anyOf' => [$this->schema(), ['type' => 'string', 'enum' => $words]]];
    }

    /** @return array<string, mixed> JSON Schema */
    public function schema(): array
    {
        return match ($this->kind) {
            'number' => [
                'type' => $this->whole ? 'integer' : 'number',
                'minimum' => $this->min,
                'maximum' => $this->max,
                'description' => trim("{$this->label}, {$this->unit}", ', '),
            ],
            'choice' => ['type' => 'string', 'enum' => array_map(strval(...), array_keys($this->choices)), 'description' => $this->label],
            default => ['type' => 'string', 'maxLength' => (int) $this->max],
        };
    }

    /** What is allowed, in words. */
    public function allowed(): string
    {
        return match ($this->kind) {
            'number' => trim(self::plain($this->min).' to '.self::plain($this->max).' '.$this->unit)
                .($this->whole ? ', whole' : '')
                .($this->nullable ? ', or null' : ''),
            'choice' => implode(', ', array_keys($this->choices)),
            default => 'text of at most '.self::plain($this->max).' characters',
        };
    }

    public function fault(string $key, mixed $value): ?Fault
    {
        $fits = match ($this->kind) {
            'number' => ($value === null && $this->nullable)
                || ((\is_int($value) || (\is_float($value) && (! $this->whole || $value === floor($value))))
                    && $value >= $this->min && $value <= $this->max),
            'choice' => \is_string($value) && isset($this->choices[$value]),
            default => \is_string($value) && mb_check_encoding($value, 'UTF-8') && mb_strlen($value) <= $this->max,
        };

        return $fits
            ? null
            : ($this->kind === 'number'
                ? new Fault($key, $value, $this->allowed(), $this->label, $this->unit, [$this->min, $this->max])
                : new Fault($key, $value, $this->allowed(), $this->label));
    }

    /** A text that has to say something. */
    public function unfilled(string $key, mixed $value): ?Fault
    {
        return \is_string($value) && trim($value) !== '' && $this->fault($key, $value) === null
            ? null
            : new Fault($key, $value, '1 to '.self::plain($this->max).' characters', $this->label);
    }

    private static function plain(float $number): string
    {
        return (string) (float) sprintf('%.6g', $number);
    }
}

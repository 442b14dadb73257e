<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Field;

/** One column of a sheet that holds one key of a ball: in which unit, counted which way, with which words. */
final readonly class SheetColumn
{
    /** What a cell of the first touch says when the club was seen not to touch the ground. */
    public const NO_CONTACT = 'none';

    /**
     * @param  string  $key  of the ball in the case file
     * @param  bool  $flipped  the sheet counts the other way: + is behind, or + is left
     * @param  array<string, string>  $words  the sheet's words, in lower case => a choice of the field, or NO_CONTACT
     */
    public function __construct(
        public string $header,
        public string $key,
        private Field $field,
        public ?SheetUnit $unit = null,
        public bool $flipped = false,
        public array $words = [],
        private ?DecimalSign $decimal = null,
        private bool $asksForDecimals = false,
    ) {}

    /** What stands in an empty cell was not looked at. */
    public static function isEmpty(string $cell): bool
    {
        return \in_array(trim($cell), ['', '-', '–', '—'], true);
    }

    /**
     * @return float|string|null as the case file holds it; null = seen, no ground contact
     *
     * @throws InvalidInput naming the column, the cell and the range in the unit of the sheet
     */
    public function value(string $cell): float|string|null
    {
        $cell = trim($cell);
        $word = $this->words[mb_strtolower($cell)] ?? $cell;

        return match ($this->field->kind) {
            'number' => $this->number($word, $cell),
            'choice' => $this->choice($word, $cell),
            default => $this->field->fault($this->header, $cell) === null
                ? $cell
                : throw InvalidInput::one($this->header, $cell, $this->field->allowed()),
        };
    }

    /**
     * Those that are neither figures nor ours, so that somebody has to say what they mean here.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public static function foreign(Field $field, array $words): array
    {
        return array_values(
            array_filter(
                $words,
                static fn(string $word): bool => ! self::isEmpty($word)
                    && match ($field->kind) {
                        'number' => $field->nullable
                            && mb_strtolower(trim($word)) !== self::NO_CONTACT
                            && SheetNumber::of($word, null) === null,
                        'choice' => self::ours($field, trim($word)) === null,
                        default => false,
                    },
            ),
        );
    }

    /** What is allowed, in the unit of the sheet. */
    public function allowed(): string
    {
        if ($this->field->kind !== 'number' || $this->unit === null) {
            return $this->field->allowed();
        }
        $shown = fn(float $stored): string => (string) (float) sprintf('%.4g', $stored / $this->unit->factor());

        return "{$shown($this->field->min)} to {$shown($this->field->max)} {$this->unit->value}".
            ($this->field->nullable ? ', or '.self::NO_CONTACT : '');
    }

    private function number(string $word, string $cell): ?float
    {
        if ($this->field->nullable && mb_strtolower($word) === self::NO_CONTACT) {
            return null;
        }
        if ($this->asksForDecimals && DecimalSign::isDoubtful($word)) {
            throw InvalidInput::one($this->header, $cell, 'one decimal sign a file: say whether it is the point or the comma');
        }
        $number = SheetNumber::of($word, $this->decimal);
        // A unit that stands in the cell holds there; a side is one of directions.
        $unit = $number->unit ?? $this->unit;
        if (
            $number === null
            || ! \in_array($unit, [null, ...SheetUnit::for($this->field)], true)
            || ($number->left !== null && $this->unit !== SheetUnit::Degree)
        ) {
            // A figure all the same, with the other sign: that the range alone would be told would puzzle.
            $why = $number === null && $this->decimal !== null && SheetNumber::of($word, $this->decimal->other()) !== null
                ? ', decimals after a '.strtolower($this->decimal->name)
                : '';
            throw InvalidInput::one($this->header, $cell, $this->allowed().$why);
        }
        $value = $number->value * ($unit?->factor() ?? 1.0) * ($number->left === true ? -1 : 1) * ($this->flipped ? -1 : 1);
        if ($this->field->fault($this->header, $value) !== null) {
            throw new InvalidInput([new Fault($this->header, $cell, $this->allowed())]);
        }

        return round($value, 2) + 0.0;
    }

    private function choice(string $word, string $cell): string
    {
        return self::ours($this->field, $word) ?? throw InvalidInput::one($this->header, $cell, $this->field->allowed());
    }

    /** The choice with this value or label. */
    private static function ours(Field $field, string $word): ?string
    {
        foreach ($field->choices as $value => $label) {
            if (mb_strtolower($word) === $value || mb_strtolower($word) === mb_strtolower($label)) {
                return $value;
            }
        }

        return null;
    }
}

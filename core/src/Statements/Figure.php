<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

/**
 * A figure of a statement, as it is told: "4.1 cm behind" is -4.1 cm.
 *
 * @phpstan-type ToldFigureShape array{
 *     name: string,
 *     value: float|int|string,
 *     unit: string,
 *     // Places of the balls it was counted from, from 0; null = of no ball.
 *     balls: list<int>|null,
 *     // The set it is of; null = this one.
 *     set: string|null,
 *     // Days since it was seen; null = with these balls.
 *     day: int|null,
 * }
 */
final readonly class Figure
{
    /** Words of an amount that are its unit; a side, as "behind", is its sign. */
    private const UNITS = '~^\s*(°|%|cm|mm|in|m|yd|of 10|kg)~u';

    /**
     * @param  float|int|string  $value  in the unit; a word where it was given as one
     * @param  list<int>|null  $balls
     */
    public function __construct(
        public string $name,
        public float|int|string $value,
        public string $unit = '',
        public ?array $balls = null,
        public ?string $set = null,
        public ?int $day = null,
    ) {}

    /**
     * From what is said of it, so that rounding and unit are those of the sentence.
     *
     * @param  string  $said  in words, with one number in it
     * @param  float  $of  the figure itself, for its sign
     * @param  list<int>|null  $balls
     */
    public static function said(string $name, string $said, float $of, ?array $balls = null, ?int $day = null): self
    {
        // Where no number is said, as "square", it is none.
        if (preg_match('~\d+(?:\.\d+)?~', $said, $number, PREG_OFFSET_CAPTURE) !== 1) {
            return new self($name, 0, '', $balls, day: $day);
        }
        $rest = substr($said, $number[0][1] + \strlen($number[0][0]));

        return new self(
            $name,
            ($of < 0 ? -1 : 1) * (float) $number[0][0],
            preg_match(self::UNITS, $rest, $unit) === 1 ? $unit[1] : '',
            $balls,
            day: $day,
        );
    }

    /** The same figure, of that set. */
    public function ofSet(?string $set): self
    {
        return new self($this->name, $this->value, $this->unit, $this->balls, $set, $this->day);
    }

    public function isTold(float $number): bool
    {
        return ! \is_string($this->value) && abs(abs($this->value) - $number) < 1.0e-9;
    }

    /** @return ToldFigureShape */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'value' => $this->value,
            'unit' => $this->unit,
            'balls' => $this->balls,
            'set' => $this->set,
            'day' => $this->day,
        ];
    }
}

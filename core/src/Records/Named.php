<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** One case of an enum, by its value; by its name in small letters where that is a number or there is none. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Named implements Kind
{
    public Field $field;

    /** @var non-empty-array<string, \UnitEnum> */
    private array $cases;

    /** @param class-string<\UnitEnum> $enum */
    public function __construct(string $label, string $enum)
    {
        $cases = [];
        foreach ($enum::cases() as $case) {
            $cases[self::word($case)] = $case;
        }
        \assert($cases !== []);
        $this->cases = $cases;
        $words = array_keys($cases);
        $this->field = Field::choice($label, array_combine($words, $words));
    }

    public static function word(\UnitEnum $case): string
    {
        return $case instanceof \BackedEnum && \is_string($case->value) ? $case->value : strtolower($case->name);
    }

    public function read(string $key, mixed $value, Read $read): ?\UnitEnum
    {
        return (\is_string($value) ? $this->cases[$value] ?? null : null) ?? $read->refuse($this->field->fault($key, $value));
    }

    public function write(mixed $held): mixed
    {
        return $held instanceof \UnitEnum ? self::word($held) : $held;
    }

    public function schema(Shape $shape): array
    {
        return $this->field->schema();
    }
}

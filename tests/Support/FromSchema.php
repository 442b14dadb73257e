<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Contract\OpenApi;
use Random\Randomizer;

/** Bodies as the contract describes them, most of each as it should be and some of it anything at all. */
final class FromSchema
{
    private const DEEPEST = 6;

    /** Chance that a value is not what the contract asks for. */
    private const WRONG_OF_100 = 12;

    private const NONSENSE = [
        null,
        true,
        false,
        0,
        -1,
        1.0e308,
        -1.0e-308,
        PHP_INT_MAX,
        '',
        ' ',
        'x',
        '0',
        '-5',
        'NaN',
        '2026-13-45T25:61:00Z',
        '0000-00-00',
        "\u{0}",
        '‮🏌️',
        "'; drop table balls; --",
        '../../../etc/passwd',
        '<script>alert(1)</script>',
        [],
        [[]],
        [null],
        ['' => ''],
        ['a' => ['b' => ['c' => 1]]],
    ];

    /** @var array<string, array<string, mixed>> */
    private array $schemas;

    public function __construct(private readonly Randomizer $dice)
    {
        $this->schemas = self::contract()['components']['schemas'];
    }

    /** @return array<string, mixed> */
    public static function contract(): array
    {
        return json_decode((string) file_get_contents(OpenApi::written()), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $schema */
    public function value(array $schema, int $depth = 0): mixed
    {
        if ($depth > 0 && $this->dice->getInt(1, 100) <= self::WRONG_OF_100) {
            return $this->nonsense();
        }

        return match (true) {
            isset($schema['$ref']) => $this->value($this->schemas[basename($schema['$ref'])], max(1, $depth)),
            isset($schema['anyOf']) => $this->value($this->oneOf($schema['anyOf']), $depth + 1),
            isset($schema['enum']) => $this->oneOf($schema['enum']),
            \array_key_exists('const', $schema) => $schema['const'],
            isset($schema['prefixItems']) => array_map(fn(array $one): mixed => $this->value($one, $depth + 1), $schema['prefixItems']),
            isset($schema['items']) => $this->many($schema['items'], $depth),
            isset($schema['properties']) => $this->object($schema, $depth),
            \is_array($schema['additionalProperties'] ?? null) => $this->map($schema['additionalProperties'], $depth),
            default => $this->plain($schema),
        };
    }

    /** @param array<string, mixed> $schema */
    private function plain(array $schema): mixed
    {
        return match ($schema['type'] ?? '') {
            'string' => $this->oneOf([
                'chip',
                'Quiet hands.',
                '2026-11-25T10:00:00Z',
                '2026-12-01',
                str_repeat('ä', 600),
                'brush_line',
                '01JDE0000000000000000000AA',
            ]),
            'integer' => $this->dice->getInt($schema['minimum'] ?? -3, $schema['maximum'] ?? 40),
            'number' => $this->dice->getInt(-4000, 4000) / 10,
            'boolean' => $this->dice->getInt(0, 1) === 1,
            'null' => null,
            default => $this->nonsense(),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, int $depth): array
    {
        $object = [];
        foreach ($schema['properties'] as $key => $property) {
            $required = \in_array($key, $schema['required'] ?? [], true);
            if (
                $depth < self::DEEPEST
                && ($required || $this->dice->getInt(0, 2) > 0)
                && ($depth === 0 || $this->dice->getInt(0, 30) > 0)
            ) {
                $object[$key] = $this->value($property, $depth + 1);
            }
        }
        if ($this->dice->getInt(0, 25) === 0) {
            $object['unheard_of'] = $this->nonsense();
        }

        return $object;
    }

    /**
     * @param  array<string, mixed>  $items
     * @return list<mixed>
     */
    private function many(array $items, int $depth): array
    {
        $list = [];
        for ($n = $depth < self::DEEPEST ? $this->dice->getInt(0, 3) : 0; $n > 0; $n--) {
            $list[] = $this->value($items, $depth + 1);
        }

        return $list;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<int|string, mixed>
     */
    private function map(array $values, int $depth): array
    {
        $map = [];
        foreach ($this->many($values, $depth) as $value) {
            $map[$this->oneOf(['shaft_lean_deg', 'ball_position_pct', 'release', 'attack', '1', '3', '9', '', 'lead_leg', 'x'])] = $value;
        }

        return $map;
    }

    private function nonsense(): mixed
    {
        return $this->oneOf(self::NONSENSE);
    }

    /**
     * @param  non-empty-array<mixed>  $all
     */
    private function oneOf(array $all): mixed
    {
        return $all[$this->dice->pickArrayKeys($all, 1)[0]];
    }
}

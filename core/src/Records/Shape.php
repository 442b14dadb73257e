<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/**
 * The JSON Schema (2020-12) of a record, from which the contract and the types of the browser follow.
 *
 * @phpstan-type ToldShape string
 */
final readonly class Shape
{
    /**
     * @param  \Closure(string): (array<string, mixed>|null)|null  $ref  how something is told by name: a record by its class; null = it is
     *     told in full
     * @param  bool  $nulls  whether null may stand where nothing was said
     */
    public function __construct(
        private ?\Closure $ref = null,
        private bool $nulls = true,
    ) {}

    /**
     * @param  class-string  $record
     * @return array<string, mixed>
     */
    public function of(string $record): array
    {
        $properties = $required = [];
        foreach (Layout::of($record)->slots as $key => $slot) {
            $schema = $slot->kind->schema($this);
            if ($slot->told->nullSays !== null || ($this->nulls && $slot->nullable)) {
                $schema = ['anyOf' => [$schema, ['type' => 'null']]];
            }
            $properties[$key] = ($slot->told->about === '' ? [] : ['description' => $slot->told->about]) + $schema;
            if ($slot->required) {
                $required[] = $key;
            }
        }

        return self::object($properties, $required);
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    public static function object(array $properties, array $required = []): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'properties' => $properties === [] ? new \stdClass : $properties,
            'required' => $required,
        ];
    }

    /** @return array<string, mixed> */
    public function refTo(string $record): array
    {
        return ($this->ref === null ? null : ($this->ref)($record))
            ?? (class_exists($record) ? $this->of($record) : throw new \LogicException("{$record} is no record."));
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/**
 * The keys of a record in their order, read once from the constructor of its class: each promoted property is a key, named like it in
 * snake_case, and is what its attribute or type says.
 */
final readonly class Layout
{
    /** @var array<string, Slot> by key */
    public array $slots;

    /** @param class-string $record */
    private function __construct(public string $record)
    {
        $slots = [];
        $constructor = (new \ReflectionClass($record))->getConstructor()
            ?? throw new \LogicException("{$record} has no constructor: it is no record.");
        foreach ($constructor->getParameters() as $parameter) {
            if ($parameter->getAttributes(NoKey::class) === []) {
                $slot = self::slot($parameter);
                $slots[$slot->key] = $slot;
            }
        }
        $this->slots = $slots;
    }

    /** @param class-string $record */
    public static function of(string $record): self
    {
        /** @var array<class-string, self> $known */
        static $known = [];

        return $known[$record] ??= new self($record);
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_keys($this->slots);
    }

    /**
     * What can be typed, looked at or measured under its keys.
     *
     * @param  class-string  $record
     * @return array<string, Field>
     */
    public static function fields(string $record): array
    {
        return array_filter(
            array_map(static fn(Slot $slot): ?Field => $slot->field(), self::of($record)->slots),
            static fn(?Field $field): bool => $field !== null && $field->label !== '',
        );
    }

    /**
     * @param  class-string  $record
     * @return list<string>
     */
    public static function sandOnly(string $record): array
    {
        return array_keys(array_filter(self::of($record)->slots, static fn(Slot $slot): bool => $slot->told->sandOnly));
    }

    private static function slot(\ReflectionParameter $parameter): Slot
    {
        $told = ($parameter->getAttributes(Key::class)[0] ?? null)?->newInstance() ?? new Key;
        $type = $parameter->getType();

        return new Slot(
            $told->name ?? self::keyOf($parameter->getName()),
            $parameter->getName(),
            self::kind($parameter),
            ! $parameter->isOptional(),
            $type === null || $type->allowsNull(),
            $parameter->isOptional() ? $parameter->getDefaultValue() : null,
            $told,
        );
    }

    private static function kind(\ReflectionParameter $parameter): Kind
    {
        $said = $parameter->getAttributes(Kind::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
        if ($said !== null) {
            return $said->newInstance();
        }
        $type = $parameter->getType();
        $name = $type instanceof \ReflectionNamedType ? $type->getName() : '';
        if ($name === 'bool') {
            return new Flag;
        }
        if (enum_exists($name)) {
            return new Named('', $name);
        }

        return class_exists($name)
            ? new Part($name)
            : throw new \LogicException(
                "{$parameter->getDeclaringClass()?->getName()}::\${$parameter->getName()} does not say what it holds: give it a kind.",
            );
    }

    private static function keyOf(string $property): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z0-9])[A-Z]/', '_$0', $property));
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;
use LowPoint\Core\InvalidInput;

/**
 * Reads records from what JSON can hold, and tells every fault at once. An absent key means that nothing was said; so does null, but
 * where the record says what it means.
 */
final class Read
{
    /** @var list<Fault> */
    private array $faults = [];

    private readonly \DateTimeImmutable $now;

    /** @param \DateTimeImmutable|null $now of the clock; null = that of this machine */
    public function __construct(?\DateTimeImmutable $now = null)
    {
        $this->now = $now ?? new \DateTimeImmutable;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $record
     * @param  string  $under  the key under which it stands
     * @return T
     *
     * @throws InvalidInput with every fault found
     */
    public static function record(string $record, mixed $data, string $under = '', ?\DateTimeImmutable $now = null): object
    {
        $read = new self($now);
        $made = $read->part($record, $data, $under);
        $read->check();

        return $made ?? throw new \LogicException("{$record} was neither read nor refused.");
    }

    /**
     * Notes what is wrong with it where something is.
     *
     * @template T of object
     *
     * @param  class-string<T>  $record
     * @return T|null
     */
    public function part(string $record, mixed $data, string $under): ?object
    {
        $layout = Layout::of($record);
        $known = $this->object($under, $data, $layout->keys());
        if ($known === null) {
            return null;
        }
        $before = \count($this->faults);
        $held = [];
        $under = $under === '' ? '' : "{$under}.";
        foreach ($layout->slots as $key => $slot) {
            $value = $known[$key] ?? null;
            if ($value !== null) {
                $held[$slot->property] = $slot->kind->read($under.$key, $value, $this);
            } elseif ($slot->told->nullSays !== null && \array_key_exists($key, $known)) {
                $held[$slot->told->nullSays] = true;
            } elseif ($slot->required) {
                if (! $slot->nullable) {
                    $slot->kind->read($under.$key, null, $this);
                }
                $held[$slot->property] = null;
            }
        }
        if (\count($this->faults) > $before) {
            return null;
        }
        try {
            return new $record(...$held);
        } catch (InvalidInput $e) {
            $this->refuseAll($e, $under);

            return null;
        }
    }

    /**
     * An object with no other keys.
     *
     * @param  list<string>  $keys
     * @param  string  $whole  what it is called where it stands under no key
     * @return array<string, mixed>|null null where it is none
     */
    public function object(string $under, mixed $data, array $keys, string $whole = 'request'): ?array
    {
        if (! \is_array($data) || ($data !== [] && array_is_list($data))) {
            $this->refuse(new Fault($under === '' ? $whole : $under, $data, 'an object with: '.implode(', ', $keys)));

            return null;
        }
        $object = [];
        foreach ($data as $name => $value) {
            if (! \in_array($name, $keys, true)) {
                $this->refuse(
                    new Fault(($under === '' ? '' : "{$under}.").$name, 'unknown key', 'one of the keys '.implode(', ', $keys)),
                );
            }
            $object[(string) $name] = $value;
        }

        return $object;
    }

    public function refuse(?Fault $fault): null
    {
        if ($fault !== null) {
            $this->faults[] = $fault;
        }

        return null;
    }

    /** What somebody else has refused, whose keys begin under this one. */
    public function refuseAll(InvalidInput $e, string $before = ''): void
    {
        array_push($this->faults, ...$e->under($before)->faults);
    }

    public function now(): \DateTimeImmutable
    {
        return $this->now;
    }

    /** @throws InvalidInput with every fault found */
    public function check(): void
    {
        if ($this->faults !== []) {
            throw new InvalidInput($this->faults);
        }
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

use LowPoint\Core\Fault;

/** A list of members that are alike: of a kind, or each a record. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Items implements Kind
{
    private Kind $each;

    /** @param Kind|class-string $of */
    public function __construct(
        Kind|string $of,
        private int $most,
        private int $least = 0,
        private bool $distinct = false,
        private string $what = '',
    ) {
        $this->each = \is_string($of) ? new Part($of) : $of;
    }

    /** @return list<mixed> */
    public function read(string $key, mixed $value, Read $read): array
    {
        if (! \is_array($value) || ! array_is_list($value) || \count($value) > $this->most || \count($value) < $this->least) {
            $what = $this->what === '' ? '' : " {$this->what}";
            $many = $this->least === 0 ? "a list of at most {$this->most}{$what}" : "a list of {$this->least} to {$this->most}{$what}";
            $read->refuse(new Fault($key, \is_array($value) ? \count($value).$what : $value, $many));

            return [];
        }
        $members = [];
        foreach ($value as $i => $one) {
            $held = $this->each->read("{$key}[{$i}]", $one, $read);
            if ($this->distinct && $held !== null && \in_array($held, $members, true)) {
                $read->refuse(new Fault("{$key}[{$i}]", $one, 'each once'));
            }
            $members[] = $held;
        }

        return $members;
    }

    public function write(mixed $held): mixed
    {
        return \is_array($held) ? array_map($this->each->write(...), $held) : $held;
    }

    public function schema(Shape $shape): array
    {
        return ['type' => 'array', 'maxItems' => $this->most, 'items' => $this->each->schema($shape)]
            + ($this->least === 0 ? [] : ['minItems' => $this->least]);
    }
}

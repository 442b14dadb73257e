<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/** One key of a record. */
final readonly class Slot
{
    /**
     * @param  bool  $required  without it there is no record
     * @param  bool  $nullable  the property can be null
     * @param  mixed  $unsaid  what the property is while nothing stands under the key
     */
    public function __construct(
        public string $key,
        public string $property,
        public Kind $kind,
        public bool $required,
        public bool $nullable,
        public mixed $unsaid,
        public Key $told,
    ) {}

    /** Of what is looked at, typed or refused by its label; null where it is a structure. */
    public function field(): ?Field
    {
        $kind = $this->kind;

        return $kind instanceof Number || $kind instanceof Text || $kind instanceof Choice || $kind instanceof Named ? $kind->field : null;
    }
}

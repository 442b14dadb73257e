<?php

declare(strict_types=1);

namespace LowPoint\Core\Records;

/**
 * What is true of one property of a record, said as an attribute of it: reading, refusing, writing, the schema and the forms follow
 * from it. A property whose type says all (a list of words, a record, yes or no) needs none.
 */
interface Kind
{
    /** @return mixed what the property holds; null after a refusal, which is noted in $read */
    public function read(string $key, mixed $value, Read $read): mixed;

    /** @return mixed of what JSON can hold */
    public function write(mixed $held): mixed;

    /** @return array<string, mixed> JSON Schema (2020-12) */
    public function schema(Shape $shape): array;
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\Learned;

/** Where learning starts from: a correction pooled over many worlds of made-up students (bench/pool), shipped with the core. */
final class Pooled
{
    private const FILE = __DIR__.'/../../data/pooled-correction.json';

    /** @throws InvalidInput for a file that is none */
    public static function correction(): Learned
    {
        return Learned::fromValue(json_decode((string) file_get_contents(self::FILE), true), 'pooled-correction.json');
    }
}

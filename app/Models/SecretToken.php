<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/** What opens a door to whoever holds it: told once when it is made, and from then on only its hash is known. */
final readonly class SecretToken
{
    /** 43 letters and digits: more than 2^250 of them. */
    private const LENGTH = 43;

    public string $hash;

    private function __construct(public string $plain)
    {
        $this->hash = self::hash($plain);
    }

    public static function make(): self
    {
        return new self(Str::random(self::LENGTH));
    }

    public static function hash(string $plain): string
    {
        return hash('sha256', $plain);
    }
}

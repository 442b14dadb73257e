<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

/** Languages in which a student can read his page. What the core says is English; PhraseBook says it in the others. */
enum Language: string
{
    case English = 'en';
    case German = 'de';

    public function decimalPoint(): string
    {
        return $this === self::German ? ',' : '.';
    }
}

<?php

declare(strict_types=1);

namespace App\Account;

use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** A code of the second factor, or one of those for the day its device is lost. */
#[Schema('SayCode')]
final readonly class SayCode
{
    public function __construct(
        #[Text('Code', 40, filled: true)]
        public string $code,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Account;

use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** The password there is. */
#[Schema('SayPassword')]
final readonly class SayPassword
{
    public function __construct(
        #[Text('Password', 255, filled: true)]
        public string $now,
    ) {}
}

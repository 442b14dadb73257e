<?php

declare(strict_types=1);

namespace App\Ledger;

use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** What it really was. */
#[Schema('PutConfirmed')]
final readonly class PutConfirmed
{
    public function __construct(
        #[Text('What it was', 60), Key('The id of a cause, none where nothing was wrong, null where nobody says.')]
        public ?string $confirmed = null,
    ) {}
}

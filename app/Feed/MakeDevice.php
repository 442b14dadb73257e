<?php

declare(strict_types=1);

namespace App\Feed;

use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** What a device is called. */
#[Schema('MakeDevice')]
final readonly class MakeDevice
{
    public function __construct(
        #[Text('Name', 60, filled: true)]
        public string $name,
        #[Number('Minutes', 'minutes', 1, 1440, whole: true), Key('It ends by itself after so long; left out it never does.')]
        public ?int $minutes = null,
    ) {}
}

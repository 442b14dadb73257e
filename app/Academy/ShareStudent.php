<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\ShareLevel;
use LowPoint\Core\Records\Schema;

/** To read, or to teach. */
#[Schema('ShareStudent')]
final readonly class ShareStudent
{
    public function __construct(public ShareLevel $level) {}
}

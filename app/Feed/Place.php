<?php

declare(strict_types=1);

namespace App\Feed;

use App\Models\BallSet;
use App\Models\Student;

/** Where a ball of a device belongs. */
final readonly class Place
{
    /**
     * @param  bool  $doubt  it was hit so near to a change that it may be the other's
     * @param  bool  $over  the drill it was hit in is over
     */
    public function __construct(
        public BallSet|Student $of,
        public bool $doubt,
        public bool $over = false,
    ) {}
}

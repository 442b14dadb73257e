<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Named;

/** What a case tells of the student. */
final readonly class Learner
{
    /** @param list<Limit> $limits what the body asks to be minded */
    public function __construct(
        #[Key(always: true)]
        public Handedness $handed = Handedness::Right,
        #[Items(new Named('Limit', Limit::class), most: 9, distinct: true), Key(always: true)]
        public array $limits = [],
    ) {}
}

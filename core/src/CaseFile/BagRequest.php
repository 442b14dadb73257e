<?php

declare(strict_types=1);

namespace LowPoint\Core\CaseFile;

use LowPoint\Core\Club\Club;
use LowPoint\Core\InvalidInput;

/** The clubs a coach has at hand. */
final class BagRequest
{
    /**
     * @return list<Club> by loft
     *
     * @throws InvalidInput with every fault found; a bag without a club is none
     */
    public static function clubs(mixed $bag): array
    {
        $fields = RequestFields::of(['bag' => $bag], ['bag']);
        $clubs = $fields->clubs('bag');
        $fields->check();
        usort($clubs, static fn(Club $a, Club $b): int => [$a->loftDeg, $a->bounceDeg] <=> [$b->loftDeg, $b->bounceDeg]);

        return $clubs;
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Distance;

/** What a chart says of the student's distances. */
enum DistanceFinding: string
{
    case Ok = 'ok';
    case TooLong = 'too_long';
    case TooShort = 'too_short';
    case Spread = 'spread';
    case TooFew = 'too_few';
}

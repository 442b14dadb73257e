<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

/** How a drill is practised: the same shot again and again, targets and lies mixed, or as on the course. */
enum Mode: string
{
    case Blocked = 'blocked';
    case Random = 'random';
    case Transfer = 'transfer';

    public function label(): string
    {
        return match ($this) {
            self::Blocked => 'the same shot repeated',
            self::Random => 'targets and lies mixed',
            self::Transfer => 'as on the course',
        };
    }
}

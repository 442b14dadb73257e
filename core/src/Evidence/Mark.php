<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What the club left in the ground. */
enum Mark: string
{
    case None = 'none';
    case Brush = 'brush';
    case Shallow = 'shallow';
    case Deep = 'deep';

    /** Depth assumed when the length of the mark was not taken, mm. Origin: handbook 02, table of marks. */
    public function depthMm(bool $sand): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Brush => $sand ? 6.0 : 0.5,
            self::Shallow => $sand ? 14.0 : 3.0,
            self::Deep => $sand ? 22.0 : 7.0,
        };
    }
}

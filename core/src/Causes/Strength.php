<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

/** How regularly a fault shows one of its signs (handbook 4.2, 14.4). */
enum Strength: string
{
    case Strong = 'strong';
    case Medium = 'medium';
    case Weak = 'weak';

    /** Share of students with the fault in whom a word that names it is seen. Origin: handbook 14.4. */
    public function share(): float
    {
        return match ($this) {
            self::Strong => 0.75,
            self::Medium => 0.5,
            self::Weak => 0.3,
        };
    }

    /** Share of students with the fault whose measured figure lies where the fault puts it. Origin: chosen by us. */
    public function shareOfFigures(): float
    {
        return match ($this) {
            self::Strong => 0.9,
            self::Medium => 0.6,
            self::Weak => 0.35,
        };
    }

    public function adverb(): string
    {
        return match ($this) {
            self::Strong => 'nearly always',
            self::Medium => 'often',
            self::Weak => 'sometimes',
        };
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

/** What a cure asks of the student (handbook 4.1). */
enum Effort: int
{
    case Setup = 1;
    case SwingFeel = 2;
    case MotionChange = 3;
}

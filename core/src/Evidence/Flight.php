<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** The flight that the shot asks for. */
enum Flight: string
{
    case Low = 'low';
    case Stock = 'stock';
    case High = 'high';
}

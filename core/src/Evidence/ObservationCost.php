<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** What it costs in a lesson to see something, in looks. */
enum ObservationCost: int
{
    case Glance = 1;
    case Ball = 2;
    case Video = 5;
}

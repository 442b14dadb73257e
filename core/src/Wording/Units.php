<?php

declare(strict_types=1);

namespace LowPoint\Core\Wording;

/** The units a coach reads. Stored figures are always mm and m. */
enum Units: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';
}

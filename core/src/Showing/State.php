<?php

declare(strict_types=1);

namespace LowPoint\Core\Showing;

/** How a part of a picture stands to what is asked. */
enum State: string
{
    case Now = 'now';
    case Asked = 'asked';
    case Same = 'same';
    case Ground = 'ground';
}

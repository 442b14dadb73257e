<?php

declare(strict_types=1);

namespace App\Models;

/** What a coach may do with a student that another one shares with him. */
enum ShareLevel: string
{
    case Read = 'read';

    /** To read, to give lessons, to plan practice. */
    case Teach = 'teach';
}

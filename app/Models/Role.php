<?php

declare(strict_types=1);

namespace App\Models;

/** What a coach is in an academy (handbook 13.2). */
enum Role: string
{
    /** Sees everything, invites, moves students, sets what is common. */
    case Lead = 'lead';

    /** Own students, and those shared with him. */
    case Coach = 'coach';
}

<?php

declare(strict_types=1);

namespace App\Models;

/** What a guardian agrees to. */
enum ConsentPurpose: string
{
    case Still = 'still';
    case Link = 'link';

    /** "…only with a guardian's consent on record" */
    public function needs(): string
    {
        return match ($this) {
            self::Still => 'a picture of a child is kept',
            self::Link => 'a child’s page is shared by a link',
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\User;

/** Accounts of coaches. */
final class UserPolicy
{
    /** Sees the account whole, gives it a role, lets it go. */
    public function lead(User $coach, User $other): bool
    {
        return $coach->leads($other->academy_id);
    }
}

<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\Academy;
use App\Models\User;

final class AcademyPolicy
{
    /** Invites, sees the outcomes and the audit trail, sets what is common. */
    public function lead(User $coach, Academy $academy): bool
    {
        return $coach->leads($academy->id);
    }

    /** Looks after what all academies of this installation run on. */
    public function keepInstallation(User $coach, Academy $academy): bool
    {
        return $coach->leads($academy->id) && $academy->isFirst();
    }
}

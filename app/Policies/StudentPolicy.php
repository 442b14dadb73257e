<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\User;

/** A coach reaches only his own students. */
final class StudentPolicy
{
    public function view(User $coach, Student $student): bool
    {
        return $student->coach_id === $coach->id;
    }
}

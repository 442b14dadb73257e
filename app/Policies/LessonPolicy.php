<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lesson;
use App\Models\User;

/** A lesson is reached through its student. */
final class LessonPolicy
{
    public function view(User $coach, Lesson $lesson): bool
    {
        return $lesson->student->coach_id === $coach->id;
    }
}

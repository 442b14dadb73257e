<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lesson;
use Illuminate\Database\Eloquent\Model;

/**
 * A lesson is reached through its student.
 *
 * @extends OwnerPolicy<Lesson>
 */
final class LessonPolicy extends OwnerPolicy
{
    protected function owner(Model $record): int
    {
        return $record->student->coach_id;
    }
}

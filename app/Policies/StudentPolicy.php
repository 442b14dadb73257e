<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use Illuminate\Database\Eloquent\Model;

/**
 * A coach reaches only his own students.
 *
 * @extends OwnerPolicy<Student>
 */
final class StudentPolicy extends OwnerPolicy
{
    protected function owner(Model $record): int
    {
        return $record->coach_id;
    }
}

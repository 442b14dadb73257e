<?php

declare(strict_types=1);

namespace App\Students;

use App\Models\ShareLevel;
use App\Models\Student;
use App\Models\User;

/**
 * A student belongs to one coach, who may do everything. Others of the academy do what he shares; a lead sees and moves, and leaves
 * the teaching to the coach (handbook 13.2). What belongs to a student is reached through this policy alone.
 */
final class StudentPolicy
{
    public function view(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student) || $student->sharedWith($coach) !== null || $coach->leads($student->coach->academy_id);
    }

    /** Lessons, balls, practice, records. */
    public function update(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student) || $student->sharedWith($coach) === ShareLevel::Teach;
    }

    public function delete(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student);
    }

    public function restore(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student);
    }

    public function forceDelete(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student);
    }

    /** With whom else, or to whom he goes. */
    public function move(User $coach, Student $student): bool
    {
        return $this->owns($coach, $student) || $coach->leads($student->coach->academy_id);
    }

    private function owns(User $coach, Student $student): bool
    {
        return $student->coach_id === $coach->id;
    }
}

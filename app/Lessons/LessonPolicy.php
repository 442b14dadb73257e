<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use App\Models\User;
use App\Students\StudentPolicy;

/** A lesson is reached through its student. */
final readonly class LessonPolicy
{
    public function __construct(private StudentPolicy $students) {}

    public function view(User $coach, Lesson $lesson): bool
    {
        return $this->students->view($coach, $lesson->student);
    }

    public function update(User $coach, Lesson $lesson): bool
    {
        return $this->students->update($coach, $lesson->student);
    }

    /** The coach of the student, and whoever gave it while he may teach. */
    public function delete(User $coach, Lesson $lesson): bool
    {
        return $this->students->delete($coach, $lesson->student)
            || ($lesson->coach_id === $coach->id && $this->students->update($coach, $lesson->student));
    }

    public function restore(User $coach, Lesson $lesson): bool
    {
        return $this->delete($coach, $lesson);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;

/** For tests of the demo world itself: its coaches and students by their first names. */
trait Saltgrass
{
    protected function coach(string $name = 'Maren'): User
    {
        return User::query()
            ->where('name', 'like', "{$name}%")
            ->sole();
    }

    protected function otherCoach(): User
    {
        return $this->coach('Idris');
    }

    protected function student(string $name = 'Bea'): Student
    {
        return Student::query()
            ->where('name', 'like', "{$name}%")
            ->where('sample', false)
            ->sole();
    }

    protected function earlierLesson(string $name = 'Bea'): Lesson
    {
        return $this->student($name)->lessons()->firstOrFail();
    }
}

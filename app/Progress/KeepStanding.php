<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Student;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out where a student stands after a lesson, so that the list of all says it before anybody looks at the student. */
final class KeepStanding implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $studentId) {}

    public function handle(StudentProgress $progress): void
    {
        $student = Student::query()->find($this->studentId);
        if ($student !== null) {
            $progress->of($student);
        }
    }
}

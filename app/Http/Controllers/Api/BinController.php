<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Archive\Bin;
use App\Jobs\KeepStanding;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Delete, bring back, erase for good. */
final class BinController
{
    public function index(#[CurrentUser] User $coach, Bin $bin): JsonResponse
    {
        return new JsonResponse($bin->of($coach));
    }

    public function deleteStudent(Student $student): JsonResponse
    {
        Gate::authorize('view', $student);
        $student->delete();

        return new JsonResponse(null, 204);
    }

    public function deleteLesson(Lesson $lesson): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $lesson->delete();
        KeepStanding::dispatch($lesson->student_id);

        return new JsonResponse(null, 204);
    }

    public function restoreStudent(string $studentId): JsonResponse
    {
        $student = Student::onlyTrashed()->findOrFail($studentId);
        Gate::authorize('view', $student);
        $student->restore();

        return new JsonResponse(null, 204);
    }

    public function restoreLesson(string $lessonId): JsonResponse
    {
        $lesson = Lesson::onlyTrashed()->findOrFail($lessonId);
        Gate::authorize('view', $lesson);
        $lesson->restore();
        KeepStanding::dispatch($lesson->student_id);

        return new JsonResponse(null, 204);
    }

    /** On a student's written request: at once, for good, with a receipt. */
    public function erase(string $studentId, Bin $bin): JsonResponse
    {
        $student = Student::withTrashed()->findOrFail($studentId);
        Gate::authorize('view', $student);

        return new JsonResponse($bin->erase($student));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\Student;
use App\Progress\StudentProgress;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ProgressController
{
    public function __invoke(Student $student, StudentProgress $progress): JsonResponse
    {
        Gate::authorize('view', $student);

        return new JsonResponse($progress->of($student));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Resources\StudentResource;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

final class StudentController
{
    public function index(#[CurrentUser] User $coach): AnonymousResourceCollection
    {
        return StudentResource::collection(
            $coach->students()->withCount('lessons')->with('lessons', static fn($lessons) => $lessons->limit(1)->with('prescription'))->orderBy('name')->get(),
        );
    }

    public function show(Student $student): StudentResource
    {
        Gate::authorize('view', $student);

        return new StudentResource($student->loadCount('lessons')->load('lessons.prescription', 'lessons.sets.balls'));
    }
}

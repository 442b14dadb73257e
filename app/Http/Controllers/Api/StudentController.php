<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Requests\PutStudentRequest;
use App\Http\Resources\StudentResource;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

final class StudentController
{
    private const LATEST = 5;

    /** All students of the coach, by name. */
    #[Endpoint(StudentResource::class, list: true)]
    public function index(#[CurrentUser] User $coach): AnonymousResourceCollection
    {
        return StudentResource::collection($coach->students()->withCount('lessons')->orderBy('name')->get());
    }

    /** A student with the latest lessons. */
    #[Endpoint(StudentResource::class)]
    public function show(Student $student): StudentResource
    {
        Gate::authorize('view', $student);

        // The latest are enough to begin from; the whole course is under progress.
        return new StudentResource(
            $student
                ->loadCount('lessons')
                ->load(['lessons' => static fn($lessons) => $lessons->limit(self::LATEST)->with('prescription', 'sets')]),
        );
    }

    /** Adds or changes the student with this id, made by the device. */
    #[Endpoint(StudentResource::class)]
    public function put(PutStudentRequest $request, string $studentId, #[CurrentUser] User $coach): StudentResource
    {
        $student = Student::query()->find($studentId) ?? (new Student)->forceFill(['id' => $studentId, 'coach_id' => $coach->id]);
        Gate::authorize('update', $student);
        $student->fill([
            ...$request->safe(['name', 'handed', 'limits', 'units', 'language', 'step_m']),
            'about' => $request->string('about')->value(),
        ]);
        if ($request->has('inactive')) {
            $student->inactive_since = $request->boolean('inactive') ? $student->inactive_since ?? now() : null;
        }
        $student->save();

        return new StudentResource($student->loadCount('lessons'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Requests\PutStudentRequest;
use App\Http\Resources\StudentResource;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\BagRequest;

final class StudentController
{
    private const LATEST = 5;

    /** Students in one answer. */
    public const PAGE = 100;

    /** The students of the coach and those shared with him, by name, a page at a time; the header Link says where the next one is. */
    #[Endpoint(StudentResource::class, list: true, query: ['page' => 'from 1 on'])]
    public function index(#[CurrentUser] User $coach): JsonResponse
    {
        $page = $coach
            ->reached()
            ->with('coach', 'shares')
            ->withCount('lessons')
            ->orderBy('name')
            ->orderBy('id')
            ->simplePaginate(self::PAGE);
        $next = $page->nextPageUrl();

        return StudentResource::collection($page->items())
            ->response()
            ->withHeaders($next === null ? [] : ['Link' => "<{$next}>; rel=\"next\""]);
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
                ->load(['lessons' => static fn($lessons) => $lessons->limit(self::LATEST)->with('coach', 'prescription', 'sets')]),
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
        if ($request->exists('bag')) {
            $student->bag = BagRequest::kept($request->input('bag'));
        }
        $student->save();

        return new StudentResource($student->loadCount('lessons'));
    }
}

<?php

declare(strict_types=1);

namespace App\Students;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Student;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Club\Bag;

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
    public function put(
        #[Body(PutStudent::class)]
        PutStudent $body,
        Request $request,
        string $studentId,
        #[CurrentUser]
        User $coach,
    ): StudentResource {
        $student = Student::query()->find($studentId) ?? (new Student)->forceFill(['id' => $studentId, 'coach_id' => $coach->id]);
        Gate::authorize('update', $student);
        $student->fill([
            'name' => $body->name,
            'handed' => $body->handed,
            'limits' => array_column($body->limits, 'value'),
            'about' => $body->about ?? '',
        ]);
        // What is not said stays as it is; null is said.
        $student->fill(array_intersect_key(
            ['units' => $body->units, 'language' => $body->language, 'step_m' => $body->stepM, 'bag' => Bag::kept($body->bag)],
            $request->post(),
        ));
        if ($body->inactive !== null) {
            $student->inactive_since = $body->inactive ? $student->inactive_since ?? now() : null;
        }
        $student->save();

        return new StudentResource($student->loadCount('lessons'));
    }
}

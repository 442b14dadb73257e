<?php

declare(strict_types=1);

namespace App\Academy;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\Student;
use App\Models\User;
use App\Students\StudentResource;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\Gate;

/** With whom a student is shared, and to whom he goes. Only within the academy. */
final class StudentShareController
{
    public function __construct(private readonly Sharing $sharing) {}

    /** With whom. */
    #[Endpoint(StudentShareResource::class, list: true)]
    public function index(Student $student): AnonymousResourceCollection
    {
        Gate::authorize('view', $student);

        return StudentShareResource::collection($student->shares()->with('coach')->get());
    }

    /** Shares a student with a coach, or changes what that coach may do. */
    #[Endpoint(StudentShareResource::class)]
    public function put(
        #[Body(ShareStudent::class)]
        ShareStudent $body,
        Student $student,
        User $coach,
        #[CurrentUser]
        User $by,
    ): StudentShareResource {
        $this->authorise($student, $coach);
        abort_if($coach->left_at !== null, 409, "{$coach->name} has left the academy.");
        $this->sharing->share($by, $student, $coach, $body->level);

        return new StudentShareResource($student->shares()->with('coach')->where('coach_id', $coach->id)->sole());
    }

    /** Shares it no longer. */
    #[Endpoint(status: 204)]
    public function destroy(Student $student, User $coach, #[CurrentUser] User $by): JsonResponse
    {
        $this->authorise($student, $coach);
        $this->sharing->share($by, $student, $coach, null);

        return new JsonResponse(null, 204);
    }

    /** Another coach has the student from now on. */
    #[Endpoint(StudentResource::class, refuses: [409])]
    public function handOver(#[Body(HandOver::class)] HandOver $body, Student $student, #[CurrentUser] User $by): StudentResource
    {
        $to = User::query()->findOrFail($body->coachId);
        $this->authorise($student, $to);
        abort_if($to->left_at !== null, 409, "{$to->name} has left the academy.");
        $this->sharing->handOver($by, $student, $to, $body->keeps);

        return new StudentResource($student->refresh()->loadCount('lessons'));
    }

    /** Moves go between coaches of one academy, and away from or past the one who has the student. */
    private function authorise(Student $student, User $coach): void
    {
        Gate::authorize('move', $student);
        abort_if($coach->academy_id !== $student->coach->academy_id, 404);
        abort_if($coach->id === $student->coach_id, 409, "{$student->name} is {$coach->name}’s already.");
    }
}

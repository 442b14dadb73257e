<?php

declare(strict_types=1);

namespace App\Archive;

use App\Audit\AuditTrail;
use App\Contract\Endpoint;
use App\Models\Deed;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use App\Progress\KeepStanding;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Delete, bring back, erase for good. */
final class BinController
{
    /** What was deleted in the last 30 days and can come back. */
    #[Endpoint(BinEntryResource::class, list: true)]
    public function index(#[CurrentUser] User $coach, Bin $bin): AnonymousResourceCollection
    {
        return BinEntryResource::collection($bin->of($coach));
    }

    /** Deletes a student; for 30 days it can be brought back. */
    #[Endpoint(status: 204)]
    public function deleteStudent(Student $student): JsonResponse
    {
        Gate::authorize('delete', $student);
        $student->delete();

        return new JsonResponse(null, 204);
    }

    /** Deletes a lesson; for 30 days it can be brought back. */
    #[Endpoint(status: 204)]
    public function deleteLesson(Lesson $lesson): JsonResponse
    {
        Gate::authorize('delete', $lesson);
        $lesson->delete();
        KeepStanding::dispatch($lesson->student_id);

        return new JsonResponse(null, 204);
    }

    /** Brings a deleted student back. */
    #[Endpoint(status: 204)]
    public function restoreStudent(string $studentId): JsonResponse
    {
        $student = Student::onlyTrashed()->findOrFail($studentId);
        Gate::authorize('restore', $student);
        $student->restore();

        return new JsonResponse(null, 204);
    }

    /** Brings a deleted lesson back. */
    #[Endpoint(status: 204)]
    public function restoreLesson(string $lessonId): JsonResponse
    {
        $lesson = Lesson::onlyTrashed()->findOrFail($lessonId);
        Gate::authorize('restore', $lesson);
        $lesson->restore();
        KeepStanding::dispatch($lesson->student_id);

        return new JsonResponse(null, 204);
    }

    /** On a student's written request: at once, for good, with a receipt. */
    #[Endpoint(ErasureResource::class)]
    public function erase(string $studentId, #[CurrentUser] User $coach, Bin $bin, AuditTrail $trail): ErasureResource
    {
        $student = Student::withTrashed()->findOrFail($studentId);
        Gate::authorize('forceDelete', $student);

        // Nobody is erased without a note of who did it.
        $receipt = DB::transaction(static function () use ($bin, $student, $trail, $coach): array {
            $trail->note($coach, Deed::Erased, $student->id);

            return $bin->erase($student);
        });

        return new ErasureResource($receipt);
    }
}

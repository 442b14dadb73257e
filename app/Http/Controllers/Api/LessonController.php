<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\PutLessonRequest;
use App\Http\Resources\LessonResource;
use App\Http\Resources\StudentResource;
use App\Jobs\KeepStanding;
use App\Lessons\SetReading;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\CaseWriter;

final class LessonController
{
    /** The lesson with all its sets, each with its reading. */
    public function show(Lesson $lesson, SetReading $reading): JsonResponse
    {
        Gate::authorize('view', $lesson);
        $lesson->load('student', 'sets.balls', 'prescription');

        return new JsonResponse([
            'lesson' => new LessonResource($lesson),
            'student' => new StudentResource($lesson->student->loadCount('lessons')),
            'readings' => (object) $lesson->sets->mapWithKeys(static fn(BallSet $set): array => [$set->id => $reading->of($lesson, $set)])->all(),
        ]);
    }

    /** Begins, changes or closes the lesson with this id. */
    public function put(PutLessonRequest $request, string $lessonId, SetReading $reading): JsonResponse
    {
        $student = Student::query()->findOrFail($request->string('student_id')->value());
        Gate::authorize('view', $student);
        $lesson = Lesson::query()->find($lessonId) ?? new Lesson(['id' => $lessonId, 'student_id' => $student->id]);
        abort_if($lesson->student_id !== $student->id, 403);

        $lesson->task = CaseWriter::task(CaseReader::task($request->input('task')));
        $lesson->began_at = Carbon::parse($request->string('began_at')->value());
        $lesson->closed_at = $request->filled('closed_at') ? Carbon::parse($request->string('closed_at')->value()) : null;
        $lesson->setRelation('student', $student);
        $lesson->load('sets.balls');
        // A shot changed after balls were logged must still be able to hold them.
        $readings = $lesson->sets->mapWithKeys(static fn(BallSet $set): array => [$set->id => $reading->of($lesson, $set)])->all();
        DB::transaction(static fn(): bool => $lesson->save());
        if ($lesson->closed_at !== null) {
            KeepStanding::dispatch($student->id);
        }

        return new JsonResponse(['readings' => (object) $readings]);
    }
}

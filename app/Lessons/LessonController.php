<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Models\Student;
use App\Models\User;
use App\Progress\BallsWanted;
use App\Progress\KeepStanding;
use App\Reading\SetReading;
use App\Students\StudentResource;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Records\Write;

final class LessonController
{
    /** Two devices at once may get into each other's way; then it is tried again. */
    private const ATTEMPTS = 4;

    /** The lesson with all its sets, each with its reading. */
    #[Endpoint(LessonPageResource::class)]
    public function show(Lesson $lesson, SetReading $reading, BallsWanted $wanted): LessonPageResource
    {
        Gate::authorize('view', $lesson);
        $lesson->load('student', 'sets.balls', 'prescription');

        return new LessonPageResource([
            'lesson' => new LessonResource($lesson),
            'student' => new StudentResource($lesson->student->loadCount('lessons')),
            'readings' => (object) $lesson->sets
                ->mapWithKeys(static fn(BallSet $set): array => [$set->id => $reading->of($lesson, $set)])
                ->all(),
            'balls_wanted' => (object) $lesson->sets
                ->mapWithKeys(static fn(BallSet $set): array => [$set->id => $wanted->of($lesson, $set)])
                ->all(),
        ]);
    }

    /** Begins, changes or closes the lesson with this id. */
    #[Endpoint(StoredLessonResource::class, refuses: [410])]
    public function put(
        #[Body(PutLesson::class)]
        PutLesson $body,
        Request $request,
        string $lessonId,
        #[CurrentUser]
        User $coach,
        SetReading $reading,
    ): StoredLessonResource {
        $student = Student::withTrashed()->findOrFail($body->studentId);
        Gate::authorize('update', $student);
        abort_if($student->trashed(), 410, Student::IN_THE_BIN);
        $wanted = Write::record($body->task);

        return DB::transaction(function () use ($request, $body, $lessonId, $student, $coach, $wanted, $reading): StoredLessonResource {
            $lesson =
                Lesson::withTrashed()->lockForUpdate()->find($lessonId)
                ?? new Lesson(['id' => $lessonId, 'student_id' => $student->id, 'coach_id' => $coach->id]);
            abort_if($lesson->student_id !== $student->id, 403);
            abort_if(
                $lesson->trashed(),
                410,
                'This lesson was deleted, perhaps on another device. It can be put back from the bin for 30 days; then what waits '
                    .'here can be sent.',
            );
            $conflicts = [];
            if ($lesson->hears($request)) {
                $conflicts = $this->change($lesson, $body, $wanted);
            }
            $lesson->setRelation('student', $student);
            $lesson->load('sets.balls');
            // A shot changed after balls were logged must still be able to hold them.
            $readings = $lesson->sets->mapWithKeys(static fn(BallSet $set): array => [$set->id => $reading->of($lesson, $set)])->all();
            $lesson->save();
            if ($lesson->closed_at !== null) {
                KeepStanding::dispatch($student->id)->afterCommit();
            }

            return new StoredLessonResource([
                'readings' => (object) $readings,
                'lesson' => new LessonResource($lesson->load('prescription')),
                'conflicts' => $conflicts,
            ]);
        }, self::ATTEMPTS);
    }

    /**
     * Only what this device has changed since it last knew the lesson ("base"); what another device did meanwhile stays.
     *
     * @param  array<string, mixed>  $wanted
     * @return list<array{key: string, theirs: mixed, yours: mixed}> what both have changed: the later one holds, the other is in the
     *     history
     */
    private function change(Lesson $lesson, PutLesson $body, array $wanted): array
    {
        $at = static fn(?\DateTimeInterface $time): ?string => $time === null ? null : Carbon::instance($time)->utc()->toIso8601String();
        $now = ['began_at' => $at($body->beganAt), 'closed_at' => $at($body->closedAt)] + $wanted;
        $base = $body->base;
        if (! $lesson->exists || $base === null) {
            [$lesson->task, $lesson->began_at, $lesson->closed_at] = [
                $wanted,
                Carbon::instance($body->beganAt)->utc(),
                $body->closedAt === null ? null : Carbon::instance($body->closedAt)->utc(),
            ];

            return [];
        }
        $was = ['began_at' => $at($base->beganAt), 'closed_at' => $at($base->closedAt)] + Write::record($base->task);
        $stored =
            ['began_at' => $lesson->began_at->utc()->toIso8601String(), 'closed_at' => $lesson->closed_at?->utc()->toIso8601String()]
            + $lesson->task;
        $conflicts = [];
        foreach (array_keys($now + $was + $stored) as $key) {
            [$mine, $before, $theirs] = [$now[$key] ?? null, $was[$key] ?? null, $stored[$key] ?? null];
            if ($mine == $before) {
                continue;
            }
            if ($theirs != $before && $theirs != $mine) {
                $conflicts[] = ['key' => $key, 'theirs' => $theirs, 'yours' => $mine];
            }
            $stored[$key] = $mine;
        }
        $lesson->began_at = Carbon::parse((string) $stored['began_at'])->utc();
        $lesson->closed_at = $stored['closed_at'] === null ? null : Carbon::parse($stored['closed_at'])->utc();
        unset($stored['began_at'], $stored['closed_at']);
        $lesson->task = Write::record(CaseReader::task(array_filter($stored, static fn(mixed $value): bool => $value !== null)));

        return $conflicts;
    }
}

<?php

declare(strict_types=1);

namespace App\Stills;

use App\Contract\Endpoint;
use App\Models\ConsentPurpose;
use App\Models\Lesson;
use App\Models\Still;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\InvalidInput;

/** Marked pictures kept with a lesson: whoever may see the lesson may see them. */
final class StillController
{
    /** All stills of a student, the latest first: to lay two of them side by side. */
    #[Endpoint(StillResource::class, list: true)]
    public function index(Student $student): AnonymousResourceCollection
    {
        Gate::authorize('view', $student);

        return StillResource::collection(
            Still::query()
                ->whereIn('lesson_id', $student->lessons()->select('id'))
                ->latest('id')
                ->get(),
        );
    }

    /** Keeps one; sent twice it is kept once. One picture of a lesson goes into its report: the one that was said last. */
    #[Endpoint(StillResource::class, file: 'still')]
    public function store(KeepStillRequest $request, Lesson $lesson, StillFolder $folder): StillResource
    {
        Gate::authorize('update', $lesson);
        if ($request->user()?->keeps_stills === false) {
            throw InvalidInput::one('still', null, 'kept by nobody who has said that he keeps no pictures (You)');
        }
        $lesson->student->demandConsent(ConsentPurpose::Still);
        $clean = StillFolder::clean((string) $request->file('still')?->getContent());
        $still = DB::transaction(function () use ($request, $lesson, $folder, $clean): Still {
            $still = Still::query()->find($request->string('id')->value()) ?? new Still(['id' => $request->string('id')->value()]);
            abort_if($still->exists && $still->lesson_id !== $lesson->id, 403);
            if ($request->boolean('in_report')) {
                Still::query()
                    ->where('lesson_id', $lesson->id)
                    ->update(['in_report' => false]);
            }
            $still->fill([
                'width' => $clean['width'],
                'height' => $clean['height'],
                'ball' =>
                    $request->filled('ball_x') && $request->filled('ball_y')
                        ? [$request->float('ball_x'), $request->float('ball_y')]
                        : null,
                'mm_per_px' => $request->filled('mm_per_px') ? $request->float('mm_per_px') : null,
                'in_report' => $request->boolean('in_report'),
            ]);
            $still->lesson()->associate($lesson)->save();
            // Last: what the disk refuses leaves no row behind.
            $folder->put($still, $clean['jpeg']);

            return $still;
        });

        return new StillResource($still);
    }

    /** The picture itself. */
    #[Endpoint(type: 'image/jpeg')]
    public function show(Lesson $lesson, Still $still, StillFolder $folder): Response
    {
        Gate::authorize('view', $lesson);
        abort_if($lesson->student->lacksConsent(ConsentPurpose::Still), 410, 'No guardian’s consent is on record for this picture.');
        $jpeg = $folder->get($still);
        abort_if($jpeg === null, 404);

        return new Response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-store']);
    }

    /** Takes it out, the file too. */
    #[Endpoint(status: 204)]
    public function destroy(Lesson $lesson, Still $still, StillFolder $folder): JsonResponse
    {
        Gate::authorize('update', $lesson);
        $still->delete();
        $folder->delete($still);

        return new JsonResponse(null, 204);
    }
}

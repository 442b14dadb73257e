<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Jobs\MakeReport;
use App\Models\Lesson;
use App\Models\User;
use App\Reports\LessonReport;
use App\Reports\ReportFolder;
use Illuminate\Bus\Batch;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Several reports at once: made by the queue, with progress, fetched as one zip. */
final class ReportBatchController
{
    private const MOST = 100;

    public function store(Request $request, #[CurrentUser] User $coach): JsonResponse
    {
        $request->validate(['lessons' => ['required', 'array', 'max:'.self::MOST], 'lessons.*' => ['string', 'ulid', 'distinct'], 'paper' => ['required', Rule::in(LessonReport::PAPERS)]]);
        /** @var list<string> $ids */
        $ids = $request->array('lessons');
        foreach ($ids as $id) {
            Gate::authorize('view', Lesson::query()->findOrFail($id));
        }
        $paper = $request->string('paper')->value();
        $batch = Bus::batch(array_map(static fn(string $id): MakeReport => new MakeReport($id, $paper), $ids))->name("reports {$coach->id}")->allowFailures()->dispatch();

        return new JsonResponse(self::shown($batch), 202);
    }

    public function show(string $batch, #[CurrentUser] User $coach): JsonResponse
    {
        return new JsonResponse(self::shown($this->mine($batch, $coach)));
    }

    public function download(string $batch, #[CurrentUser] User $coach, ReportFolder $folder): BinaryFileResponse
    {
        $batch = $this->mine($batch, $coach);
        abort_unless($batch->finished(), 409, 'The reports are not ready yet.');

        abort_if($folder->isEmpty($batch->id), 410, 'These reports are gone: they are kept for a day, and no longer than the lessons. Make them anew.');

        return response()->download($folder->zip($batch->id), 'reports.zip')->deleteFileAfterSend();
    }

    private function mine(string $batch, User $coach): Batch
    {
        $batch = Bus::findBatch($batch);
        abort_if($batch === null || $batch->name !== "reports {$coach->id}", 404);

        return $batch;
    }

    /** @return array<string, mixed> */
    private static function shown(Batch $batch): array
    {
        return ['id' => $batch->id, 'total' => $batch->totalJobs, 'done' => $batch->processedJobs(), 'failed' => $batch->failedJobs, 'finished' => $batch->finished()];
    }
}

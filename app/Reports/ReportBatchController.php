<?php

declare(strict_types=1);

namespace App\Reports;

use App\Audit\AuditTrail;
use App\Contract\Body;
use App\Contract\Endpoint;
use App\Language\Phrases;
use App\Models\Deed;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Bus\Batch;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Several reports at once: made by the queue, with progress, fetched as one zip. */
final class ReportBatchController
{
    /** Makes the reports of many lessons, beside the web server. */
    #[Endpoint(ReportBatchResource::class, status: 202)]
    public function store(#[Body(MakeReports::class)] MakeReports $body, Request $request, #[CurrentUser] User $coach): JsonResponse
    {
        foreach ($body->lessons as $id) {
            Gate::authorize('view', Lesson::query()->findOrFail($id));
        }
        $asked = Phrases::wanted($request);
        $batch = Bus::batch(array_map(static fn(string $id): MakeReport => new MakeReport($id, $body->paper, $asked), $body->lessons))
            ->name("reports {$coach->id}")
            ->allowFailures()
            ->dispatch();

        return (new ReportBatchResource($batch))->response()->setStatusCode(202);
    }

    /** How far they have come. */
    #[Endpoint(ReportBatchResource::class)]
    public function show(string $batch, #[CurrentUser] User $coach): ReportBatchResource
    {
        return new ReportBatchResource($this->mine($batch, $coach));
    }

    /** The reports as a zip. */
    #[Endpoint(type: 'application/zip', refuses: [409, 410])]
    public function download(string $batch, #[CurrentUser] User $coach, ReportFolder $folder, AuditTrail $trail): StreamedResponse
    {
        $batch = $this->mine($batch, $coach);
        abort_unless($batch->finished(), 409, 'The reports are not ready yet.');

        // What he may no longer see is not in it.
        $mine = array_values(
            array_filter(
                $folder->lessons($batch->id),
                static fn(string $id): bool => ($lesson = Lesson::query()->has('student')->find($id)) !== null
                    && Gate::allows('view', $lesson),
            ),
        );
        abort_if(
            $mine === [],
            410,
            'These reports are gone: they are kept for a day, and no longer than the lessons. Make them anew.',
        );

        $trail->note($coach, Deed::Exported, about: ['what' => 'reports']);

        $zip = $folder->zip($batch->id, $mine);

        return response()->streamDownload(static fn() => fpassthru($zip), 'reports.zip', ['Content-Type' => 'application/zip']);
    }

    private function mine(string $batch, User $coach): Batch
    {
        $batch = Bus::findBatch($batch);
        abort_if($batch === null || $batch->name !== "reports {$coach->id}", 404);

        return $batch;
    }
}

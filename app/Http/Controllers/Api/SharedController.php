<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Requests\PutResultRequest;
use App\Http\Resources\DrillResultResource;
use App\Http\Resources\ErasedResultsResource;
use App\Http\Resources\PracticeExportResource;
use App\Http\Resources\PracticeResource;
use App\Models\DrillResult;
use App\Models\ShareLink;
use App\Practice\Results;
use App\Practice\StudentPractice;
use App\Progress\AttentionIndex;
use Illuminate\Http\Response;

/** The student's page behind a private link: no account, only this student, nothing of the coach's own notes. */
final class SharedController
{
    /** The student's page. */
    #[Endpoint(PracticeResource::class)]
    public function show(string $token, StudentPractice $practice): PracticeResource
    {
        $link = $this->link($token);
        $link->update(['opened_at' => now()]);

        return new PracticeResource($practice->of($link->student));
    }

    /** Logs one run of a drill. */
    #[Endpoint(DrillResultResource::class)]
    public function putResult(PutResultRequest $request, string $token, string $resultId, Results $results): DrillResultResource
    {
        return new DrillResultResource($results->put($this->link($token)->student, $resultId, $request->run(), 'student'));
    }

    /** The plan as a calendar file. */
    #[Endpoint(type: 'text/calendar')]
    public function calendar(string $token): Response
    {
        return PracticeController::file($this->link($token)->student);
    }

    /** Everything the page knows of the student, in one file. */
    #[Endpoint(PracticeExportResource::class)]
    public function export(string $token, StudentPractice $practice): Response
    {
        $student = $this->link($token)->student;
        $all = [
            ...$practice->of($student),
            'results' => $student
                ->results()
                ->get()
                ->map(
                    static fn(DrillResult $one): array => [
                        ...Results::told($one),
                        'attempts' => $one->attempts,
                        'goal' => $one->goal,
                    ],
                )
                ->all(),
        ];

        return new Response(json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="my-practice.json"',
        ]);
    }

    /** The student's right: what the student logged goes at once, and the door closes. Lessons are the coach's to erase. */
    #[Endpoint(ErasedResultsResource::class)]
    public function erase(string $token): ErasedResultsResource
    {
        $link = $this->link($token);
        $erased = $link->student->results()->reorder()->where('logged_by', 'student')->delete();
        AttentionIndex::forget($link->student_id);
        $link->student
            ->links()
            ->reorder()
            ->update(['revoked_at' => now()]);

        return new ErasedResultsResource([
            'erased' => $erased,
            'message' => "Erased: {$erased} entries. This page is closed now. Ask your coach to erase the lessons as well.",
        ]);
    }

    private function link(string $token): ShareLink
    {
        return ShareLink::open($token) ?? abort(404, 'This page is closed. Ask your coach for a new link.');
    }
}

<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Language\Phrases;
use App\Models\DrillResult;
use App\Models\ShareLink;
use App\Practice\DrillResultResource;
use App\Practice\PracticeController;
use App\Practice\PracticeResource;
use App\Practice\PutResult;
use App\Practice\Results;
use App\Practice\StudentPractice;
use App\Progress\AttentionIndex;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Words;

/** The student's page behind a private link: no account, only this student, nothing of the coach's own notes. */
final class SharedController
{
    /** The student's page. */
    #[Endpoint(PracticeResource::class, query: ['language' => 'en or de, where the reader chose one himself'])]
    public function show(Request $request, string $token, StudentPractice $practice): PracticeResource
    {
        $link = ShareLink::openOrGone($token);
        $link->update(['opened_at' => now()]);
        $request->validate(['language' => [Rule::enum(Language::class)]]);

        return new PracticeResource($practice->of(
            $link->student,
            $request->enum('language', Language::class) ?? $link->student->language ?? Phrases::wanted($request),
        ));
    }

    /** Logs one run of a drill. */
    #[Endpoint(DrillResultResource::class, refuses: [403])]
    public function putResult(
        #[Body(PutResult::class)]
        PutResult $body,
        string $token,
        string $resultId,
        Results $results,
    ): DrillResultResource {
        return new DrillResultResource($results->put(ShareLink::openOrGone($token)->student, $resultId, $body, 'student'));
    }

    /** The plan as a calendar file. */
    #[Endpoint(type: 'text/calendar')]
    public function calendar(string $token): Response
    {
        return PracticeController::file(ShareLink::openOrGone($token)->student);
    }

    /** Everything the page knows of the student, in one file. */
    #[Endpoint(PracticeExportResource::class)]
    public function export(string $token, StudentPractice $practice): Response
    {
        $student = ShareLink::openOrGone($token)->student;
        $all = [
            ...$practice->of($student),
            'results' => $student
                ->results()
                ->with('ownDrill')
                ->get()
                ->map(
                    static fn(DrillResult $one): array => [
                        ...Results::told($one, new Words($student->shownUnits())),
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
        $link = ShareLink::openOrGone($token);
        $erased = $link->student->results()->reorder()->where('logged_by', 'student')->delete();
        $erased += $link->student->practiceNotes()->reorder()->delete();
        AttentionIndex::forget($link->student_id);
        $link->student
            ->links()
            ->reorder()
            ->update(['revoked_at' => now(), 'closed_by_student' => true]);

        return new ErasedResultsResource([
            'erased' => $erased,
            'message' => __('Erased: :count entries. This page is closed now. Ask your coach to erase the lessons as well.', [
                'count' => $erased,
            ]),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Reading\SetReading;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseWriter;

/** One set of balls as an open case file. */
final class CaseFileController
{
    #[Endpoint(CaseFileResource::class)]
    public function __invoke(Lesson $lesson, BallSet $set, SetReading $cases): Response
    {
        Gate::authorize('view', $lesson);

        return new Response(CaseWriter::toJson($cases->caseInTime($lesson, $set)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"case-{$set->id}.json\"",
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Reading\Engines;
use App\Reading\SetReading;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\TrialRequest;

/** "What if": another set-up, club or lie in the model. Nothing is stored. */
final class TrialController
{
    #[Endpoint(SetupTrialResource::class)]
    public function __invoke(
        TrySetupRequest $request,
        Lesson $lesson,
        BallSet $set,
        SetReading $cases,
        Engines $engines,
    ): SetupTrialResource {
        Gate::authorize('view', $lesson);
        $case = $cases->caseInTime($lesson, $set);
        $trial = TrialRequest::of($case, $request->array('setup'), $request->array('task'));

        return new SetupTrialResource($engines->for($lesson->student)->tryOut($case, $trial->setup, $trial->task)->toArray());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Contract\Endpoint;
use App\Http\Requests\PutPrescriptionRequest;
use App\Http\Requests\TakeBackPrescriptionRequest;
use App\Http\Resources\DrillsResource;
use App\Http\Resources\HandedOutResource;
use App\Http\Resources\PrescriptionResource;
use App\Http\Resources\ProposalResource;
use App\Jobs\KeepStanding;
use App\Language\Phrases;
use App\Lessons\Prescribing;
use App\Models\BallSet;
use App\Models\Lesson;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Drills\DrillHandout;

final class PrescriptionController
{
    /** What the core would prescribe for this cause, made out for this set. Nothing is stored. */
    #[Endpoint(ProposalResource::class)]
    public function propose(Lesson $lesson, BallSet $set, string $cause, Prescribing $prescribing): ProposalResource
    {
        Gate::authorize('view', $lesson);

        return new ProposalResource($prescribing->propose($lesson, $set, $cause)->toArray());
    }

    /** Every drill there is for this shot and student, made out for this set, for a coach who goes his own way. */
    #[Endpoint(DrillsResource::class)]
    public function drills(Lesson $lesson, BallSet $set, Prescribing $prescribing): DrillsResource
    {
        Gate::authorize('view', $lesson);

        return new DrillsResource([
            'drills' => array_values(
                array_map(static fn(DrillHandout $sheet): array => $sheet->toArray(), $prescribing->sheets($lesson, $set)),
            ),
        ]);
    }

    /** Hands out a prescription: the cause, one feel and at most two drills. It replaces an earlier one of this lesson. */
    #[Endpoint(PrescriptionResource::class)]
    public function put(PutPrescriptionRequest $request, Lesson $lesson, Prescribing $prescribing): PrescriptionResource
    {
        Gate::authorize('update', $lesson);
        $set = $lesson->sets()->findOrFail($request->string('set_id')->value());
        /** @var list<string> $drills */
        $drills = $request->array('drills');
        /** @var list<array{observable: string, to: float}>|null $figures */
        $figures = $request->input('figures');
        /** @var array<string, array<array-key, mixed>> $goals */
        $goals = $request->array('goals');
        $given = $prescribing->give(
            $lesson,
            $set,
            $request->string('cause')->value(),
            self::feel($request),
            $drills,
            $figures,
            $goals,
            $request->string('sentence')->value(),
        );
        KeepStanding::dispatch($lesson->student_id);

        return new PrescriptionResource($given);
    }

    /** Takes back what was handed out; what stood there before stands again. */
    #[Endpoint(HandedOutResource::class)]
    public function takeBack(TakeBackPrescriptionRequest $request, Lesson $lesson, Prescribing $prescribing): HandedOutResource
    {
        Gate::authorize('update', $lesson);
        /** @var list<string> $drills */
        $drills = $request->array('drills');
        $now = $prescribing->takeBack($lesson, $request->string('cause')->value(), self::feel($request), $drills);
        KeepStanding::dispatch($lesson->student_id);

        return new HandedOutResource(['prescription' => PrescriptionResource::given($now)]);
    }

    /** A feel of the library is kept in English, in whatever language it was chosen: it is read in others. */
    private static function feel(FormRequest $request): string
    {
        $cause = CauseLibrary::standard()->find($request->string('cause')->value());

        return Phrases::spoken()->meant($request->string('feel')->value(), array_values($cause->cure->feels ?? []));
    }
}

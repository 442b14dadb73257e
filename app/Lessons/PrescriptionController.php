<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Body;
use App\Contract\Endpoint;
use App\Language\Phrases;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Progress\KeepStanding;
use App\Students\PrescriptionResource;
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
    public function put(
        #[Body(PutPrescription::class)]
        PutPrescription $body,
        Lesson $lesson,
        Prescribing $prescribing,
    ): PrescriptionResource {
        Gate::authorize('update', $lesson);
        $set = $lesson->sets()->findOrFail($body->setId);
        $given = $prescribing->give(
            $lesson,
            $set,
            $body->cause,
            self::feel($body->cause, $body->feel),
            $body->drills,
            $body->figures,
            $body->goals ?? [],
            $body->sentence ?? '',
        );
        KeepStanding::dispatch($lesson->student_id);

        return new PrescriptionResource($given);
    }

    /** Takes back what was handed out; what stood there before stands again. */
    #[Endpoint(HandedOutResource::class)]
    public function takeBack(
        #[Body(TakeBackPrescription::class)]
        TakeBackPrescription $body,
        Lesson $lesson,
        Prescribing $prescribing,
    ): HandedOutResource {
        Gate::authorize('update', $lesson);
        $now = $prescribing->takeBack($lesson, $body->cause, self::feel($body->cause, $body->feel), $body->drills);
        KeepStanding::dispatch($lesson->student_id);

        return new HandedOutResource(['prescription' => PrescriptionResource::given($now)]);
    }

    /** A feel of the library is kept in English, in whatever language it was chosen: it is read in others. */
    private static function feel(string $causeId, string $feel): string
    {
        $cause = CauseLibrary::standard()->find($causeId);

        return Phrases::spoken()->meant($feel, array_values($cause->cure->feels ?? []));
    }
}

<?php

declare(strict_types=1);

namespace App\Academy;

use App\Audit\AuditTrail;
use App\Contract\Body;
use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Deed;
use App\Models\Recalibrated;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\Strike\Recalibration;

/** The strike model as an academy has calibrated it. */
final readonly class CalibrationController
{
    public function __construct(private AuditTrail $trail) {}

    /** Its constants, those that were changed, and when and why they were. */
    #[Endpoint(CalibrationResource::class)]
    public function show(#[CurrentUser] User $lead): CalibrationResource
    {
        Gate::authorize('lead', $lead->academy);

        return new CalibrationResource($lead->academy);
    }

    /** Another calibration from now on, for all readings of the academy; with a reason. */
    #[Endpoint(CalibrationResource::class)]
    public function put(#[Body(Recalibrate::class)] Recalibrate $body, #[CurrentUser] User $lead): CalibrationResource
    {
        Gate::authorize('lead', $lead->academy);
        $made = Recalibration::of(
            $body->changes,
            $lead->academy->name,
            $body->reason,
            $lead->today()->toDateString(),
        );
        DB::transaction(function () use ($lead, $made): void {
            $lead->academy->update(['calibration' => ['changes' => $made->changes, 'reason' => $made->reason, 'on' => $made->on]]);
            Recalibrated::query()->create([
                'academy_id' => $lead->academy_id,
                'coach_name' => $lead->name,
                'reason' => $made->reason,
                'changes' => $made->changes,
                'made_at' => now(),
            ]);
            $this->trail->note($lead, Deed::Recalibrated, about: ['reason' => $made->reason]);
            // What sets came to was worked out by the model as it was.
            BallSet::countChange(
                'lesson_id',
                DB::table('lessons')
                    ->join('students', 'students.id', '=', 'lessons.student_id')
                    ->whereIn('students.coach_id', $lead->academy->coaches()->reorder()->select('id'))
                    ->select('lessons.id'),
            );
        }, attempts: 3);

        return new CalibrationResource($lead->academy);
    }
}

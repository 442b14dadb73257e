<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\DrillResult;
use App\Models\Lesson;
use App\Models\Plan;
use App\Models\PlanSession;
use App\Models\PracticeNote;
use App\Models\ShareLink;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** A change of any of these may change what its student asks of the coach. */
final class AttentionObserver
{
    /** Whose changes are heard. */
    public const MODELS = [
        Student::class,
        Lesson::class,
        DrillResult::class,
        PlanSession::class,
        Plan::class,
        ShareLink::class,
        PracticeNote::class,
    ];

    public function handle(Student|Lesson|DrillResult|PlanSession|Plan|ShareLink|PracticeNote $changed): void
    {
        AttentionIndex::forget(
            match (true) {
                $changed instanceof Student => $changed->id,
                $changed instanceof PlanSession => DB::table('plans')->where('id', $changed->plan_id)->select('student_id'),
                default => $changed->student_id,
            },
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Academy;

use App\Audit\AuditTrail;
use App\Models\Deed;
use App\Models\FeedDevice;
use App\Models\ShareLevel;
use App\Models\Student;
use App\Models\User;
use App\Progress\AttentionIndex;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** A student is shared with another coach of the academy, or goes over to him. */
final readonly class Sharing
{
    /** Two at once may get into each other's way; then it is tried again. */
    private const ATTEMPTS = 3;

    public function __construct(private AuditTrail $trail) {}

    /** @param ShareLevel|null $level null = no longer */
    public function share(User $by, Student $student, User $with, ?ShareLevel $level): void
    {
        DB::transaction(function () use ($by, $student, $with, $level): void {
            if ($level === null) {
                $student->shares()->where('coach_id', $with->id)->delete();
            } else {
                $student->shares()->updateOrCreate(['coach_id' => $with->id], ['level' => $level]);
            }
            $this->trail->note(
                $by,
                $level === null ? Deed::Unshared : Deed::Shared,
                $student->id,
                ['with' => $with->name] + ($level === null ? [] : ['level' => $level->value]),
            );
            $this->settle($student, $with);
        }, self::ATTEMPTS);
    }

    /** @param ShareLevel|null $keeps what the coach who had him so far may still do; null = nothing */
    public function handOver(User $by, Student $student, User $to, ?ShareLevel $keeps): void
    {
        DB::transaction(function () use ($by, $student, $to, $keeps): void {
            $from = $student->coach;
            $student->shares()->where('coach_id', $to->id)->delete();
            // The audit trail tells of it, and not the history of what was entered.
            $student->coach()->associate($to)->saveQuietly();
            if ($keeps !== null) {
                $student->shares()->updateOrCreate(['coach_id' => $from->id], ['level' => $keeps]);
            }
            $this->trail->note($by, Deed::HandedOver, $student->id, [
                'from' => $from->name,
                'to' => $to->name,
                ...$keeps === null ? [] : ['level' => $keeps->value],
            ]);
            $this->settle($student, $from);
        }, self::ATTEMPTS);
    }

    /** What rests on what a coach could do so far ends where he can no longer. */
    private function settle(Student $student, User $coach): void
    {
        $student->unsetRelation('shares');
        AttentionIndex::forget($student->id);
        if ($coach->cannot('update', $student)) {
            FeedDevice::query()
                ->where('coach_id', $coach->id)
                ->where(
                    static fn(Builder $any) => $any
                        ->where('student_id', $student->id)
                        ->orWhereIn('lesson_id', $student->lessons()->withTrashed()->reorder()->select('id')),
                )
                ->update(['lesson_id' => null, 'student_id' => null]);
        }
    }
}

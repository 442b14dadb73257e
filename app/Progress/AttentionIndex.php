<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Progress\Attention;
use LowPoint\Core\Progress\AttentionGroup;
use LowPoint\Core\Progress\AttentionReason;
use LowPoint\Core\Progress\Verdict;

/**
 * What each student asks of each coach who sees him today, worked out once a day and again after each change, so that a list of many is
 * only read.
 */
final class AttentionIndex
{
    private const AT_ONCE = 500;

    /** What it says of these students holds no longer. */
    public static function forget(string|Builder $students): void
    {
        DB::table('roster')
            ->whereIn('student_id', \is_string($students) ? [$students] : $students)
            ->delete();
    }

    /** Works out whoever is missing, or was last worked out on another day. @return int students whom the coach sees */
    public function refresh(User $coach): int
    {
        $today = $coach->today();
        $all = $coach->reached()->toBase();
        $count = (clone $all)->count();
        if ($count !== DB::table('roster')->where('coach_id', $coach->id)->where('day', $today->toDateString())->count()) {
            $there = DB::table('roster')->where('coach_id', $coach->id)->where('day', $today->toDateString())->pluck('student_id')->flip();
            $missing = $all
                ->get(['id', 'coach_id', 'name', 'handed', 'about', 'standing', 'inactive_since'])
                ->reject(static fn(\stdClass $one): bool => isset($there[$one->id]));
            foreach ($missing->chunk(self::AT_ONCE) as $students) {
                DB::table('roster')->upsert($this->rows($coach, $students, $today), ['student_id', 'coach_id']);
            }
        }

        return $count;
    }

    /**
     * @param  Collection<int, \stdClass>  $students
     * @return list<array<string, mixed>>
     */
    private function rows(User $coach, Collection $students, Carbon $today): array
    {
        $ids = $students->pluck('id')->all();
        $lessons = DB::table('lessons')
            ->whereNull('deleted_at')
            ->whereIn('student_id', $ids)
            ->groupBy('student_id')
            ->get([
                'student_id',
                DB::raw('count(*) as n'),
                DB::raw('max(began_at) as last'),
                DB::raw('max(case when closed_at is null then id end) as open'),
            ])
            ->keyBy('student_id');
        $plans = DB::table('plans')
            ->leftJoin(
                'plan_sessions',
                static fn($join) => $join
                    ->on('plan_sessions.plan_id', '=', 'plans.id')
                    ->whereNull('plan_sessions.deleted_at')
                    ->where('plan_sessions.day', '>=', $today->copy()->subDays(Attention::VISIT_DAYS))
                    ->where('plan_sessions.day', '<', $today),
            )
            ->leftJoin('drill_results', 'drill_results.plan_session_id', '=', 'plan_sessions.id')
            ->whereIn('plans.student_id', $ids)
            ->groupBy('plans.student_id')
            ->get([
                'plans.student_id',
                DB::raw('count(distinct plan_sessions.id) as due'),
                DB::raw('count(distinct drill_results.plan_session_id) as done'),
            ])
            ->keyBy('student_id');
        $hurt = DB::table('practice_notes')
            ->whereIn('student_id', $ids)
            ->where('kind', PracticeWord::Hurts)
            ->where('said_at', '>=', $today->copy()->subDays(Attention::VISIT_DAYS))
            ->groupBy('student_id')
            ->pluck(DB::raw('max(said_at)'), 'student_id');
        $links = DB::table('share_links')
            ->whereIn('student_id', $ids)
            ->whereNull('revoked_at')
            ->whereNull('opened_at')
            ->where('expires_at', '>', now())
            ->distinct()
            ->pluck('student_id')
            ->flip();

        $shared = DB::table('student_shares')->where('coach_id', $coach->id)->pluck('level', 'student_id');
        $others = User::query()->whereIn('id', $students->pluck('coach_id')->diff([$coach->id])->unique())->pluck('name', 'id');

        $rows = [];
        foreach ($students as $student) {
            $standing = json_decode($student->standing ?? 'null', true);
            $plan = $plans[$student->id] ?? null;
            $last = $lessons[$student->id]->last ?? null;
            $now = $standing['rates'][0] ?? null;
            $reasons = Attention::for(
                isset($standing['verdict']) ? Verdict::from($standing['verdict']) : null,
                $now === null ? null : new Tally(...$now),
                isset($standing['recheck']) ? (int) Carbon::parse($standing['recheck'])->diffInDays($today) : null,
                $plan === null ? null : new Tally((int) $plan->done, (int) $plan->due),
                isset($links[$student->id]),
                isset($hurt[$student->id]) ? (int) Carbon::parse($hurt[$student->id])->startOfDay()->diffInDays($today) : null,
            );
            $open = $lessons[$student->id]->open ?? null;
            $group = $student->inactive_since === null
                ? AttentionGroup::of($reasons, taught: $last !== null, open: $open !== null)
                : AttentionGroup::Inactive;
            $rows[] = [
                'student_id' => $student->id,
                'coach_id' => $coach->id,
                'day' => $today->toDateString(),
                'name' => $student->name,
                'urgency' => -Attention::urgency($reasons, $group),
                'standing_group' => $group->value,
                'shot' => $standing['task']['shot'] ?? null,
                'cause' => $standing['name'] ?? null,
                'last_at' => $last,
                'recheck_on' => $standing['recheck'] ?? null,
                'shown' => json_encode(
                    [
                        'id' => $student->id,
                        'name' => $student->name,
                        'handed' => $student->handed,
                        'about' => $student->about,
                        'coach' => $others[$student->coach_id] ?? null,
                        'shared' => $shared[$student->id] ?? null,
                        'lessons' => (int) ($lessons[$student->id]->n ?? 0),
                        'last' => $last === null ? null : Carbon::parse($last)->toIso8601String(),
                        'cause' => $standing['name'] ?? null,
                        'verdict' => $standing['text'] ?? null,
                        'recheck' => $standing['recheck'] ?? null,
                        'group' => $group->value,
                        'retest' => $standing !== null && $group->wantsRetest(),
                        'open' => $open,
                        'rates' => array_reverse($standing['rates'] ?? []),
                        'reasons' => array_map(static fn(AttentionReason $one): string => $one->text, $reasons),
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ];
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Progress\Attention;
use LowPoint\Core\Progress\Verdict;

/** Who needs attention, and why. A fixed number of queries, however many students there are. */
final class Today
{
    /** Visits older than this are no longer held against anybody. */
    private const PRACTICE_DAYS = 14;

    private const MOST = 60;

    private const SOON_DAYS = 14;

    /** @return array{total: int, students: list<array<string, mixed>>, rechecks: list<array<string, mixed>>} */
    public function of(User $coach, string $sought): array
    {
        $students = DB::table('students')->where('coach_id', $coach->id)->whereNull('deleted_at')
            ->when($sought !== '', static fn($query) => $query->where('name', 'like', '%'.addcslashes($sought, '%_\\').'%'))
            ->get(['id', 'name', 'handed', 'about', 'standing']);
        $mine = DB::table('students')->where('coach_id', $coach->id)->select('id');
        $lessons = DB::table('lessons')->whereNull('deleted_at')->whereIn('student_id', clone $mine)->groupBy('student_id')->get(['student_id', DB::raw('count(*) as n'), DB::raw('max(began_at) as last')])->keyBy('student_id');
        $from = Carbon::today()->subDays(self::PRACTICE_DAYS);
        $plans = DB::table('plans')->leftJoin('plan_sessions', static fn($join) => $join->on('plan_sessions.plan_id', '=', 'plans.id')->whereNull('plan_sessions.deleted_at')->where('plan_sessions.day', '>=', $from)->where('plan_sessions.day', '<', Carbon::today()))
            ->leftJoin('drill_results', 'drill_results.plan_session_id', '=', 'plan_sessions.id')
            ->whereIn('plans.student_id', clone $mine)->groupBy('plans.student_id')
            ->get(['plans.student_id', DB::raw('count(distinct plan_sessions.id) as due'), DB::raw('count(distinct drill_results.plan_session_id) as done')])->keyBy('student_id');
        $links = DB::table('share_links')->whereIn('student_id', clone $mine)->whereNull('revoked_at')->whereNull('opened_at')->where('expires_at', '>', now())->distinct()->pluck('student_id')->flip();

        $rows = [];
        foreach ($students as $student) {
            $standing = json_decode($student->standing ?? 'null', true);
            $plan = $plans[$student->id] ?? null;
            $reasons = Attention::for(
                isset($standing['verdict']) ? Verdict::from($standing['verdict']) : null,
                isset($standing['recheck']) && $standing['recheck'] <= Carbon::today()->toDateString(),
                $plan !== null,
                $plan === null || (int) $plan->due === 0 ? null : (int) $plan->done / (int) $plan->due,
                isset($links[$student->id]),
            );
            $rows[] = [
                'id' => $student->id, 'name' => $student->name, 'handed' => $student->handed, 'about' => $student->about,
                'lessons' => (int) ($lessons[$student->id]->n ?? 0), 'last' => isset($lessons[$student->id]) ? Carbon::parse($lessons[$student->id]->last)->toIso8601String() : null,
                'cause' => $standing['name'] ?? null, 'verdict' => isset($standing['verdict']) ? Verdict::from($standing['verdict'])->label() : null, 'recheck' => $standing['recheck'] ?? null,
                'reasons' => array_map(static fn(Attention $one): string => $one->text(), $reasons),
                'weight' => array_sum(array_map(static fn(Attention $one): int => $one->weight(), $reasons)),
            ];
        }
        usort($rows, static fn(array $a, array $b): int => [$b['weight'], $a['name']] <=> [$a['weight'], $b['name']]);
        $soon = array_filter($rows, static fn(array $row): bool => $row['recheck'] !== null && $row['recheck'] > Carbon::today()->toDateString() && $row['recheck'] <= Carbon::today()->addDays(self::SOON_DAYS)->toDateString());
        usort($soon, static fn(array $a, array $b): int => $a['recheck'] <=> $b['recheck']);

        return ['total' => \count($rows), 'students' => \array_slice($rows, 0, self::MOST), 'rechecks' => \array_slice($soon, 0, self::MOST)];
    }
}

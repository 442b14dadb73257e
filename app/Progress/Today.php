<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Progress\Verdict;

/** Who needs attention, most urgent first, and whose day to look again comes up. Read from the roster. */
final readonly class Today
{
    private const MOST = 60;

    private const SOON_DAYS = 14;

    public function __construct(private Roster $roster) {}

    /** @return array{total: int, students: list<array<string, mixed>>, rechecks: list<array<string, mixed>>} */
    public function of(User $coach, string $sought): array
    {
        $this->roster->refresh($coach);
        $found = self::students($coach)->when($sought !== '', static fn(Builder $query) => $query->where('roster.name', 'like', '%'.addcslashes($sought, '%_\\').'%'));
        $from = Carbon::tomorrow();

        return [
            'total' => (clone $found)->count(),
            'students' => self::shown((clone $found)->orderByDesc('roster.weight')->orderBy('roster.name')),
            'rechecks' => self::shown($found->whereBetween('roster.recheck_on', [$from->toDateString(), $from->copy()->addDays(self::SOON_DAYS - 1)->toDateString()])->orderBy('roster.recheck_on')->orderBy('roster.name')),
        ];
    }

    private static function students(User $coach): Builder
    {
        return DB::table('roster')->join('students', 'students.id', '=', 'roster.student_id')->where('roster.coach_id', $coach->id)->whereNull('students.deleted_at');
    }

    /** @return list<array<string, mixed>> */
    private static function shown(Builder $query): array
    {
        return array_values($query->limit(self::MOST)->get(['students.id', 'students.name', 'handed', 'about', 'standing', 'lessons', 'last_at', 'recheck_on', 'reasons'])->map(static function (object $one): array {
            $standing = json_decode($one->standing ?? 'null', true);

            return [
                'id' => $one->id, 'name' => $one->name, 'handed' => $one->handed, 'about' => $one->about,
                'lessons' => (int) $one->lessons, 'last' => $one->last_at === null ? null : Carbon::parse($one->last_at)->toIso8601String(),
                'cause' => $standing['name'] ?? null, 'verdict' => isset($standing['verdict']) ? Verdict::from($standing['verdict'])->label() : null,
                'recheck' => $one->recheck_on, 'reasons' => json_decode($one->reasons, true),
            ];
        })->all());
    }
}

<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Progress\AttentionGroup;

/** Who needs attention, and whose day to look again comes up. Read from the attention index. */
final readonly class Today
{
    public const ORDERS = ['urgency', 'name', 'last'];

    /** Students in one answer. */
    public const PAGE = 60;

    private const SOON_DAYS = 14;

    public function __construct(private AttentionIndex $attention) {}

    /**
     * @param  string  $order  one of ORDERS
     * @param  int  $page  from 1 on
     * @return array<string, mixed>
     */
    public function of(
        User $coach,
        string $sought = '',
        ?AttentionGroup $group = null,
        ?Shot $shot = null,
        string $order = 'urgency',
        int $page = 1,
    ): array {
        $all = $this->attention->refresh($coach);
        $found = DB::table('roster')->where('coach_id', $coach->id);
        if ($sought !== '') {
            $like = '%'.addcslashes($sought, '%_\\').'%';
            $found->where(static fn(Builder $any) => $any->where('name', 'like', $like)->orWhere('cause', 'like', $like));
        }
        $active = (clone $found)->where('standing_group', '<>', AttentionGroup::Inactive->value);
        $counts = (clone $found)->groupBy('standing_group', 'shot')->get(['standing_group', 'shot', DB::raw('count(*) as students')]);
        $groups = $counts->groupBy('standing_group')->map(static fn(Collection $some): int => (int) $some->sum('students'));
        $shots = $counts
            ->where('standing_group', '<>', AttentionGroup::Inactive->value)
            ->whereNotNull('shot')
            ->groupBy('shot')
            ->map(static fn(Collection $some): int => (int) $some->sum('students'))
            ->sortDesc();
        $total = (int) $counts
            ->where('standing_group', $group === null ? '<>' : '=', ($group ?? AttentionGroup::Inactive)->value)
            ->when($shot !== null, static fn(Collection $some): Collection => $some->where('shot', $shot?->value))
            ->sum('students');
        $chosen = ($group === null ? clone $active : (clone $found)->where('standing_group', $group->value))
            ->when($shot !== null, static fn(Builder $query) => $query->where('shot', $shot?->value));
        $from = $coach->today()->addDay();

        return [
            'all' => $all,
            'samples' => $coach->students()->where('sample', true)->count(),
            'total' => $total,
            'next_page' => $total > self::PAGE * $page ? $page + 1 : null,
            'groups' => array_map(
                static fn(AttentionGroup $one): array => [
                    'group' => $one->value,
                    'label' => $one->label(),
                    'students' => (int) ($groups[$one->value] ?? 0),
                ],
                AttentionGroup::cases(),
            ),
            'shots' => $shots
                ->map(static fn(int $students, string $shot): array => ['shot' => $shot, 'students' => $students])
                ->values()
                ->all(),
            'students' => self::shown(self::ordered(clone $chosen, $order)->forPage($page, self::PAGE)),
            'rechecks' => self::shown(
                $active
                    ->whereBetween('recheck_on', [
                        $from->toDateString(),
                        $from
                            ->copy()
                            ->addDays(self::SOON_DAYS - 1)
                            ->toDateString(),
                    ])
                    ->orderBy('recheck_on')
                    ->orderBy('name')
                    ->limit(self::PAGE),
            ),
        ];
    }

    private static function ordered(Builder $query, string $order): Builder
    {
        return match ($order) {
            'name' => $query->orderBy('name')->orderBy('student_id'),
            'last' => $query->orderByDesc('last_at')->orderBy('name')->orderBy('student_id'),
            default => $query->orderBy('urgency')->orderBy('name')->orderBy('student_id'),
        };
    }

    /** @return list<array<string, mixed>> */
    private static function shown(Builder $query): array
    {
        return array_values($query->pluck('shown')->map(static fn(string $one): array => (array) json_decode($one, true))->all());
    }
}

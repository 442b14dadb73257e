<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Who needs attention, most urgent first, and whose day to look again comes up. Read from the attention index. */
final readonly class Today
{
    private const MOST = 60;

    private const SOON_DAYS = 14;

    public function __construct(private AttentionIndex $attention) {}

    /** @return array{total: int, students: list<array<string, mixed>>, rechecks: list<array<string, mixed>>} */
    public function of(User $coach, string $sought): array
    {
        $all = $this->attention->refresh($coach);
        $found = DB::table('roster')
            ->where('coach_id', $coach->id)
            ->when($sought !== '', static fn(Builder $query) => $query->where('name', 'like', '%'.addcslashes($sought, '%_\\').'%'));
        $from = Carbon::tomorrow();

        return [
            'total' => $sought === '' ? $all : (clone $found)->count(),
            'students' => self::shown((clone $found)->orderBy('urgency')->orderBy('name')),
            'rechecks' => self::shown(
                $found
                    ->whereBetween('recheck_on', [
                        $from->toDateString(),
                        $from
                            ->copy()
                            ->addDays(self::SOON_DAYS - 1)
                            ->toDateString(),
                    ])
                    ->orderBy('recheck_on')
                    ->orderBy('name'),
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function shown(Builder $query): array
    {
        return array_values(
            $query->limit(self::MOST)->pluck('shown')->map(static fn(string $one): array => (array) json_decode($one, true))->all(),
        );
    }
}

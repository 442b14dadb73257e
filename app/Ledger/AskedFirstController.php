<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\Endpoint;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\DB;
use LowPoint\Core\Ledger\Agreement;

final class AskedFirstController
{
    /** How often the coach, asked first, named what the reading did, and who was right where they did not agree. */
    #[Endpoint(AskedFirstResource::class)]
    public function __invoke(#[CurrentUser] User $coach): AskedFirstResource
    {
        $answers = DB::table('ball_sets')
            ->join('lessons', 'lessons.id', '=', 'ball_sets.lesson_id')
            ->join('students', 'students.id', '=', 'lessons.student_id')
            ->leftJoin('prescriptions', 'prescriptions.lesson_id', '=', 'lessons.id')
            ->where('students.coach_id', $coach->id)
            ->where('students.sample', false)
            ->whereNull('lessons.deleted_at')
            ->whereNull('students.deleted_at')
            ->whereNotNull('ball_sets.thought')
            ->get(['thought', 'read_then', 'confirmed'])
            ->map(static fn(object $one): array => [
                'thought' => (string) $one->thought,
                'read' => (string) $one->read_then,
                'was' => $one->confirmed,
            ]);

        return new AskedFirstResource(Agreement::of($answers));
    }
}

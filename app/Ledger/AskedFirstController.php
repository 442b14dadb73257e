<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use LowPoint\Core\Ledger\Agreement;

final class AskedFirstController
{
    /** How often the coach, asked first, named what the reading did, and who was right where they did not agree. */
    #[Endpoint(AskedFirstResource::class)]
    public function __invoke(#[CurrentUser] User $coach): AskedFirstResource
    {
        $answers = BallSet::query()
            ->whereNotNull('thought')
            // Samples are made up, to look round in.
            ->whereRelation('lesson.student', [['coach_id', $coach->id], ['sample', false]])
            ->with('lesson:id', 'lesson.prescription:lesson_id,confirmed')
            ->get(['id', 'lesson_id', 'thought', 'read_then'])
            ->map(static fn(BallSet $one): array => [
                'thought' => (string) $one->thought,
                'read' => (string) $one->read_then,
                'was' => $one->lesson->prescription?->confirmed,
            ]);

        return new AskedFirstResource(Agreement::of($answers));
    }
}

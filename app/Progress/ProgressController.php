<?php

declare(strict_types=1);

namespace App\Progress;

use App\Contract\Endpoint;
use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Lie;

final class ProgressController
{
    private const MOST_DRAWN = 600;

    /** All of it, or the lessons of one shot and one lie. */
    #[Endpoint(
        ProgressResource::class,
        query: [
            'shot' => 'Only lessons of this shot.',
            'lie' => 'Only lessons from this lie.',
            'drawn' => 'How many lessons to tell in full.',
        ],
    ),]
    public function __invoke(Request $request, Student $student, StudentProgress $progress): ProgressResource
    {
        Gate::authorize('view', $student);
        /** @var array{shot?: string|null, lie?: string|null} $only */
        $only = $request->validate(['shot' => ['nullable', Rule::enum(Shot::class)], 'lie' => ['nullable', Rule::enum(Lie::class)]]);
        $request->validate(['drawn' => ['nullable', 'integer', 'min:1']]);

        return new ProgressResource(
            $progress->of($student, $only, min(self::MOST_DRAWN, $request->integer('drawn', StudentProgress::DRAWN))),
        );
    }
}

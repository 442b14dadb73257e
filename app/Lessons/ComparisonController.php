<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Contract\Endpoint;
use App\Models\BallSet;
use App\Models\Lesson;
use App\Reading\SetReading;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Comparison;
use LowPoint\Core\Statements\CourseTold;
use LowPoint\Core\Statements\Statement;

final class ComparisonController
{
    /** What changed from the first set of a lesson to the last, and how sure that is. */
    #[Endpoint(ComparisonResource::class)]
    public function __invoke(Lesson $lesson, SetReading $readings): ComparisonResource
    {
        Gate::authorize('view', $lesson);
        $lesson->load('student', 'sets.balls');
        $good = $lesson->sets
            ->map(static fn(BallSet $set): array => $readings->of($lesson, $set)['pattern']['good'])
            ->filter(static fn(array $one): bool => $one['of'] > 0);
        $comparison = Comparison::of(
            array_values($good->map(static fn(array $one): CleanRate => CleanRate::of($one['count'], $one['of']))->all()),
            CaseReader::task($lesson->task)->goodWord(),
        );

        return new ComparisonResource([
            'text' => $comparison?->text,
            'sure' => $comparison?->sure,
            'statements' => array_map(static fn(Statement $one): array => $one->toArray(), CourseTold::comparison($comparison)),
        ]);
    }
}

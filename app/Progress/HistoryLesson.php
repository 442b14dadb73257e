<?php

declare(strict_types=1);

namespace App\Progress;

use Illuminate\Support\Carbon;

/**
 * One lesson of a history: its task, what was handed out, and what its sets came to.
 *
 * @phpstan-type GivenThen array{id: string, confirmed: string|null, cause: string, setup: list<string>, feel: string, drills: list<string>}
 * @phpstan-type SetSummed array{
 *     id: string,
 *     purpose: string,
 *     setup: array<string, mixed>,
 *     confidence: int|null,
 *     summary: array<string, mixed>,
 * }
 */
final readonly class HistoryLesson
{
    /**
     * @param  array<string, mixed>  $task  in the form of the case file
     * @param  GivenThen|null  $given
     * @param  list<SetSummed>  $sets
     */
    public function __construct(
        public string $id,
        public Carbon $beganAt,
        public bool $open,
        public array $task,
        public ?array $given,
        public array $sets,
    ) {}

    /** @return list<SetSummed> sets of which strikes were seen */
    public function struck(): array
    {
        return array_values(array_filter($this->sets, static fn(array $set): bool => $set['summary']['good']['of'] > 0));
    }

    /** @return list<SetSummed> sets with something to draw */
    public function withBalls(): array
    {
        return array_values(
            array_filter(
                $this->sets,
                static fn(array $set): bool => $set['summary']['good']['of'] > 0 || $set['summary']['touch'] !== null,
            ),
        );
    }
}

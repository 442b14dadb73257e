<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

/** A set of balls that came before the one that is read. Immutable. */
final readonly class EarlierSet
{
    /** @param list<SeenBall> $balls in the order in which they were hit */
    public function __construct(
        public Tried $tried,
        public Observations $seen = new Observations,
        public array $balls = [],
    ) {}

    public function good(): Tally
    {
        return Tally::ofGood(array_values(array_filter(array_map(static fn(SeenBall $one): ?Strike => $one->strike, $this->balls))));
    }

    /** Only what was hit from a like lie with a like shot speaks for the shot that is read (handbook 16.3). */
    public function isLike(Task $task): bool
    {
        return $this->tried->task === null || ($this->tried->task->shot === $task->shot && $this->tried->task->lie === $task->lie);
    }
}

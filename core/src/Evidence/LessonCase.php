<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Club\Handedness;

/** Everything known about one set of balls: who, what shot, what was seen, how the balls came out. Immutable. */
final readonly class LessonCase
{
    /**
     * @param  list<Limit>  $limits
     * @param  list<SeenBall>  $balls  in the order in which they were hit
     * @param  list<EarlierSet>  $earlier  what came before, the oldest first
     */
    public function __construct(
        public Task $task,
        public Observations $seen = new Observations,
        public array $balls = [],
        public Handedness $handed = Handedness::Right,
        public array $limits = [],
        public array $earlier = [],
    ) {}

    public function with(Observable $what, float|string $value): self
    {
        return $this->withSeen($this->seen->with($what, $value));
    }

    public function withSeen(Observations $seen): self
    {
        return new self($this->task, $seen, $this->balls, $this->handed, $this->limits, $this->earlier);
    }
}

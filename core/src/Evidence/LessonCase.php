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
     */
    public function __construct(
        public Task $task,
        public Observations $seen = new Observations,
        public array $balls = [],
        public Handedness $handed = Handedness::Right,
        public array $limits = [],
    ) {}

    public function with(Observable $what, float|string $value): self
    {
        return new self($this->task, $this->seen->with($what, $value), $this->balls, $this->handed, $this->limits);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Causes\Clue\Clue;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;

/** One reason for poor strikes: where it can occur, what speaks for it, what to do about it. */
final readonly class Cause
{
    /** Prior probabilities. Origin: handbook 4.1, 14.4. */
    private const COMMON = 0.15;

    private const UNCOMMON = 0.06;

    /**
     * @param  list<Shot>  $shots
     * @param  list<Clue>  $clues  what is looked at
     * @param  Mechanism  $mechanism  what it does to club and balls
     * @param  string  $ifWrong  what one would see if it were something else
     * @param  list<string>  $believedAs  words by which a student names it
     * @param  list<Lie>|null  $lies  null = every lie of its shots
     * @param  bool  $spoilsStrikes  false = the strikes may be good and distance, direction or flight are wrong all the same
     * @param  bool  $isInTheBalls  what it names is what the balls do: it needs no look
     * @param  (\Closure(Task): bool)|null  $unless  tasks in which what it names is no fault
     * @param  (\Closure(Task): float)|null  $priorIn  prior probability where the task itself makes it likelier
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $shots,
        public bool $common,
        public array $clues,
        public Mechanism $mechanism,
        public Cure $cure,
        public string $ifWrong,
        public array $believedAs = [],
        public ?array $lies = null,
        private ?\Closure $unless = null,
        public bool $spoilsStrikes = true,
        public bool $isInTheBalls = false,
        private ?\Closure $priorIn = null,
    ) {}

    /** The name without what explains it. */
    public function shortName(): string
    {
        return explode(':', $this->name)[0];
    }

    public function appliesTo(Task $task): bool
    {
        return \in_array($task->shot, $this->shots, true)
            && ($this->lies === null || \in_array($task->lie, $this->lies, true))
            && ! ($this->unless !== null && ($this->unless)($task));
    }

    public function isKnownBy(Observable $what): bool
    {
        return array_filter($this->clues, static fn(Clue $clue): bool => \in_array($what, $clue->needs(), true)) !== [];
    }

    /** Whether it is known by a look; some are by the task or the balls alone. */
    public function isLookedAt(): bool
    {
        return ! $this->isInTheBalls && array_filter($this->clues, static fn(Clue $clue): bool => $clue->needs() !== []) !== [];
    }

    public function prior(Task $task): float
    {
        if ($this->priorIn !== null) {
            return ($this->priorIn)($task);
        }

        return $this->common ? self::COMMON : self::UNCOMMON;
    }
}

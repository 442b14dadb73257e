<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

/** What to do about a cause (handbook 4.5). What it gives back in the strike model follows from the cause's mechanism. */
final readonly class Cure
{
    /**
     * @param  list<Correction>  $corrections  the set-up figures that belong together, in the order in which they are taken
     * @param  string  $idea  the one idea in words, told where no figure has to change; names no figure and no way
     * @param  array{outside: string, inside: string, sound: string}  $feels  short cues to hold; people differ
     * @param  string  $stop  what to leave off
     * @param  list<string>  $drills  drill ids, best first
     * @param  string  $measure  what must move at the retest
     * @param  (\Closure(EvidenceContext): ?string)|null  $asSeen  what comes before the figures, from what was seen
     */
    public function __construct(
        public Effort $effort,
        public array $corrections,
        public string $idea,
        public array $feels,
        public string $stop,
        public array $drills,
        public string $measure,
        private ?\Closure $asSeen = null,
    ) {}

    /** What comes first, from what was seen; null where nothing seen asks for it. */
    public function asSeen(EvidenceContext $context): ?string
    {
        return $this->asSeen === null ? null : ($this->asSeen)($context);
    }
}

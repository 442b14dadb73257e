<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\Observable;

/** What to do about a cause (handbook 4.5). What it gives back in the strike model follows from the cause's mechanism. */
final readonly class Cure
{
    /**
     * @param  Observable|null  $change  the one set-up figure to bring to the school's card; null = no set-up change
     * @param  string  $setupText  the set-up change in words, when no figure says it
     * @param  array{outside: string, inside: string, sound: string}  $feels  short cues to hold; people differ
     * @param  string  $stop  what to leave off
     * @param  list<string>  $drills  drill ids, best first
     * @param  string  $measure  what must move at the retest
     */
    public function __construct(
        public Effort $effort,
        public ?Observable $change,
        public string $setupText,
        public array $feels,
        public string $stop,
        public array $drills,
        public string $measure,
    ) {}
}

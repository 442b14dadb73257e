<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Records\Flag;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Part;
use LowPoint\Core\Records\Text;

/** When an earlier set was hit, and what was given to work on after it (handbook 16.3). */
final readonly class Tried
{
    /**
     * @param  int  $daysAgo  0 = in the same lesson
     * @param  Task|null  $task  where it was another than now
     * @param  string|null  $workedOn  cause that was given to work on after this set
     * @param  bool|null  $done  whether the change was seen in the next set; null = judged from the looks
     */
    public function __construct(
        #[Number('Days ago', 'days', 0, 36500, whole: true), Key(always: true)]
        public int $daysAgo,
        #[Text('Label', 120)]
        public string $label = '',
        #[Part(Task::class)]
        public ?Task $task = null,
        #[Text('Worked on', 60, filled: true)]
        public ?string $workedOn = null,
        #[Flag]
        public ?bool $done = null,
    ) {}
}

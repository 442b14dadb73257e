<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/**
 * A good strike that went too far or not far enough: forced, quitting or free? The answer decides between opposite cures (handbook
 * 4.3, 8 and 9).
 */
final readonly class DistanceQuestion
{
    private function __construct(
        public string $text,
        public bool $asks,
    ) {}

    /** Of the ball hit last; null where it was no good strike, its carry is not known, or it came to about what was asked. */
    public static function of(LessonCase $case, Words $words): ?self
    {
        $ball = $case->balls === [] ? null : $case->balls[\count($case->balls) - 1];
        $asked = $case->task->carryM;
        if ($ball?->carryM === null || $ball->strike?->isGood() !== true || $asked === null || $asked <= 0.0 || $case->task->inSand()) {
            return null;
        }
        $off = $ball->carryM - $asked;
        if (abs($off) <= DistanceCure::OFF * $asked) {
            return null;
        }
        $long = $off > 0.0;
        $said = "The last one carried {$words->course($ball->carryM)}, {$words->course(abs($off))} ".($long ? 'long' : 'short');
        $speed = $case->seen->choice(Observable::SpeedChange);

        return $speed === null
            ? new self("{$said}. Forced, quitting or free?", true)
            : new self("{$said}. ".DistanceCure::of($speed, $long), false);
    }

    /** @return array{text: string, asks: bool} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'asks' => $this->asks];
    }
}

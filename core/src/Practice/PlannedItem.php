<?php

declare(strict_types=1);

namespace LowPoint\Core\Practice;

use LowPoint\Core\Drills\Drill;

/**
 * One drill of a visit with the minutes it gets.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type PlannedItemShape array{drill: string, name: ToldShape, minutes: int, mode: value-of<Mode>, mode_text: ToldShape}
 */
final readonly class PlannedItem
{
    public function __construct(
        public Drill $drill,
        public int $minutes,
        public Mode $mode,
    ) {}

    /** @return PlannedItemShape */
    public function toArray(): array
    {
        return [
            'drill' => $this->drill->id,
            'name' => $this->drill->name,
            'minutes' => $this->minutes,
            'mode' => $this->mode->value,
            'mode_text' => $this->mode->label(),
        ];
    }
}

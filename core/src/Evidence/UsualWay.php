<?php

declare(strict_types=1);

namespace LowPoint\Core\Evidence;

use LowPoint\Core\Strike\Lie;

/** How a coach begins with a shot, where nothing else is known of the student (handbook 13.1). */
final readonly class UsualWay
{
    /** @param float|null $carryM null = not said */
    private function __construct(
        public Shot $shot,
        public Lie $lie,
        public ?School $school,
        public ?float $carryM,
    ) {}

    /**
     * The coach's own choice, else the academy's school, else the usual lie and the school that fits it.
     *
     * @param  array{school?: string|null, lie?: string|null, carry_m?: float|int|null}  $own
     * @param  string|null  $common  school in which the academy teaches the shot
     */
    public static function of(Shot $shot, array $own, ?string $common): self
    {
        $lie = Lie::tryFrom($own['lie'] ?? '') ?? $shot->usualLie();
        $school = School::tryFrom($own['school'] ?? $common ?? '');

        return new self(
            $shot,
            $lie,
            // A school that leaves the lie no choice gives way to it.
            $school?->suits($shot, $lie) === true ? $school : null,
            isset($own['carry_m']) ? (float) $own['carry_m'] : null,
        );
    }
}

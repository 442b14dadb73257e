<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes;

use LowPoint\Core\Evidence\Task;

/** All causes the engine knows. To add one, copy an entry in a file of Turf/ or Sand/. */
final readonly class CauseLibrary
{
    /** @param array<string, Cause> $causes by id */
    private function __construct(private array $causes) {}

    public static function standard(): self
    {
        /** @var self|null $library */
        static $library = null;

        return $library ??= self::of(
            ...Turf\Address::causes(),
            ...Turf\ThroughTheStrike::causes(),
            ...Turf\Body::causes(),
            ...Turf\SpeedAndDistance::causes(),
            ...Turf\FaceAndPath::causes(),
            ...Turf\OffTheNeck::causes(),
            ...Turf\LieAndSlope::causes(),
            ...Sand\SandAddress::causes(),
            ...Sand\SandMotion::causes(),
        );
    }

    public static function of(Cause ...$causes): self
    {
        return new self(array_column(array_map(static fn(Cause $cause): array => [$cause->id, $cause], $causes), 1, 0));
    }

    public function find(string $id): ?Cause
    {
        return $this->causes[$id] ?? null;
    }

    /** @return list<Cause> */
    public function all(): array
    {
        return array_values($this->causes);
    }

    /** @return list<Cause> */
    public function for(Task $task): array
    {
        return array_values(array_filter($this->causes, static fn(Cause $cause): bool => $cause->appliesTo($task)));
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

/** All drills the engine can prescribe. To add one, copy an entry. */
final readonly class DrillLibrary
{
    /** Who has a chart of his distances practises his numbers with these (handbook 12.2). */
    public const FOR_NUMBERS = ['mystery_numbers', 'bracket'];

    /** @param array<string, Drill> $drills by id */
    private function __construct(private array $drills) {}

    public static function standard(): self
    {
        /** @var self|null $library */
        static $library = null;

        return $library ??= self::of(
            ...LowPointDrills::all(),
            ...MotionDrills::all(),
            ...DistanceDrills::all(),
            ...LieDrills::all(),
            ...SandDrills::all(),
        );
    }

    public static function of(Drill ...$drills): self
    {
        return new self(array_column(array_map(static fn(Drill $drill): array => [$drill->id, $drill], $drills), 1, 0));
    }

    public function find(string $id): ?Drill
    {
        return $this->drills[$id] ?? null;
    }

    /** @return list<string> what any of them needs, each once */
    public function equipment(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn(Drill $drill): array => $drill->equipment, $this->all()))));
    }

    /** @return list<Drill> */
    public function all(): array
    {
        return array_values($this->drills);
    }
}

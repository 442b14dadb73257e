<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

/** The ways of playing a shot, best first. */
final readonly class ShotPlan
{
    public const CAUTION = 'Nobody stands in the line of a practice shot, nor beside the club. '
        .'What the rules allow, the rules of the place say.';

    /**
     * @param  list<PlannedShot>  $options
     * @param  list<string>  $assumed
     */
    public function __construct(
        public array $options,
        public array $assumed,
    ) {}

    /** Place of the best one; null where nothing gets over what stands in the way. */
    public function recommended(): ?int
    {
        return $this->options === [] || $this->options[0]->clears === false ? null : 0;
    }

    /** @return array<string, mixed> as in handbook 12.1 */
    public function toArray(): array
    {
        return [
            'options' => array_map(static fn(PlannedShot $one): array => $one->toArray(), $this->options),
            'recommended' => $this->recommended(),
            'assumed' => $this->assumed,
        ];
    }
}

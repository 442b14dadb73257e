<?php

declare(strict_types=1);

namespace LowPoint\Core\Showing;

/**
 * A part of a picture: x toward the target and y up, in the units of the view it stands in.
 *
 * @phpstan-type PartShape array{
 *     kind: 'line'|'area'|'foot'|'circle'|'arrow',
 *     // What changes is drawn strong, as it is now dashed, all else pale.
 *     state: 'now'|'asked'|'same'|'ground',
 *     points: list<array{float, float}>,
 *     // Radius of a circle; how far a foot is turned, degrees, toe toward the target +.
 *     size: float,
 * }
 */
final readonly class Part
{
    /**
     * @param  'line'|'area'|'foot'|'circle'|'arrow'  $kind
     * @param  non-empty-list<array{float, float}>  $points
     */
    private function __construct(
        private string $kind,
        public State $state,
        public array $points,
        public float $size = 0.0,
    ) {}

    /** @param array{float, float} ...$points */
    public static function line(State $state, array ...$points): self
    {
        return new self('line', $state, self::some($points));
    }

    /** @param array{float, float} ...$points */
    public static function area(State $state, array ...$points): self
    {
        return new self('area', $state, self::some($points));
    }

    public static function foot(State $state, float $x, float $y, float $turnDeg): self
    {
        return new self('foot', $state, [[$x, $y]], $turnDeg);
    }

    public static function circle(State $state, float $x, float $y, float $r): self
    {
        return new self('circle', $state, [[$x, $y]], $r);
    }

    public static function arrow(State $state, float $x, float $y, float $toX, float $toY): self
    {
        return new self('arrow', $state, [[$x, $y], [$toX, $toY]]);
    }

    /**
     * @param  array<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private static function some(array $points): array
    {
        return $points === [] ? throw new \LogicException('A part without a point is none.') : array_values($points);
    }

    /** @return PartShape */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'state' => $this->state->value,
            'points' => array_map(static fn(array $at): array => [round($at[0], 1), round($at[1], 1)], $this->points),
            'size' => round($this->size, 1),
        ];
    }
}

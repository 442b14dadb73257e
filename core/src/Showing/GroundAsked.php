<?php

declare(strict_types=1);

namespace LowPoint\Core\Showing;

use LowPoint\Core\Strike\Arc;

/**
 * Where the club meets the ground now and where it is to, mm from the ball, as it was when it was handed out.
 *
 * @phpstan-type GroundAskedShape array{
 *     // Middles of the groups that the first touches lie in.
 *     now: list<float>,
 *     asked: float,
 *     radius: float,
 *     depth: float,
 *     sand: bool,
 * }
 */
final readonly class GroundAsked
{
    /** A touch that is to move by less is as good as where it should be, mm. Origin: chosen by us. */
    private const SHOWN_FROM_MM = 10.0;

    /** How deep a sound strike cuts, mm. Origin: handbook 02, between a brush and a shallow mark on turf, a shallow one in sand. */
    public const ASKED_DEPTH_MM = ['turf' => 2.0, 'sand' => 14.0];

    /** The deepest cut that is drawn, mm. */
    private const DEEPEST_MM = 40.0;

    /** @param non-empty-list<float> $nowMm */
    private function __construct(
        public array $nowMm,
        public float $askedMm,
        private float $radiusMm,
        private float $depthMm,
        public bool $sand,
    ) {}

    /**
     * @param  list<float>  $nowMm  none: no touch is known
     * @return self|null null where no touch is known, or it is where it should be
     */
    public static function of(array $nowMm, float $askedMm, float $radiusMm, float $depthMm, bool $sand): ?self
    {
        $far = array_filter($nowMm, static fn(float $now): bool => abs($now - $askedMm) >= self::SHOWN_FROM_MM);

        return $nowMm === [] || $far === []
            ? null
            : new self(
                $nowMm,
                $askedMm,
                max(Arc::RADIUS_MM[0], min(Arc::RADIUS_MM[1], $radiusMm)),
                max(self::ASKED_DEPTH_MM[$sand ? 'sand' : 'turf'] / 2, min(self::DEEPEST_MM, $depthMm)),
                $sand,
            );
    }

    /** @param GroundAskedShape $stored */
    public static function stored(array $stored): ?self
    {
        return self::of($stored['now'], $stored['asked'], $stored['radius'], $stored['depth'], $stored['sand']);
    }

    /** The arc that first touches there. */
    public function arcNow(float $touchMm): Arc
    {
        return new Arc($this->radiusMm, $touchMm + sqrt(2 * $this->radiusMm * $this->depthMm), $this->depthMm);
    }

    public function arcAsked(): Arc
    {
        $depth = self::ASKED_DEPTH_MM[$this->sand ? 'sand' : 'turf'];

        return new Arc($this->radiusMm, $this->askedMm + sqrt(2 * $this->radiusMm * $depth), $depth);
    }

    /** @return GroundAskedShape */
    public function toArray(): array
    {
        return [
            'now' => array_map(static fn(float $mm): float => round($mm, 1), $this->nowMm),
            'asked' => round($this->askedMm, 1),
            'radius' => round($this->radiusMm, 1),
            'depth' => round($this->depthMm, 1),
            'sand' => $this->sand,
        ];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Club;

/**
 * The club as it meets ball and ground, by exact rotation of face normal and sole plane (handbook 3.1).
 *
 * Shaft u = (0, cos lie, sin lie), face normal n = (cos loft, 0, sin loft), sole normal m = (-sin bounce, 0, cos bounce).
 * Opening rotates n and m about u by the negative angle; leaning then rotates both about +y.
 * Angles in degrees; azimuth is where the face points, + = right of the target for a right-hander.
 */
final readonly class DeliveredClub
{
    private function __construct(
        public float $loftDeg,
        public float $bounceDeg,
        public float $azimuthDeg,
    ) {}

    /**
     * @param  float  $leanDeg  + = grip nearer the target than the head
     * @param  float  $openDeg  + = face opened by turning the club about its shaft
     * @param  float  $pathDeg  + = in-to-out; the bounce is measured along it
     */
    public static function of(Club $club, float $leanDeg = 0.0, float $openDeg = 0.0, float $pathDeg = 0.0): self
    {
        $lie = deg2rad($club->lieDeg);
        $loft = deg2rad($club->loftDeg);
        $bounce = deg2rad($club->bounceDeg);
        $path = deg2rad($pathDeg);
        $shaft = new Vector3(0.0, cos($lie), sin($lie));
        $towardPlayer = new Vector3(0.0, 1.0, 0.0);

        $deliver = static fn(Vector3 $normal): Vector3 => $normal
            ->rotatedAbout($shaft, -$openDeg)
            ->rotatedAbout($towardPlayer, $leanDeg);

        $face = $deliver(new Vector3(cos($loft), 0.0, sin($loft)));
        $sole = $deliver(new Vector3(-sin($bounce), 0.0, cos($bounce)));
        $travel = new Vector3(cos($path), sin($path), 0.0);

        return new self(
            rad2deg(asin(max(-1.0, min(1.0, $face->z)))),
            rad2deg(atan2(-$sole->dot($travel), $sole->z)),
            -rad2deg(atan2($face->y, $face->x)),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Shots;

/**
 * Metres and degrees (handbook 12.1). The core checks it.
 *
 * @phpstan-type PlanShotShape array{
 *     lie: string,
 *     slope_deg?: float,
 *     // Ball to the edge of the green.
 *     edge_m: float,
 *     // Edge to hole.
 *     hole_m: float,
 *     // Hole to the back edge.
 *     behind_m?: float,
 *     green?: array{stimp?: float, slope_pct?: float},
 *     obstacle?: array{height_m: float, distance_m: float}|null,
 *     // Absent: the usual bag.
 *     clubs?: list<array{name?: string, loft_deg: float, bounce_deg: float}>,
 *     // A landing spot that was chosen, m from the edge.
 *     land_m?: float|null,
 *     // Whose strikes: with too few balls of his own, and without a student, those of a handicap of about 18.
 *     student_id?: string|null,
 * }
 */
final class PlanShotRequest extends ShotRequest
{
    protected const NOT_OF_CORE = ['student_id', 'land_m'];
}

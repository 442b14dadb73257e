<?php

declare(strict_types=1);

namespace App\Shots;

/**
 * Practice brushes on a slope, mm from where the ball would lie (handbook 12.4). The core checks it.
 *
 * @phpstan-type BrushShape array{
 *     brushes_mm: list<float>,
 *     ball_position_pct: float,
 *     stance_width_mm: float,
 *     slope_deg?: float,
 *     // Whose other slopes are known.
 *     student_id?: string|null,
 * }
 */
final class BrushRequest extends ShotRequest {}

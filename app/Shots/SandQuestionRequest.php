<?php

declare(strict_types=1);

namespace App\Shots;

/**
 * Metres and degrees (handbook 12.3). The core checks it.
 *
 * @phpstan-type SandQuestionShape array{
 *     lie: string,
 *     ball?: 'normal'|'down'|'plugged',
 *     lip_height_m?: float,
 *     lip_distance_m?: float,
 *     carry_m: float,
 *     // Green behind the hole.
 *     room_m?: float,
 *     slope_deg?: float,
 *     club?: array{name?: string, loft_deg: float, bounce_deg: float},
 *     school?: string|null,
 *     student_id?: string|null,
 * }
 */
final class SandQuestionRequest extends ShotRequest {}

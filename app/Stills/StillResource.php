<?php

declare(strict_types=1);

namespace App\Stills;

use App\Http\ApiResource;
use App\Measuring\MeasurePictureRequest;
use App\Models\Still;
use Illuminate\Http\Request;

/**
 * A marked picture that was kept with a lesson.
 *
 * @phpstan-import-type PxShape from MeasurePictureRequest
 * @phpstan-type StillShape array{
 *     id: string,
 *     lesson_id: string,
 *     width: int,
 *     height: int,
 *     // Where the ball lies in it.
 *     ball: PxShape|null,
 *     mm_per_px: float|null,
 *     in_report: bool,
 *     made_at: string,
 * }
 *
 * @property Still $resource
 */
final class StillResource extends ApiResource
{
    /** @return StillShape */
    public function toArray(Request $request): array
    {
        $still = $this->resource;

        return [
            'id' => $still->id,
            'lesson_id' => $still->lesson_id,
            'width' => $still->width,
            'height' => $still->height,
            'ball' => $still->ball === null ? null : [(float) $still->ball[0], (float) $still->ball[1]],
            'mm_per_px' => $still->mm_per_px,
            'in_report' => $still->in_report,
            'made_at' => $still->created_at->toIso8601String(),
        ];
    }
}

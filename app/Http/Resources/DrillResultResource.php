<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\DrillResult;
use Illuminate\Http\Request;

/**
 * One run of a drill as it was logged.
 *
 * @phpstan-type DrillResultShape array{
 *     id: string,
 *     drill: string,
 *     passed: bool,
 *     text: string,
 *     by: 'coach'|'student',
 *     confidence: int|null,
 *     note: string,
 *     done_at: string,
 *     session: string|null,
 * }
 *
 * @property DrillResult $resource
 */
final class DrillResultResource extends ApiResource
{
    /** @return DrillResultShape */
    public function toArray(Request $request): array
    {
        return self::of($this->resource);
    }

    /** @return DrillResultShape */
    public static function of(DrillResult $one): array
    {
        return [
            'id' => $one->id,
            'drill' => $one->drill,
            'passed' => $one->passed,
            'text' => $one->text,
            'by' => $one->logged_by,
            'confidence' => $one->confidence,
            'note' => $one->note,
            'done_at' => $one->done_at->toIso8601String(),
            'session' => $one->plan_session_id,
        ];
    }
}

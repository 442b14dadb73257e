<?php

declare(strict_types=1);

namespace App\Academy;

use App\Http\ApiResource;
use App\Models\Academy;
use App\Models\Recalibrated;
use Illuminate\Http\Request;
use LowPoint\Core\Strike\Recalibration;

/**
 * The strike model of an academy.
 *
 * @phpstan-import-type ConstantShape from Recalibration
 * @phpstan-type CalibrationShape array{
 *     constants: list<ConstantShape>,
 *     // Key => figure, as it is now.
 *     changes: array<string, float>,
 *     // The latest first.
 *     history: list<array{at: string, by: string, reason: string, changes: array<string, float>}>,
 * }
 *
 * @property Academy $resource
 */
final class CalibrationResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'constants' => Recalibration::constants(),
            'changes' => (object) ($this->resource->calibration['changes'] ?? []),
            'history' => Recalibrated::query()
                ->where('academy_id', $this->resource->id)
                ->orderByDesc('id')
                ->get()
                ->map(
                    static fn(Recalibrated $one): array => [
                        'at' => $one->made_at->toIso8601String(),
                        'by' => $one->coach_name,
                        'reason' => $one->reason,
                        'changes' => (object) $one->changes,
                    ],
                )
                ->all(),
        ];
    }
}

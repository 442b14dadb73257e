<?php

declare(strict_types=1);

namespace App\Reports;

use App\Http\ApiResource;
use App\Operations\Pulse;
use Illuminate\Bus\Batch;
use Illuminate\Http\Request;

/**
 * Several reports on their way.
 *
 * @phpstan-type ReportBatchShape array{
 *     id: string,
 *     total: int,
 *     done: int,
 *     failed: int,
 *     finished: bool,
 *     // They are to be made, and no worker answers.
 *     helper_silent: bool,
 * }
 *
 * @property Batch $resource
 */
final class ReportBatchResource extends ApiResource
{
    /** @return ReportBatchShape */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'total' => $this->resource->totalJobs,
            'done' => $this->resource->processedJobs(),
            'failed' => $this->resource->failedJobs,
            'finished' => $this->resource->finished(),
            'helper_silent' => ! $this->resource->finished() && Pulse::Worker->isSilent(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Shots;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Distance\DistanceChart;

/**
 * How far a student hits what.
 *
 * @phpstan-import-type ChartShape from DistanceChart
 * @phpstan-type DistancesShape array{
 *     distances: ChartShape,
 *     // Clean balls with a carry that are in no chart: the length of the swing was not noted.
 *     unplaced: int,
 * }
 *
 * @property array{chart: DistanceChart, target_m: float|null, unplaced: int} $resource
 */
final class DistancesResource extends ApiResource
{
    /** @return DistancesShape */
    public function toArray(Request $request): array
    {
        return [
            'distances' => $this->resource['chart']->toArray($this->resource['target_m']),
            'unplaced' => $this->resource['unplaced'],
        ];
    }
}

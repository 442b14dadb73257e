<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Http\ApiResource;
use App\Models\Academy;
use App\Models\WhatWasLearned;
use App\Operations\Pulse;
use Illuminate\Http\Request;
use LowPoint\Core\Ledger\Finding;
use LowPoint\Core\Ledger\Learning;

/**
 * What an academy learns from its outcomes.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type HeldShape from Finding
 * @phpstan-type FoundShape array{
 *     lines: int,
 *     confirmed: int,
 *     // Confirmed lines that were held against a fit on those before them.
 *     held_out: int,
 *     engine: HeldShape,
 *     corrected: HeldShape,
 *     // It proved itself on later lines.
 *     adopted: bool,
 *     why: ToldShape,
 *     sentences: list<ToldShape>,
 *     // Of the correction; null = none was fitted.
 *     version: string|null,
 * }
 * @phpstan-type LedgerShape array{
 *     // Confirmed lines below which nothing is learned.
 *     least: int,
 *     // Whether it is to be used where it proves itself.
 *     wanted: bool,
 *     // Whether readings go by it.
 *     used: bool,
 *     learned_at: string|null,
 *     // Null = nothing was learned yet.
 *     finding: FoundShape|null,
 *     // Null = it is not at work.
 *     at_work: array{step: 'waiting'|'works'|'lines'|'blocks'|'fit', done: int, of: int}|null,
 *     // It is to be done, and no worker answers.
 *     helper_silent: bool,
 * }
 *
 * @property Academy $resource
 */
final class LedgerResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $learned = WhatWasLearned::of($this->resource);
        $atWork = LearnFromOutcomes::told($this->resource->id);
        $finding = $learned->finding;

        return [
            'least' => Learning::LEAST_CONFIRMED,
            'wanted' => $learned->wanted,
            'used' => $this->resource->correction !== null,
            'learned_at' => $learned->learned_at?->toIso8601String(),
            'finding' => $finding === null
                ? null
                : array_diff_key($finding, ['correction' => 1]) + ['version' => $finding['correction']['version'] ?? null],
            'at_work' => $atWork,
            'helper_silent' => $atWork !== null && Pulse::LongWorker->isSilent(),
        ];
    }
}

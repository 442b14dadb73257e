<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Http\ApiResource;
use App\Models\SheetImport;
use App\Operations\Pulse;
use Illuminate\Http\Request;

/**
 * A sheet of balls and how far it was read.
 *
 * @phpstan-type SheetImportShape array{
 *     id: string,
 *     name: string,
 *     state: 'draft'|'reading'|'summing'|'done'|'stopped'|'taken_back',
 *     total: int,
 *     rows_done: int,
 *     balls: int,
 *     left_out: int,
 *     refused: int,
 *     days: int,
 *     sets_left: int|null,
 *     // It is to be read, and no worker answers.
 *     helper_silent: bool,
 *     at: string,
 * }
 *
 * @property SheetImport $resource
 */
final class SheetImportResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $import = $this->resource;

        return [
            'id' => $import->id,
            'name' => $import->name,
            'state' => $import->state,
            'total' => $import->total,
            'rows_done' => $import->rows_done,
            'balls' => $import->balls,
            'left_out' => $import->left_out,
            'refused' => $import->refused,
            'days' => \count($import->per_day),
            'sets_left' => $import->sets_left,
            'helper_silent' => \in_array($import->state, [SheetImport::READING, SheetImport::SUMMING], true) && Pulse::Worker->isSilent(),
            'at' => $import->created_at->toIso8601String(),
        ];
    }
}

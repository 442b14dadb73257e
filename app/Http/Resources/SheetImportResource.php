<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SheetImport;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin SheetImport */
final class SheetImportResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'state' => $this->state, 'total' => $this->total, 'rows_done' => $this->rows_done, 'balls' => $this->balls,
            'left_out' => $this->left_out, 'refused' => $this->refused, 'days' => \count($this->per_day), 'sets_left' => $this->sets_left, 'at' => $this->created_at->toIso8601String(),
        ];
    }
}

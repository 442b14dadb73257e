<?php

declare(strict_types=1);

namespace App\Practice;

use App\Http\ApiResource;
use App\Models\PracticeNote;
use Illuminate\Http\Request;
use LowPoint\Core\Practice\PracticeWord;

/**
 * What a student said of his practice.
 *
 * @phpstan-type PracticeNoteShape array{id: string, kind: value-of<PracticeWord>, text: string, said_at: string}
 *
 * @property PracticeNote $resource
 */
final class PracticeNoteResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return self::told($this->resource);
    }

    /** @return PracticeNoteShape */
    public static function told(PracticeNote $note): array
    {
        return [
            'id' => $note->id,
            'kind' => $note->kind->value,
            'text' => $note->kind->told(),
            'said_at' => $note->said_at->toIso8601String(),
        ];
    }
}

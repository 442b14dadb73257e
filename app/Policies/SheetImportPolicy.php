<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SheetImport;
use Illuminate\Database\Eloquent\Model;

/**
 * A sheet is reached through the student into whose lessons it goes.
 *
 * @extends OwnerPolicy<SheetImport>
 */
final class SheetImportPolicy extends OwnerPolicy
{
    protected function owner(Model $record): ?int
    {
        return $record->student?->coach_id;
    }
}

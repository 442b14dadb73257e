<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SheetImport;
use App\Models\User;

/** A sheet is reached through the student into whose lessons it goes. */
final class SheetImportPolicy
{
    public function view(User $coach, SheetImport $import): bool
    {
        return $import->student?->coach_id === $coach->id;
    }
}

<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use App\Models\User;
use App\Students\StudentPolicy;

/** A sheet is reached through the student into whose lessons it goes. */
final readonly class SheetImportPolicy
{
    public function __construct(private StudentPolicy $students) {}

    public function view(User $coach, SheetImport $sheet): bool
    {
        return $sheet->student !== null && $this->students->view($coach, $sheet->student);
    }

    public function update(User $coach, SheetImport $sheet): bool
    {
        return $sheet->student !== null && $this->students->update($coach, $sheet->student);
    }

    public function delete(User $coach, SheetImport $sheet): bool
    {
        return $this->update($coach, $sheet);
    }
}

<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\SheetImport;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** One slice of a sheet, then the next: none runs long, and reports and other sheets get their turn in between. */
final class ImportSheet implements ShouldQueue
{
    use Queueable;

    /** A worker that was killed leaves its slice undone; it is taken up again. */
    public int $tries = 5;

    public function __construct(private readonly string $importId) {}

    public function handle(SheetImporter $taking): void
    {
        $import = SheetImport::query()->find($this->importId);
        if ($import !== null && $taking->slice($import)) {
            self::dispatch($this->importId);
        }
    }

    public function failed(): void
    {
        SheetImport::query()
            ->whereKey($this->importId)
            ->whereIn('state', [SheetImport::READING, SheetImport::SUMMING])
            ->update(['state' => SheetImport::STOPPED]);
    }
}

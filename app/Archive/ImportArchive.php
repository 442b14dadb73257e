<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Writes everything of an archive into an empty account, beside the web server. */
final class ImportArchive implements ShouldQueue
{
    use Queueable;

    /** A large account takes longer than a job usually may, seconds. */
    public int $timeout = 500;

    public function __construct(private readonly string $id)
    {
        $this->onConnection((string) config('queue.long'));
    }

    public function handle(ArchiveImport $reading): void
    {
        $reading->read($this->id);
    }

    public function failed(): void
    {
        app(ArchiveImport::class)->stop($this->id);
    }
}

<?php

declare(strict_types=1);

namespace App\Archive;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Symfony\Component\Finder\Finder;

/** Where a word, an id or a name, still stands: in any table, and in any file that the app has written. */
final readonly class Traces
{
    /** Written by the app on this machine; fonts and compiled views know nobody. */
    private const FOLDERS = ['logs', 'framework/cache', 'framework/sessions'];

    public function __construct(private Filesystem $disk) {}

    /** @return list<string> "table.column", files on the disk of the app and below the storage folder */
    public function of(string $word): array
    {
        $found = [];
        $part = '%'.addcslashes($word, '%_\\').'%';
        foreach (Schema::getTables(schema: DB::getDatabaseName()) as ['name' => $table]) {
            foreach (Schema::getColumns($table) as $column) {
                if (
                    preg_match('/char|text|json|blob/', $column['type_name']) === 1
                    && DB::table($table)->where($column['name'], 'like', $part)->exists()
                ) {
                    $found[] = "{$table}.{$column['name']}";
                }
            }
        }
        foreach (self::FOLDERS as $folder) {
            foreach (is_dir(storage_path($folder)) ? Finder::create()->files()->in(storage_path($folder)) : [] as $file) {
                if (str_contains($file->getFilename(), $word) || self::holds(fopen($file->getPathname(), 'r') ?: null, $word)) {
                    $found[] = "{$folder}/{$file->getRelativePathname()}";
                }
            }
        }

        foreach ($this->disk->allFiles() as $file) {
            if (str_contains(basename($file), $word) || self::holds($this->disk->readStream($file), $word)) {
                $found[] = $file;
            }
        }

        return $found;
    }

    /**
     * Read in pieces that overlap: a log may be larger than the memory.
     *
     * @param  resource|null  $stream
     */
    private static function holds(mixed $stream, string $word): bool
    {
        if ($stream === null) {
            return false;
        }
        try {
            for ($end = ''; ! feof($stream); $end = substr($piece, -\strlen($word))) {
                $piece = $end.fread($stream, 1 << 20);
                if (str_contains($piece, $word)) {
                    return true;
                }
            }

            return false;
        } finally {
            fclose($stream);
        }
    }
}

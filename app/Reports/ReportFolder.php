<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Lesson;
use App\Store\FileFailure;
use App\Store\WholeFile;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Str;

/**
 * Where the reports of a batch lie until they are fetched as one zip: on the disk of the app, for a day, and no longer than the lessons
 * they tell of.
 */
final readonly class ReportFolder
{
    private const FOLDER = 'reports';

    public function __construct(private Filesystem $disk) {}

    public function put(string $batch, Lesson $lesson, string $pdf): void
    {
        $name =
            Str::slug(Str::limit($lesson->student->name, 40, ''))
            .'-'
            .$lesson->began_at->format('Y-m-d')
            .'-'
            .strtolower(substr($lesson->id, -4));
        (new WholeFile($this->disk))->keep(self::of($batch)."/{$lesson->id} {$name}.pdf", $pdf);
    }

    /**
     * @param  list<string>  $lessons  whose reports may be told
     * @return resource a zip with these; it has no name any more, so that nothing is left of it when it was sent
     *
     * @throws FileFailure when there is no room for it
     */
    public function zip(string $batch, array $lessons): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'reports');
        $zip = new \ZipArchive;
        try {
            $zip->open($path, \ZipArchive::OVERWRITE);
            foreach ($this->disk->files(self::of($batch)) as $file) {
                if (! \in_array(self::lessonOf($file), $lessons, true)) {
                    continue;
                }
                $zip->addFromString(Str::after(basename($file), ' '), (string) $this->disk->get($file));
            }

            return ($zip->close() ? fopen($path, 'r') : false)
                ?: throw FileFailure::notWritten("the zip of the reports {$batch}");
        } finally {
            is_file($path) && unlink($path);
        }
    }

    /** @return list<string> ids of the lessons whose reports lie there */
    public function lessons(string $batch): array
    {
        return array_values(array_map(self::lessonOf(...), $this->disk->files(self::of($batch))));
    }

    private static function lessonOf(string $file): string
    {
        return Str::before(basename($file), ' ');
    }

    /**
     * Takes out the reports of these lessons, whatever batch they lie in.
     *
     * @param  iterable<string>  $lessons
     * @return int files
     */
    public function forget(iterable $lessons): int
    {
        $ids = [...$lessons];
        $gone = array_filter(
            $this->disk->allFiles(self::FOLDER),
            static fn(string $file): bool => \in_array(self::lessonOf($file), $ids, true),
        );
        $this->disk->delete($gone);

        return \count($gone);
    }

    /** Takes out what lies here longer than a day. */
    public function expire(): void
    {
        $before = now()->subDay()->getTimestamp();
        $files = $this->disk->allFiles(self::FOLDER);
        $this->disk->delete(array_filter($files, fn(string $file): bool => $this->disk->lastModified($file) < $before));
        foreach ($this->disk->directories(self::FOLDER) as $batch) {
            if ($this->disk->files($batch) === []) {
                $this->disk->deleteDirectory($batch);
            }
        }
    }

    private static function of(string $batch): string
    {
        return self::FOLDER."/{$batch}";
    }
}

<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Lesson;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** Where the reports of a batch lie until they are fetched as one zip: for a day, and no longer than the lessons they tell of. */
final class ReportFolder
{
    public function put(string $batch, Lesson $lesson, string $pdf): void
    {
        File::ensureDirectoryExists($this->of($batch));
        $name =
            Str::slug(Str::limit($lesson->student->name, 40, ''))
            .'-'
            .$lesson->began_at->format('Y-m-d')
            .'-'
            .strtolower(substr($lesson->id, -4));
        File::put($this->of($batch)."/{$lesson->id} {$name}.pdf", $pdf);
    }

    /** @return string path of a zip with all of them */
    public function zip(string $batch): string
    {
        $path = $this->of($batch).'.zip';
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException("The zip cannot be written: {$path}");
        }
        foreach (File::files($this->of($batch)) as $file) {
            $zip->addFile($file->getPathname(), substr((string) strstr($file->getFilename(), ' '), 1));
        }
        $zip->close();

        return $path;
    }

    public function isEmpty(string $batch): bool
    {
        return ! is_dir($this->of($batch)) || File::files($this->of($batch)) === [];
    }

    /**
     * Takes out the reports of these lessons, whatever batch they lie in.
     *
     * @param  iterable<string>  $lessons
     * @return int files
     */
    public function forget(iterable $lessons): int
    {
        $gone = 0;
        foreach ($lessons as $id) {
            $files = File::glob($this->of('*')."/{$id} *.pdf");
            $gone += count($files);
            // Also a zip that somebody did not fetch to its end.
            File::delete([...$files, ...array_map(static fn(string $file): string => \dirname($file).'.zip', $files)]);
        }

        return $gone;
    }

    /** Takes out what lies here longer than a day. */
    public function expire(): void
    {
        foreach (is_dir($this->of('')) ? File::directories($this->of('')) : [] as $batch) {
            if (File::lastModified($batch) < now()->subDay()->getTimestamp()) {
                File::deleteDirectory($batch);
            }
        }
        foreach (File::glob($this->of('*').'.zip') as $zip) {
            if (File::lastModified($zip) < now()->subDay()->getTimestamp()) {
                File::delete($zip);
            }
        }
    }

    private function of(string $batch): string
    {
        return config('filesystems.shared')."/reports/{$batch}";
    }
}

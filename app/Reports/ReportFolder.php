<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Lesson;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** Where the reports of a pile lie until they are fetched as one zip. */
final class ReportFolder
{
    public function put(string $batch, Lesson $lesson, string $pdf): void
    {
        File::ensureDirectoryExists($this->of($batch));
        $name = Str::slug(Str::limit($lesson->student->name, 40, '')).'-'.$lesson->began_at->format('Y-m-d').'-'.strtolower(substr($lesson->id, -4));
        File::put($this->of($batch)."/{$name}.pdf", $pdf);
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
            $zip->addFile($file->getPathname(), $file->getFilename());
        }
        $zip->close();

        return $path;
    }

    private function of(string $batch): string
    {
        return storage_path("app/reports/{$batch}");
    }
}

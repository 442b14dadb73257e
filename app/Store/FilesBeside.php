<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Contracts\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;

/** All files of the app in a folder beside: where they lie in a bucket, that is how they come into a backup, and out of it again. */
final readonly class FilesBeside
{
    public function __construct(private Filesystem $disk) {}

    /**
     * @return int files
     *
     * @throws FileFailure where one cannot be read or written
     */
    public function out(string $folder): int
    {
        $copied = 0;
        foreach ($this->disk->allFiles() as $file) {
            $from = $this->disk->readStream($file);
            // Gone since it was listed: it was not kept when the backup began either.
            if ($from === null) {
                continue;
            }
            $to = "{$folder}/{$file}";
            if ((! is_dir(\dirname($to)) && ! mkdir(\dirname($to), 0700, true)) || file_put_contents($to, $from) === false) {
                throw FileFailure::notWritten($to);
            }
            $copied++;
        }

        return $copied;
    }

    /**
     * @return int files
     *
     * @throws FileFailure where one cannot be read or written
     */
    public function in(string $folder): int
    {
        $whole = new WholeFile($this->disk);
        $copied = 0;
        foreach (Finder::create()->files()->in($folder)->notName('.gitignore') as $file) {
            $from = fopen($file->getPathname(), 'r');
            $whole->keep($file->getRelativePathname(), $from === false ? throw FileFailure::notRead($file->getPathname()) : $from);
            $copied++;
        }

        return $copied;
    }
}

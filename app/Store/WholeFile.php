<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Contracts\Filesystem\Filesystem;
use League\Flysystem\FilesystemException;

/** A file is kept whole or not at all: of one that the disk had no room for nothing stays. */
final readonly class WholeFile
{
    public function __construct(private Filesystem $disk) {}

    /**
     * @param  resource|string  $content
     *
     * @throws FileFailure where it could not be written
     */
    public function keep(string $path, mixed $content): void
    {
        try {
            $this->disk->put($path, $content);
        } catch (FilesystemException $e) {
            rescue(fn() => $this->disk->delete($path), report: false);
            throw FileFailure::notWritten($path, $e);
        }
    }
}

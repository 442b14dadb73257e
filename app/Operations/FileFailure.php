<?php

declare(strict_types=1);

namespace App\Operations;

/** A file of the app could not be opened, read or written: a full disk, or a folder that is somebody else's. */
final class FileFailure extends \RuntimeException
{
    /** @param string $what it was to hold, with its id or path where it has one */
    public static function notWritten(string $what): self
    {
        return new self("Cannot be written: {$what}.");
    }

    public static function notRead(string $what): self
    {
        return new self("Cannot be read: {$what}.");
    }
}

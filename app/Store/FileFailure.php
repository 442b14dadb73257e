<?php

declare(strict_types=1);

namespace App\Store;

/** A file of the app could not be opened, read or written: a full disk, or a folder that is somebody else's. */
final class FileFailure extends \RuntimeException
{
    private function __construct(
        string $message,
        public readonly bool $isOfWriting,
        ?\Throwable $previous = null,
    ) {
        parent::__construct($message, previous: $previous);
    }

    /** @param string $what it was to hold, with its id or path where it has one */
    public static function notWritten(string $what, ?\Throwable $previous = null): self
    {
        return new self("Cannot be written: {$what}.", isOfWriting: true, previous: $previous);
    }

    public static function notRead(string $what): self
    {
        return new self("Cannot be read: {$what}.", isOfWriting: false);
    }
}

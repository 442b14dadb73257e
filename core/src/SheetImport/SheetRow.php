<?php

declare(strict_types=1);

namespace LowPoint\Core\SheetImport;

use LowPoint\Core\Evidence\SeenBall;

/** One row of a sheet, read: a ball, and when it was hit where the sheet says so. */
final readonly class SheetRow
{
    public function __construct(
        public SeenBall $ball,
        public ?\DateTimeImmutable $at,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Archive;

use App\Http\ApiResource;

/**
 * An archive on its way back in.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type ArchiveImportShape array{
 *     id: string,
 *     state: 'reading'|'done'|'refused',
 *     done: int,
 *     // Rows.
 *     total: int,
 *     message: ToldShape,
 *     // It is to be read, and no worker answers.
 *     helper_silent: bool,
 * }
 */
final class ArchiveImportResource extends ApiResource {}

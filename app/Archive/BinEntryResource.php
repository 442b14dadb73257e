<?php

declare(strict_types=1);

namespace App\Archive;

use App\Http\ApiResource;

/**
 * What was deleted and can come back.
 *
 * @phpstan-type BinEntryShape array{kind: 'student'|'lesson', id: string, name: string, deleted_at: string, until: string}
 */
final class BinEntryResource extends ApiResource {}

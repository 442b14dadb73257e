<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use LowPoint\Core\Reading\Reading;

/**
 * A lesson as it is stored now, and what another device had changed as well.
 *
 * @phpstan-import-type LessonShape from LessonResource
 * @phpstan-import-type ReadingShape from Reading
 * @phpstan-type StoredLessonShape array{
 *     lesson: LessonShape,
 *     readings: array<string, ReadingShape>,
 *     // The later one holds; the other stands in the history.
 *     conflicts: list<array{key: string, theirs: mixed, yours: mixed}>,
 * }
 */
final class StoredLessonResource extends ApiResource {}

<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Http\ApiResource;
use App\Students\StudentResource;
use LowPoint\Core\Reading\Reading;

/**
 * The bench: a lesson, its student, and the reading of each set by its id.
 *
 * @phpstan-import-type LessonShape from LessonResource
 * @phpstan-import-type ReadingShape from Reading
 * @phpstan-import-type StudentShape from StudentResource
 * @phpstan-type LessonPageShape array{
 *     lesson: LessonShape,
 *     student: StudentShape,
 *     readings: array<string, ReadingShape>,
 *     // How many balls each set needs to be compared; 0: as many as the coach likes.
 *     balls_wanted: array<string, int>,
 * }
 */
final class LessonPageResource extends ApiResource {}

<?php

declare(strict_types=1);

namespace App\Progress;

use App\Http\ApiResource;
use App\Models\ShareLevel;
use App\Students\StudentResource;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Progress\AttentionGroup;

/**
 * Who needs attention.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type HandedShape from StudentResource
 * @phpstan-type TodayStudentShape array{
 *     id: string,
 *     name: string,
 *     handed: HandedShape,
 *     about: string,
 *     // Whose student, where he is another coach's and shared.
 *     coach: string|null,
 *     // What he may be then.
 *     shared: value-of<ShareLevel>|null,
 *     lessons: int,
 *     last: string|null,
 *     cause: ToldShape|null,
 *     verdict: ToldShape|null,
 *     // A day.
 *     recheck: string|null,
 *     // A lesson that is not closed yet.
 *     open?: string|null,
 *     group: value-of<AttentionGroup>,
 *     // What the student comes for is a retest of what is under work.
 *     retest: bool,
 *     // Good strikes and of how many at the end of the last lessons, the oldest first.
 *     rates: list<array{int, int}>,
 *     // The most urgent first, with their figures.
 *     reasons: list<ToldShape>,
 * }
 * @phpstan-type TodayShape array{
 *     // Students of the coach, whether they fit what was asked for or not.
 *     all: int,
 *     // Made up, to look round in.
 *     samples: int,
 *     // Students that fit what was asked for.
 *     total: int,
 *     next_page: int|null,
 *     groups: list<array{group: value-of<AttentionGroup>, label: ToldShape, students: int}>,
 *     shots: list<array{shot: value-of<Shot>, students: int}>,
 *     // In the order asked for, a page of them.
 *     students: list<TodayStudentShape>,
 *     rechecks: list<TodayStudentShape>,
 * }
 */
final class TodayResource extends ApiResource {}

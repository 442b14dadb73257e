<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * Who needs attention.
 *
 * @phpstan-import-type HandedShape from StudentResource
 * @phpstan-type TodayStudentShape array{
 *     id: string,
 *     name: string,
 *     handed: HandedShape,
 *     about: string,
 *     lessons: int,
 *     last: string|null,
 *     cause: string|null,
 *     verdict: string|null,
 *     // A day.
 *     recheck: string|null,
 *     reasons: list<string>,
 * }
 * @phpstan-type TodayShape array{
 *     total: int,
 *     // The most urgent first.
 *     students: list<TodayStudentShape>,
 *     rechecks: list<TodayStudentShape>,
 * }
 */
final class TodayResource extends ApiResource {}

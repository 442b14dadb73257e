<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Account\CoachResource;
use App\Http\ApiResource;
use App\Practice\PracticeNoteResource;
use App\Practice\PracticeResource;
use App\Students\StudentResource;
use LowPoint\Core\Distance\ChartCell;
use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Showing\View;

/**
 * Everything a student's page knows of the student, with every attempt.
 *
 * @phpstan-import-type CellShape from ChartCell
 * @phpstan-import-type HandedShape from StudentResource
 * @phpstan-import-type LanguageShape from StudentResource
 * @phpstan-import-type PracticeNoteShape from PracticeNoteResource
 * @phpstan-import-type PlanSessionShape from PracticeResource
 * @phpstan-import-type PracticeDrillShape from PracticeResource
 * @phpstan-import-type UnitsShape from CoachResource
 * @phpstan-import-type ViewShape from View
 * @phpstan-type PracticeExportShape array{
 *     language: LanguageShape,
 *     student: array{name: string, handed: HandedShape, units: UnitsShape, guardian: bool},
 *     fault: array{
 *         title: string,
 *         seen: string|null,
 *         belief: string|null,
 *         stop: string|null,
 *         measure: string|null,
 *         if_wrong: string|null,
 *     }|null,
 *     change: string|null,
 *     success: string|null,
 *     asked: list<ViewShape>,
 *     setup: list<string>,
 *     card: list<string>,
 *     feel: string|null,
 *     sentence: string,
 *     drills: list<PracticeDrillShape>,
 *     chart: list<CellShape>,
 *     plan: array{
 *         made_from: array{days: array<int, int>, grounds: list<string>, equipment: list<string>|null, weeks: int, game?: bool},
 *         notes: list<string>,
 *         sessions: list<PlanSessionShape>,
 *     }|null,
 *     words: list<array{id: value-of<PracticeWord>, label: string, answer: string}>,
 *     said: list<PracticeNoteShape>,
 *     results: list<array{
 *         id: string,
 *         drill: string,
 *         name: string,
 *         passed: bool,
 *         text: string,
 *         by: 'coach'|'student',
 *         confidence: int|null,
 *         note: string,
 *         done_at: string,
 *         session: string|null,
 *         attempts: list<mixed>,
 *         goal: mixed,
 *     }>,
 *     even_share: float,
 *     most_sure: int,
 *     cautions: list<string>,
 * }
 */
final class PracticeExportResource extends ApiResource {}

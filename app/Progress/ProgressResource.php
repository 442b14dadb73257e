<?php

declare(strict_types=1);

namespace App\Progress;

use App\Http\ApiResource;
use App\Practice\PracticeNoteResource;
use App\Students\PastSetResource;
use LowPoint\Core\CaseFile\CaseWriter;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Progress\Estimate;
use LowPoint\Core\Progress\Verdict;
use LowPoint\Core\Reading\SetFigures;
use LowPoint\Core\Strike\Lie;

/**
 * Is it fixed, and what now?
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type EstimateShape from Estimate
 * @phpstan-import-type GoodRateShape from SetFigures
 * @phpstan-import-type ObservedShape from CaseWriter
 * @phpstan-import-type PracticeNoteShape from PracticeNoteResource
 * @phpstan-import-type PurposeShape from PastSetResource
 * @phpstan-import-type TaskShape from \LowPoint\Core\Evidence\Task
 * @phpstan-import-type StatementShape from \LowPoint\Core\Statements\Statement
 * @phpstan-type TallyShape array{count: int, of: int, interval: array{float, float}}
 * @phpstan-type WorkShape array{
 *     cause: string,
 *     name: ToldShape,
 *     since: string,
 *     // What it really was, as the coach said it in this lesson: a cause, "none", or null where he did not; and what it can have been.
 *     // Answers kept long ago do not say.
 *     was?: array{lesson: string, confirmed: string|null, could_be: list<array{cause: string, name: ToldShape}>},
 *     verdict: value-of<Verdict>,
 *     verdict_text: ToldShape,
 *     text: ToldShape,
 *     // How the first touch changed, in words.
 *     touch: ToldShape|null,
 *     // The same sentences with their figures.
 *     statements: list<StatementShape>,
 *     probability: float|null,
 *     more_balls: int|null,
 *     not_comparable: list<ToldShape>,
 *     // What the balls counted below did.
 *     counted: ToldShape,
 *     before: TallyShape|null,
 *     now: TallyShape|null,
 *     // What the retest asks: the same as when the cause was found.
 *     task: TaskShape,
 *     // How many balls the next retest should have.
 *     retest_balls: int,
 *     next: ToldShape,
 *     // A day.
 *     recheck: string,
 *     // The day of the last set that counts; null = none was hit.
 *     until: string|null,
 *     // The student comes for a retest next, not for a lesson.
 *     retest: bool,
 * }
 * @phpstan-type GivenShape array{
 *     id: string,
 *     // Answers kept long ago do not say.
 *     confirmed?: string|null,
 *     cause: ToldShape,
 *     setup: list<ToldShape>,
 *     feel: ToldShape,
 *     drills: list<ToldShape>,
 * }
 * @phpstan-type DrawnSetShape array{
 *     id: string,
 *     purpose: PurposeShape,
 *     text: ToldShape,
 *     good: GoodRateShape,
 *     as_asked: array{count: int, of: int},
 *     censored: int,
 *     touch: EstimateShape|null,
 *     low_point: EstimateShape|null,
 *     carry_error: EstimateShape|null,
 *     window: array{float, float}|null,
 *     card: array<string, array{float, float}>,
 *     // Its balls, to draw them.
 *     marks: list<array{touch: float|null, strike: string}>,
 * }
 * @phpstan-type ProgressLessonShape array{
 *     id: string,
 *     began_at: string,
 *     open: bool,
 *     task: TaskShape,
 *     given: GivenShape|null,
 *     sets: list<DrawnSetShape>,
 * }
 * @phpstan-type CoursePointShape array{
 *     lesson: string,
 *     set: string,
 *     at: string,
 *     purpose: PurposeShape,
 *     setup: ObservedShape,
 *     card: array<string, array{float, float}>,
 *     confidence?: int,
 *     good: GoodRateShape,
 *     // Balls without ground contact: they have no touch.
 *     censored?: int,
 *     touch?: EstimateShape,
 *     // Only where drawn lengths tell it.
 *     low_point?: EstimateShape,
 *     carry_error?: EstimateShape,
 * }
 * @phpstan-type DrillCourseShape array{
 *     drill: string,
 *     name: ToldShape,
 *     at: string,
 *     passed: bool,
 *     text: ToldShape,
 *     confidence: int|null,
 *     figure: float,
 *     figure_name: ToldShape,
 *     is_share: bool,
 *     // What passes.
 *     mark: float|null,
 * }
 * @phpstan-type ProgressShape array{
 *     works: list<WorkShape>,
 *     last_time: list<ToldShape>,
 *     practice: array{
 *         // What the student said of it of late, the latest first.
 *         said: list<PracticeNoteShape>,
 *         planned: int,
 *         done: int,
 *         share: float|null,
 *         visits: list<array{day: string, done: bool}>,
 *     },
 *     // What there is to choose from, the most frequent first.
 *     kinds: list<array{shot: value-of<Shot>, lie: value-of<Lie>, lessons: int}>,
 *     // Lessons of the choice; the latest of them stand in full under lessons.
 *     count: int,
 *     lessons: list<ProgressLessonShape>,
 *     // What each set came to, oldest first; what was not seen is absent.
 *     course: list<CoursePointShape>,
 *     given: list<array{lesson: string, at: string, cause: ToldShape, drills: list<ToldShape>}>,
 *     results: list<DrillCourseShape>,
 *     // What comes next with each drill, the one done last first.
 *     drills: list<array{name: ToldShape, last: ToldShape, passed: bool, next: ToldShape}>,
 * }
 */
final class ProgressResource extends ApiResource {}

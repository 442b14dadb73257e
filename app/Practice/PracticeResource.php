<?php

declare(strict_types=1);

namespace App\Practice;

use App\Account\CoachResource;
use App\Http\ApiResource;
use App\Students\StudentResource;
use LowPoint\Core\Distance\ChartCell;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Practice\PlannedItem;
use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Showing\View;

/**
 * What a student gets to see; the coach sees the same.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type CellShape from ChartCell
 * @phpstan-import-type DoseShape from Drill
 * @phpstan-import-type DrawnShape from Drill
 * @phpstan-import-type DrillResultShape from DrillResultResource
 * @phpstan-import-type GoalShape from Goal
 * @phpstan-import-type HandedShape from StudentResource
 * @phpstan-import-type LanguageShape from StudentResource
 * @phpstan-import-type PracticeNoteShape from PracticeNoteResource
 * @phpstan-import-type PassShape from Drill
 * @phpstan-import-type PlannedItemShape from PlannedItem
 * @phpstan-import-type UnitsShape from CoachResource
 * @phpstan-type PracticeDrillShape array{
 *     id: string,
 *     name: ToldShape,
 *     purpose: ToldShape,
 *     equipment: list<ToldShape>,
 *     grounds: list<string>,
 *     steps: list<ToldShape>,
 *     trade: array{better: ToldShape, worse: ToldShape},
 *     distances: list<ToldShape>,
 *     picture?: list<DrawnShape>,
 *     dose: DoseShape,
 *     pass: PassShape,
 *     goal: GoalShape,
 *     easier: ToldShape,
 *     harder: ToldShape,
 *     feel: ToldShape,
 *     cautions: list<ToldShape>,
 *     // From above, with the distances; and what is done, face-on.
 *     svg: string|null,
 *     figure: string|null,
 *     // The same as a motion; null where nothing in it moves. Answers kept long ago do not say.
 *     motion?: string|null,
 *     next: array{id: string, text: ToldShape},
 *     // The best run of target numbers so far; null where there is none.
 *     record: ToldShape|null,
 *     // Random target numbers, m.
 *     numbers: list<int>,
 *     // Why it is there though nobody handed it out; null: it was.
 *     added?: ToldShape|null,
 * }
 * @phpstan-type PlanSessionShape array{id: string, day: string, minutes: int, items: list<PlannedItemShape>, done: bool}
 * @phpstan-import-type ViewShape from View
 * @phpstan-type PracticeShape array{
 *     language: LanguageShape,
 *     student: array{name: string, handed: HandedShape, units: UnitsShape, guardian: bool},
 *     fault: array{
 *         title: ToldShape,
 *         seen: ToldShape|null,
 *         belief: ToldShape|null,
 *         stop: ToldShape|null,
 *         measure: ToldShape|null,
 *         if_wrong: ToldShape|null,
 *     }|null,
 *     // What is to change, as a title; null where nothing was handed out. Answers kept long ago have none of these three.
 *     change?: ToldShape|null,
 *     // What went well in the lesson it was handed out in.
 *     success?: ToldShape|null,
 *     // What is asked beside what is there now.
 *     asked?: list<ViewShape>,
 *     // What no picture shows.
 *     setup: list<ToldShape>,
 *     card: list<ToldShape>,
 *     feel: ToldShape|null,
 *     sentence: string,
 *     drills: list<PracticeDrillShape>,
 *     // How far he hits what; empty while too little was logged.
 *     chart: list<CellShape>,
 *     plan: array{
 *         // Weekday, 1 = Monday => minutes.
 *         made_from: array{days: array<int, int>, grounds: list<string>, equipment: list<ToldShape>|null, weeks: int, game?: bool},
 *         notes: list<ToldShape>,
 *         sessions: list<PlanSessionShape>,
 *     }|null,
 *     // What can be said of practice in a word, and the answer to it.
 *     words: list<array{id: value-of<PracticeWord>, label: ToldShape, answer: ToldShape}>,
 *     // The latest first.
 *     said: list<PracticeNoteShape>,
 *     results: list<DrillResultShape>,
 *     // A lean of target numbers below this share is none.
 *     even_share: float,
 *     // How sure a student can be, from 1.
 *     most_sure: int,
 *     cautions: list<ToldShape>,
 * }
 */
final class PracticeResource extends ApiResource {}

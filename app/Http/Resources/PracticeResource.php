<?php

declare(strict_types=1);

namespace App\Http\Resources;

use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Practice\PlannedItem;
use LowPoint\Core\Practice\PracticeWord;

/**
 * What a student gets to see; the coach sees the same.
 *
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
 *     name: string,
 *     purpose: string,
 *     equipment: list<string>,
 *     grounds: list<string>,
 *     steps: list<string>,
 *     trade: array{better: string, worse: string},
 *     distances: list<string>,
 *     picture?: list<DrawnShape>,
 *     dose: DoseShape,
 *     pass: PassShape,
 *     goal: GoalShape,
 *     easier: string,
 *     harder: string,
 *     feel: string,
 *     cautions: list<string>,
 *     // From above, with the distances; and what is done, face-on.
 *     svg: string|null,
 *     figure: string|null,
 *     next: array{id: string, text: string},
 *     // Random target numbers, m.
 *     numbers: list<int>,
 * }
 * @phpstan-type PlanSessionShape array{id: string, day: string, minutes: int, items: list<PlannedItemShape>, done: bool}
 * @phpstan-type PracticeShape array{
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
 *     setup: list<string>,
 *     card: list<string>,
 *     feel: string|null,
 *     sentence: string,
 *     drills: list<PracticeDrillShape>,
 *     plan: array{
 *         // Weekday, 1 = Monday => minutes.
 *         made_from: array{days: array<int, int>, grounds: list<string>, equipment: list<string>|null, weeks: int},
 *         notes: list<string>,
 *         sessions: list<PlanSessionShape>,
 *     }|null,
 *     // What can be said of practice in a word, and the answer to it.
 *     words: list<array{id: value-of<PracticeWord>, label: string, answer: string}>,
 *     // The latest first.
 *     said: list<PracticeNoteShape>,
 *     results: list<DrillResultShape>,
 *     // How sure a student can be, from 1.
 *     most_sure: int,
 *     cautions: list<string>,
 * }
 */
final class PracticeResource extends ApiResource {}

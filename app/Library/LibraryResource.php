<?php

declare(strict_types=1);

namespace App\Library;

use App\Http\ApiResource;
use Illuminate\Http\Request;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\MechanismInWords;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Drills\Cautions;
use LowPoint\Core\Drills\Drill;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Reading\CausePicture;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Glossary;
use LowPoint\Core\Wording\Words;

/**
 * Everything the engine knows, to read up on: causes, drills and schools with their cards and cautions.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type DoseShape from Drill
 * @phpstan-import-type PassShape from Drill
 * @phpstan-import-type ViewShape from View
 * @phpstan-type LibraryCauseShape array{
 *     id: string,
 *     name: ToldShape,
 *     shots: list<value-of<Shot>>,
 *     // In words; null: every lie of its shots.
 *     lies: list<ToldShape>|null,
 *     evidence: list<ToldShape>,
 *     if_wrong: ToldShape,
 *     setup: ToldShape,
 *     stop: ToldShape,
 *     feels: array{outside: ToldShape, inside: ToldShape, sound: ToldShape},
 *     measure: ToldShape,
 *     drills: list<string>,
 *     // What the ground sees of it beside a sound strike, and what the cure asks. Answers kept long ago have none.
 *     pictures?: list<ViewShape>,
 * }
 * @phpstan-type LibraryDrillShape array{
 *     id: string,
 *     name: ToldShape,
 *     purpose: ToldShape,
 *     shots: list<value-of<Shot>>,
 *     equipment: list<ToldShape>,
 *     grounds: list<string>,
 *     steps: list<ToldShape>,
 *     dose: DoseShape,
 *     pass: PassShape,
 *     easier: ToldShape,
 *     harder: ToldShape,
 *     feel: ToldShape,
 *     cautions: list<ToldShape>,
 *     // Limit of the body => why the drill is left out.
 *     not_with: array<string, ToldShape>,
 *     serves: list<ToldShape>,
 * }
 * @phpstan-type LibrarySchoolShape array{
 *     id: value-of<School>,
 *     name: ToldShape,
 *     idea: ToldShape,
 *     cards: list<array{shot: value-of<Shot>, lies: list<ToldShape>, figures: list<ToldShape>}>,
 * }
 * @phpstan-type LibraryShape array{
 *     causes: list<LibraryCauseShape>,
 *     drills: list<LibraryDrillShape>,
 *     schools: list<LibrarySchoolShape>,
 *     cautions: list<ToldShape>,
 *     // Word of the trade => what it means.
 *     glossary: array<string, ToldShape>,
 * }
 *
 * @property Words $resource the coach's units
 */
final class LibraryResource extends ApiResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $words = $this->resource;
        $pictures = new CausePicture($words);

        return [
            'causes' => array_map(
                static fn(Cause $cause): array => [
                    ...$words->allTold(self::cause($cause, $words)),
                    'pictures' => array_map(static fn(View $one): array => $one->toArray(), $pictures->of($cause)),
                ],
                CauseLibrary::standard()->all(),
            ),
            'drills' => array_map(static fn(Drill $drill): array => $words->allTold(self::drill($drill)), DrillLibrary::standard()->all()),
            'schools' => array_map(static fn(School $school): array => self::school($school, $words), School::cases()),
            'cautions' => Cautions::GENERAL,
            'glossary' => Glossary::all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function cause(Cause $cause, Words $words): array
    {
        return [
            'id' => $cause->id,
            'name' => $cause->name,
            'shots' => array_map(static fn(Shot $shot): string => $shot->value, $cause->shots),
            'lies' => $cause->lies === null ? null : array_map(static fn(Lie $lie): string => $lie->label(), $cause->lies),
            'evidence' => [
                ...array_map(static fn($clue): string => Words::sentence($clue->title().': '.$clue->how($words)), $cause->clues),
                ...MechanismInWords::of($cause->mechanism, $words),
            ],
            'if_wrong' => $cause->ifWrong,
            'setup' => $cause->cure->idea,
            'stop' => $cause->cure->stop,
            'feels' => $cause->cure->feels,
            'measure' => $cause->cure->measure,
            'drills' => $cause->cure->drills,
        ];
    }

    /** @return array<string, mixed> */
    private static function drill(Drill $drill): array
    {
        $serves = array_filter(
            CauseLibrary::standard()->all(),
            static fn(Cause $cause): bool => \in_array($drill->id, $cause->cure->drills, true),
        );

        return [
            'id' => $drill->id,
            'name' => $drill->name,
            'purpose' => $drill->purpose,
            'shots' => array_map(static fn(Shot $shot): string => $shot->value, $drill->shots),
            'equipment' => $drill->equipment,
            'grounds' => $drill->grounds,
            'steps' => $drill->steps,
            'dose' => $drill->dose,
            'pass' => ['kind' => $drill->pass['kind']->value] + $drill->pass,
            'easier' => $drill->easier,
            'harder' => $drill->harder,
            'feel' => $drill->feel,
            'cautions' => $drill->cautions,
            'not_with' => (object) $drill->notWith,
            'serves' => array_values(array_map(static fn(Cause $cause): string => $cause->name, $serves)),
        ];
    }

    /** @return array<string, mixed> */
    private static function school(School $school, Words $words): array
    {
        $cards = [];
        foreach (Shot::cases() as $shot) {
            $lies = array_values(array_filter($shot->lies(), static fn(Lie $lie): bool => $school->suits($shot, $lie)));
            if ($lies !== []) {
                $card = SetupCard::of($school, new Task($shot, $lies[0], new Club(56, 10)));
                $cards[] = [
                    'shot' => $shot->value,
                    'lies' => array_map(static fn(Lie $lie): string => $lie->label(), $lies),
                    'figures' => $card->inWords($words),
                ];
            }
        }

        return ['id' => $school->value, 'name' => $school->label(), 'idea' => $school->idea(), 'cards' => $cards];
    }
}

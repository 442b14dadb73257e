<?php

declare(strict_types=1);

namespace App\Library;

use App\Http\ApiResource;
use App\Lessons\PutPrescription;
use App\Models\BallSet;
use App\Models\User;
use App\Reports\MakeReports;
use App\Students\PutStudent;
use Illuminate\Http\Request;
use LowPoint\Core\CaseFile\BunkerRequest;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\CaseFile\GreenAsked;
use LowPoint\Core\CaseFile\LandingAsked;
use LowPoint\Core\CaseFile\ObstacleAsked;
use LowPoint\Core\CaseFile\PlanRequest;
use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Practice\PracticeResources;
use LowPoint\Core\Practice\WeeklyPlan;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Records\Answer;
use LowPoint\Core\Records\Field;
use LowPoint\Core\Records\Layout;
use LowPoint\Core\Records\Write;
use LowPoint\Core\Sand\BallInSand;
use LowPoint\Core\Sand\SandShot;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Slopes\Brush;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/**
 * The closed lists of the case file with their labels and ranges, from the core, so that none is written twice.
 *
 * @phpstan-import-type NamedShape from ApiResource
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type TaskShape from \LowPoint\Core\Evidence\Task
 * @phpstan-type AnswerShape array{label: ToldShape, value: float|string}
 * @phpstan-type FieldShape array{
 *     kind: 'number'|'choice'|'text',
 *     label: ToldShape,
 *     unit: string,
 *     min: float,
 *     max: float,
 *     // The usual ones, to press.
 *     answers: list<AnswerShape>,
 *     // Of shots from sand only.
 *     sand_only: bool,
 * }
 * @phpstan-type ObservableShape array{
 *     id: value-of<Observable>,
 *     group: 'setup'|'motion',
 *     sand_only: bool,
 *     // Taken where nothing was looked at.
 *     usual: float|null,
 *     kind: 'number'|'choice'|'text',
 *     label: ToldShape,
 *     unit: string,
 *     min: float,
 *     max: float,
 *     answers: list<AnswerShape>,
 * }
 * @phpstan-type ShotShape array{
 *     id: value-of<Shot>,
 *     sand: bool,
 *     // How this coach begins with it.
 *     usual: array{lie: value-of<Lie>, school: value-of<School>|null, carry_m: float|null},
 *     lies: list<array{id: value-of<Lie>, label: ToldShape, schools: list<value-of<School>>}>,
 *     strikes: list<array{id: value-of<Strike>, good: bool, meaning: ToldShape}>,
 * }
 * @phpstan-type CatalogueShape array{
 *     shots: list<ShotShape>,
 *     observables: list<ObservableShape>,
 *     task: array<string, FieldShape>,
 *     club: array<string, FieldShape>,
 *     ball: array<string, FieldShape>,
 *     // Figures of "which shot", and of a ball in sand.
 *     plan: array<string, FieldShape>,
 *     sand: array<string, FieldShape>,
 *     schools: list<array{id: value-of<School>, name: ToldShape, idea: ToldShape}>,
 *     limits: list<array{id: value-of<Limit>, name: ToldShape}>,
 *     causes: list<NamedShape>,
 *     purposes: list<array{id: value-of<Purpose>, title: ToldShape, short: ToldShape}>,
 *     // What drills ask for, in their words.
 *     equipment: list<array{id: string, name: ToldShape}>,
 *     // To practise on.
 *     grounds: list<string>,
 *     // Days by weekday (1 = Monday) in minutes; minutes of one day more.
 *     usual_plan: array{days: array<int, int>, minutes: int, grounds: list<string>, weeks: int},
 *     // Quick picks; any other loft and bounce can be typed.
 *     clubs: list<array{loft_deg: float, bounce_deg: float}>,
 *     // Where nothing was asked yet.
 *     first_task: TaskShape,
 *     first_ground: array{
 *         edge_m: float, hole_m: float, behind_m: float, stimp: float,
 *         // A step where it is paced, an obstacle where one is put up.
 *         step_m: float, obstacle_m: float,
 *     },
 *     first_sand: array{
 *         lip_height_m: float, lip_distance_m: float, carry_m: float, room_m: float,
 *         club: array{loft_deg: float, bounce_deg: float},
 *     },
 *     // How a ball may lie in sand.
 *     in_sand: list<array{id: value-of<BallInSand>, name: ToldShape}>,
 *     // Practice brushes: how many are tapped at least and at most, and for which slope first.
 *     brush: array{least: int, most: int, slope_deg: float, caution: ToldShape},
 *     // Half of the middle eight in ten of what scatters, in standard deviations. Answers kept long ago do not say.
 *     middle_sd?: float,
 *     most: array{drills: int, sure: int, text: int, reports: int},
 * }
 */
final class CatalogueResource extends ApiResource
{
    /** @return CatalogueShape */
    public function toArray(Request $request): array
    {
        /** @var User $coach */
        $coach = $request->user();
        $firstShot = Task::first($coach->units->whole(Task::FIRST_CARRY_M));
        $usual = self::usual($coach, $firstShot->shot);
        /** @var TaskShape $first */
        $first = Write::record(
            CaseReader::task(
                array_filter(['lie' => $usual['lie'], 'method' => $usual['school'], 'carry_m' => $usual['carry_m']])
                + Write::record($firstShot),
            ),
        );

        $clubs = $coach->clubs();

        return [
            'shots' => array_map(
                static fn(Shot $shot): array => [
                    'id' => $shot->value,
                    'sand' => $shot->inSand(),
                    'usual' => self::usual($coach, $shot),
                    'lies' => array_map(
                        static fn(Lie $lie): array => [
                            'id' => $lie->value,
                            'label' => $lie->label(),
                            'schools' => array_column(School::suiting($shot, $lie), 'value'),
                        ],
                        $shot->lies(),
                    ),
                    'strikes' => array_map(
                        static fn(Strike $strike): array => [
                            'id' => $strike->value,
                            'good' => $strike->isGood(),
                            'meaning' => $strike->meaning(),
                        ],
                        $shot->strikes(),
                    ),
                ],
                Shot::cases(),
            ),
            'observables' => array_values(
                array_map(
                    static fn(Observable $one): array => [
                        'id' => $one->value,
                        'group' => $one->group()->value,
                        ...self::field($one->field(), $one->isForSandOnly()),
                        'usual' => $one->usual(),
                    ],
                    Observable::cases(),
                ),
            ),
            'task' => self::fields(Layout::fields(Task::class), Layout::sandOnly(Task::class)),
            'club' => self::fields(Layout::fields(Club::class), []),
            'ball' => self::fields(Layout::fields(SeenBall::class), Layout::sandOnly(SeenBall::class)),
            'plan' => self::fields(
                Layout::fields(PlanRequest::class)
                    + Layout::fields(GreenAsked::class)
                    + Layout::fields(ObstacleAsked::class)
                    + Layout::fields(LandingAsked::class)
                    + array_intersect_key(Layout::fields(PutStudent::class), ['step_m' => true]),
                [],
            ),
            'sand' => self::fields(Layout::fields(BunkerRequest::class), []),
            'schools' => array_map(
                static fn(School $school): array => ['id' => $school->value, 'name' => $school->label(), 'idea' => $school->idea()],
                School::cases(),
            ),
            'limits' => array_map(static fn(Limit $limit): array => ['id' => $limit->value, 'name' => $limit->label()], Limit::cases()),
            'causes' => array_map(
                static fn(Cause $cause): array => ['id' => $cause->id, 'name' => $cause->name],
                CauseLibrary::standard()->all(),
            ),
            'purposes' => array_map(
                static fn(Purpose $one): array => ['id' => $one->value, 'title' => $one->title(), 'short' => $one->short()],
                Purpose::cases(),
            ),
            'equipment' => array_map(
                static fn(string $one): array => ['id' => $one, 'name' => $one],
                DrillLibrary::standard()->equipment(),
            ),
            'grounds' => PracticeResources::GROUNDS,
            'usual_plan' => WeeklyPlan::USUAL,
            'clubs' => array_map(self::club(...), $clubs),
            'first_task' => $first,
            'first_ground' => [
                'edge_m' => $coach->units->rounded(Ground::FIRST['edge_m']),
                'hole_m' => $coach->units->rounded(Ground::FIRST['hole_m']),
                'behind_m' => $coach->units->rounded(Ground::FIRST['behind_m']),
                'stimp' => Ground::FIRST['stimp'],
                'step_m' => Ground::STEP_M,
                'obstacle_m' => Ground::FIRST_OBSTACLE_M,
            ],
            'first_sand' => [...array_map($coach->units->rounded(...), SandShot::FIRST), 'club' => self::club(Club::stock($clubs))],
            'in_sand' => array_map(
                static fn(BallInSand $one): array => ['id' => $one->value, 'name' => $one->label()],
                BallInSand::cases(),
            ),
            'brush' => [
                'least' => Brush::COUNT[0],
                'most' => Brush::COUNT[1],
                'slope_deg' => Brush::FIRST_SLOPE_DEG,
                'caution' => Brush::CAUTION,
            ],
            'middle_sd' => Words::MIDDLE_SD,
            'most' => [
                'drills' => Proposal::MOST_DRILLS,
                'sure' => BallSet::MOST_SURE,
                'text' => PutPrescription::LONGEST_TEXT,
                'reports' => MakeReports::MOST,
            ],
        ];
    }

    /**
     * @param  array<string, Field>  $fields
     * @param  list<string>  $sandOnly
     * @return array<string, FieldShape>
     */
    private static function fields(array $fields, array $sandOnly): array
    {
        $shown = [];
        foreach ($fields as $key => $field) {
            $shown[$key] = self::field($field, \in_array($key, $sandOnly, true));
        }

        return $shown;
    }

    /** @return array{lie: value-of<Lie>, school: value-of<School>|null, carry_m: float|null} */
    private static function usual(User $coach, Shot $shot): array
    {
        $way = $coach->usualWay($shot);

        return ['lie' => $way->lie->value, 'school' => $way->school?->value, 'carry_m' => $way->carryM];
    }

    /** @return array{loft_deg: float, bounce_deg: float} */
    private static function club(Club $club): array
    {
        return ['loft_deg' => $club->loftDeg, 'bounce_deg' => $club->bounceDeg];
    }

    /** @return FieldShape */
    private static function field(Field $field, bool $sandOnly): array
    {
        return [
            'kind' => $field->kind,
            'label' => $field->label,
            'unit' => $field->unit,
            'min' => $field->min,
            'max' => $field->max,
            'answers' => array_map(
                static fn(Answer $answer): array => ['label' => $answer->label, 'value' => $answer->value],
                $field->answers,
            ),
            'sand_only' => $sandOnly,
        ];
    }
}

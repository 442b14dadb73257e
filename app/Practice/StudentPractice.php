<?php

declare(strict_types=1);

namespace App\Practice;

use App\Figures\DrillSvg;
use App\Figures\FigureSvg;
use App\Language\Phrases;
use App\Language\ToldWords;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\DrillResult;
use App\Models\Lesson;
use App\Models\PlanSession;
use App\Models\Student;
use App\Reading\StudentShots;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Distance\ChartCell;
use LowPoint\Core\Distance\DistanceChart;
use LowPoint\Core\Distance\MysteryNumbers;
use LowPoint\Core\Drills\Cautions;
use LowPoint\Core\Drills\DrillHandout;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\Drills\LineFigure;
use LowPoint\Core\Drills\Scoring;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Practice\NextStep;
use LowPoint\Core\Practice\NumberErrors;
use LowPoint\Core\Practice\PracticeWord;
use LowPoint\Core\Practice\WeeklyPlan;
use LowPoint\Core\Progress\Success;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\PhraseBook;
use LowPoint\Core\Wording\Words;

/** What a student gets to see: nothing of others, nothing of the coach's own notes. The coach's screen shows the same. */
final readonly class StudentPractice
{
    private const RESULTS = 60;

    public function __construct(
        private Planning $planning,
        private KnownDrills $drills,
        private StudentShots $shots,
    ) {}

    /** @return array<string, mixed> */
    public function of(Student $student, Language $language = Language::English): array
    {
        $phrases = Phrases::in($language);
        $told = $this->inEnglish($student, $phrases);

        return $language === Language::English ? $told : (new ToldWords($phrases->say(...)))->inShape($told, 'Practice');
    }

    /** @return array<string, mixed> but for the pictures, whose words are said at once */
    private function inEnglish(Student $student, PhraseBook $phrases): array
    {
        $lesson = $this->planning->lessonWithOne($student)?->load('sets.balls');
        $given = $lesson?->prescription;
        $chart = $this->shots->chart($student);
        $content = $given === null ? null : $given->content;
        $results = $student->results()->with('ownDrill')->limit(self::RESULTS)->get();
        $done = $student->results()->reorder()->whereNotNull('plan_session_id')->distinct()->pluck('plan_session_id')->flip();
        $cause = $given === null ? null : CauseLibrary::standard()->find($given->cause);

        return [
            'language' => $phrases->language->value,
            'student' => [
                'name' => $student->name,
                'handed' => $student->handed,
                'units' => $student->shownUnits()->value,
                'guardian' => $student->needsGuardian(),
            ],
            'fault' =>
                $content === null
                    ? null
                    : [
                        'title' => $content['cause_name'],
                        'seen' => $content['seen'] ?? null,
                        'belief' => $content['belief'] ?? null,
                        'stop' => $content['stop'],
                        'measure' => $content['measure'],
                        'if_wrong' => $cause?->ifWrong,
                    ],
            'change' => $given?->title(),
            'success' => $lesson === null ? null : self::success($lesson),
            'asked' => array_map(static fn(View $one): array => $one->toArray(), $given?->asked(new Words($student->shownUnits())) ?? []),
            // The first of it is the title.
            'setup' => array_column(
                array_filter(\array_slice($content['setup'] ?? [], 1), static fn(array $one): bool => $one['observable'] === null),
                'text',
            ),
            'card' => $content['card'] ?? [],
            'feel' => $content['feel'] ?? null,
            'sentence' => $content['sentence'] ?? '',
            'drills' => $content === null ? [] : $this->drills($student, $content['drills'], $results->all(), $chart, $phrases),
            'chart' => array_map(static fn(ChartCell $one): array => $one->toArray(), $chart->cells),
            'plan' =>
                $student->plan === null
                    ? null
                    : [
                        'made_from' => $student->plan->made_from,
                        'notes' => $student->plan->notes,
                        'sessions' => $student->plan->sessions
                            ->map(
                                static fn(PlanSession $one): array => [
                                    'id' => $one->id,
                                    'day' => $one->day->toDateString(),
                                    'minutes' => $one->minutes(),
                                    'items' => $one->items,
                                    'done' => isset($done[$one->id]),
                                ],
                            )
                            ->all(),
                    ],
            'words' => array_map(
                static fn(PracticeWord $one): array => ['id' => $one->value, 'label' => $one->label(), 'answer' => $one->answer()],
                PracticeWord::cases(),
            ),
            'said' => $student->practiceNotes()->limit(self::RESULTS)->get()->map(PracticeNoteResource::told(...))->all(),
            'results' => $results->map(static fn(DrillResult $one): array => Results::told($one, new Words($student->shownUnits())))->all(),
            'even_share' => NumberErrors::EVEN,
            'most_sure' => BallSet::MOST_SURE,
            'cautions' => Cautions::GENERAL,
        ];
    }

    /** What went well in the lesson. */
    private static function success(Lesson $lesson): ?string
    {
        return Success::of(
            array_values($lesson->sets->map(static fn(BallSet $set): Tally => Tally::ofGood(
                array_values(array_filter($set->balls->map(self::struck(...))->all())),
            ))->all()),
            CaseReader::task($lesson->task)->goodWord(),
        );
    }

    private static function struck(Ball $ball): ?Strike
    {
        return Strike::tryFrom((string) ($ball->seen['strike'] ?? ''));
    }

    /**
     * Those handed out, the game at the end of each plan where it is none of them, and who has a chart practises numbers.
     *
     * @param  list<array<string, mixed>>  $given
     * @param  array<DrillResult>  $results  latest first
     * @return list<array<string, mixed>>
     */
    private function drills(Student $student, array $given, array $results, DistanceChart $chart, PhraseBook $phrases): array
    {
        $task = $this->planning->task($student);
        $means = array_map(static fn(ChartCell $one): float => $one->meanM, $chart->cells);
        $handed = array_column($given, 'id');
        $plan = $student->plan;
        $also = [
            // Only where a plan ends on it.
            $plan === null || ($plan->made_from['game'] ?? true) === false ? null : WeeklyPlan::gameBeside($handed, $task),
            ...array_map(DrillLibrary::standard()->find(...), $means === [] ? [] : DrillLibrary::FOR_NUMBERS),
        ];
        foreach ($also as $drill) {
            if ($drill !== null && ! \in_array($drill->id, array_column($given, 'id'), true)) {
                $given[] = DrillHandout::for(
                    $drill,
                    SetupCard::of(School::followedIn($task), $task),
                    null,
                    new Words($student->shownUnits()),
                )->toArray();
            }
        }
        $band = $means === [] ? MysteryNumbers::band($task->carryM) : MysteryNumbers::owned($means);

        return array_map(fn(array $sheet): array => [
            ...$this->drill($sheet, $student, $results, $band, $phrases),
            'added' => match (true) {
                \in_array($sheet['id'], $handed, true) => null,
                \in_array($sheet['id'], DrillLibrary::FOR_NUMBERS, true) => 'Added, so that your distances are known.',
                default => 'Added, so that it holds on the course.',
            },
        ], $given);
    }

    /** @param list<DrillResult> $mine runs of one drill */
    private static function record(array $mine): ?string
    {
        $runs = array_filter($mine, static fn(DrillResult $one): bool => ($one->goal['kind'] ?? null) === Scoring::Error->value);
        /** @var list<list<array{float, float}>> $balls */
        $balls = array_map(static fn(DrillResult $one): array => $one->attempts, array_values($runs));

        return NumberErrors::record($balls, $runs === [] ? 0 : (int) (array_values($runs)[0]->goal['of'] ?? 0));
    }

    /** @param array<string, mixed> $sheet */
    private static function figure(array $sheet, Student $student, PhraseBook $phrases): ?string
    {
        $figure = LineFigure::of($sheet['id'], $sheet['picture'] ?? []);

        return $figure === null ? null : FigureSvg::of($figure, $student->handed === 'left', $phrases);
    }

    /** @param array<string, mixed> $sheet */
    private static function motion(array $sheet, Student $student, PhraseBook $phrases): ?string
    {
        $motion = LineFigure::moving($sheet['id'], $sheet['picture'] ?? []);

        return $motion === null ? null : FigureSvg::moving($motion, $student->handed === 'left', $phrases);
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @param  array<DrillResult>  $results  latest first
     * @param  array{int, int}  $band  of random numbers, m
     * @return array<string, mixed>
     */
    private function drill(array $sheet, Student $student, array $results, array $band, PhraseBook $phrases): array
    {
        $mine = array_values(array_filter($results, static fn(DrillResult $one): bool => $one->drill === $sheet['id']));
        $next = NextStep::after(array_reverse(array_map(static fn(DrillResult $one): bool => $one->passed, $mine)));

        $drill = $this->drills->find($sheet['id'], $student->coach_id);
        $mark = $sheet['pass']['text'];

        return [
            ...array_diff_key($sheet, ['kinds' => true]),
            ...$drill === null ? [] : ['goal' => Goal::stored($sheet['goal'], $drill)->toArray()],
            'pass' => ['text' => $drill?->passIn($mark, $band, new Words($student->shownUnits())) ?? $mark] + $sheet['pass'],
            // The general ones stand once, at the end of the page.
            'cautions' => array_values(array_diff($sheet['cautions'], Cautions::GENERAL)),
            'svg' => isset($sheet['picture'])
                ? DrillSvg::of($sheet['picture'], $student->handed === 'left', $student->shownUnits(), $phrases)
                : null,
            'figure' => self::figure($sheet, $student, $phrases),
            'motion' => self::motion($sheet, $student, $phrases),
            'next' => ['id' => $next->value, 'text' => $mine === [] ? 'Not done yet.' : $next->text($sheet['easier'], $sheet['harder'])],
            'record' => self::record($mine),
            'numbers' => MysteryNumbers::draw($band[0], $band[1], MysteryNumbers::A_RUN, crc32($student->id.\count($mine))),
        ];
    }
}

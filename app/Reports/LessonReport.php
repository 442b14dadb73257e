<?php

declare(strict_types=1);

namespace App\Reports;

use App\Figures\AskedSvg;
use App\Figures\DrillSvg;
use App\Figures\FigureSvg;
use App\Figures\StrikeShapes;
use App\Figures\StripSvg;
use App\Language\Phrases;
use App\Language\ToldWords;
use App\Models\Ball;
use App\Models\BallSet;
use App\Models\ConsentPurpose;
use App\Models\Lesson;
use App\Reading\SetReading;
use App\Stills\StillFolder;
use Carbon\CarbonInterface;
use Illuminate\Contracts\View\Factory;
use Illuminate\Process\Exceptions\ProcessFailedException;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Process;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Drills\Cautions;
use LowPoint\Core\Drills\LineFigure;
use LowPoint\Core\Evidence\Purpose;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Showing\View;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Words;

/** One lesson on one page: what was seen, before and after, cause, card, drills, plan, cautions. As a page to print and as PDF. */
final readonly class LessonReport
{
    public const PAPERS = ['a4', 'letter'];

    private const FONTS = 'fonts';

    private const PATIENCE_S = 120;

    private const MOST_STRIPS = 3;

    private const MOST_PICTURES = 2;

    private const MOST_VISITS = 6;

    public function __construct(
        private SetReading $readings,
        private Factory $views,
        private StillFolder $stills,
    ) {}

    /**
     * @param  Language  $asked  where the coach has not said what the student reads
     * @param  bool  $alone  for a browser: the fonts travel inside the page
     */
    public function html(Lesson $lesson, string $paper, Language $asked, bool $alone = false): string
    {
        $lesson->loadMissing('student.plan.sessions', 'student.coach', 'sets.balls', 'prescription');
        $left = $lesson->student->handed === 'left';
        // It goes home with the student.
        $phrases = Phrases::in($lesson->student->language ?? $asked);
        $hit = $lesson->sets->filter(static fn(BallSet $set): bool => $set->balls->isNotEmpty())->values();
        $strips = $hit->take(self::MOST_STRIPS)->map(function (BallSet $set) use ($lesson, $left, $phrases): array {
            $reading = $this->readings->of($lesson, $set);

            return [
                'title' => $phrases->say(Purpose::from($set->purpose)->title()),
                'svg' => self::image(StripSvg::of($set, $reading, $left)),
                'text' => $phrases->say($reading['pattern']['text']),
                'good' => $reading['pattern']['good'],
            ];
        });
        $given = $lesson->prescription?->content;
        $said = $given === null
            ? null
            : (new ToldWords($phrases->say(...)))->inShape(['content' => $given], 'GivenPrescription')['content'];

        return $this->views
            ->make('report', [
                'lesson' => $lesson,
                'paper' => $paper,
                'strips' => $strips->all(),
                'say' => $phrases->say(...),
                'day' => static fn(CarbonInterface $at, string $format): string => $at
                    ->locale($phrases->language->value)
                    ->isoFormat($format),
                'language' => $phrases->language->value,
                'word' => $phrases->say(CaseReader::task($lesson->task)->goodWord()),
                'shapes' => $strips->isEmpty()
                    ? null
                    : self::image(StrikeShapes::legend(self::strikes($hit->take(self::MOST_STRIPS)), $phrases)),
                'still' => $this->still($lesson),
                'given' => $said,
                'change' => $lesson->prescription === null ? null : $phrases->say($lesson->prescription->title()),
                // In words it stands beside them.
                'asked' => array_map(
                    static fn(View $one): array => ['title' => $phrases->say($one->title), 'svg' => self::image(AskedSvg::of($one, $left))],
                    \array_slice($lesson->prescription?->asked(new Words) ?? [], 0, self::MOST_PICTURES),
                ),
                // What was then is not now.
                'changes' => array_map(
                    static fn(string $text): string => $phrases->say($lesson->began_at->isToday() ? $text : SetupChange::past($text)),
                    array_column($given['setup'] ?? [], 'text'),
                ),
                'pictures' => array_map(
                    fn(array $drill): ?string => isset($drill['picture'])
                        ? self::image(DrillSvg::of($drill['picture'], $left, $lesson->student->shownUnits(), $phrases))
                        : null,
                    $given['drills'] ?? [],
                ),
                'figures' => array_map(static function (array $drill) use ($left, $phrases): ?string {
                    $figure = LineFigure::of($drill['id'], $drill['picture'] ?? []);

                    return $figure === null ? null : self::image(FigureSvg::of($figure, $left, $phrases));
                }, $given['drills'] ?? []),
                'visits' => $lesson->student->plan?->sessions->take(self::MOST_VISITS)->all() ?? [],
                'cautions' => array_map($phrases->say(...), [
                    ...array_unique(
                        array_merge(
                            ...array_map(
                                static fn(array $drill): array => array_slice($drill['cautions'], 0, -\count(Cautions::GENERAL)),
                                $given['drills'] ?? [],
                            ),
                        ),
                    ),
                    ...Cautions::GENERAL,
                ]),
                'guardian' => $lesson->student->needsGuardian(),
                'font' => static fn(string $file): string => $alone
                    ? 'data:font/ttf;base64,'.base64_encode((string) file_get_contents(resource_path(self::FONTS."/{$file}")))
                    : resource_path(self::FONTS."/{$file}"),
            ])
            ->render();
    }

    /**
     * @param  Collection<int, BallSet>  $sets
     * @return list<string> the kinds of strike there are, as the catalogue has them
     */
    private static function strikes(Collection $sets): array
    {
        $seen = $sets->flatMap(
            static fn(BallSet $set): Collection => $set->balls->map(
                static fn(Ball $ball): string => (string) ($ball->seen['strike'] ?? ''),
            ),
        );

        return array_values(array_intersect(array_column(Strike::cases(), 'value'), $seen->all()));
    }

    /**
     * Tagged, with title and language (handbook 19.5): made by Debian's WeasyPrint, for no maintained PHP package tags what it writes
     * (docs/decisions/0035). Everything it needs stands in the page, so that it has nothing to fetch.
     *
     * @param  Language  $asked  where the coach has not said what the student reads
     *
     * @throws ProcessFailedException where the program is not there, or fails
     */
    public function pdf(Lesson $lesson, string $paper, Language $asked): string
    {
        return Process::timeout(self::PATIENCE_S)
            ->env(['PATH' => '/usr/bin:/bin'])
            ->input($this->html($lesson, $paper, $asked, alone: true))
            ->run(['weasyprint', '--quiet', '--encoding', 'utf-8', '--pdf-variant', 'pdf/ua-1', '-', '-'])
            ->throw()
            ->output();
    }

    /** The marked picture that the coach wants in it, if there is one. */
    private function still(Lesson $lesson): ?string
    {
        $still = $lesson->student->lacksConsent(ConsentPurpose::Still) ? null : $lesson->stills()->where('in_report', true)->first();
        $jpeg = $still === null ? null : $this->stills->get($still);

        return $jpeg === null ? null : 'data:image/jpeg;base64,'.base64_encode($jpeg);
    }

    private static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}

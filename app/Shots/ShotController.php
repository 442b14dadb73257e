<?php

declare(strict_types=1);

namespace App\Shots;

use App\Contract\Endpoint;
use App\Models\SlopeBrush;
use App\Models\Student;
use App\Reading\Engines;
use App\Reading\StudentShots;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use LowPoint\Core\CaseFile\BrushQuestion;
use LowPoint\Core\CaseFile\BunkerRequest;
use LowPoint\Core\CaseFile\LandingAsked;
use LowPoint\Core\CaseFile\PlanRequest;
use LowPoint\Core\CaseFile\TargetNumber;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Records\Read;
use LowPoint\Core\ShotChoice\Ballistics;
use LowPoint\Core\ShotChoice\OwnStrikes;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\StrikeModel;
use LowPoint\Core\Wording\Words;

/** Which shot, how far, from which sand, on which slope. Nothing is stored. */
final class ShotController
{
    public function __construct(
        private readonly Words $words,
        private readonly StudentShots $shots,
    ) {}

    /** Ways of playing a shot, by what they leave. */
    #[Endpoint(ShotPlanResource::class)]
    public function plan(PlanShotRequest $request): ShotPlanResource
    {
        $bag = array_map(
            static fn(Club $club): array => ['name' => $club->label(), 'loft_deg' => $club->loftDeg, 'bounce_deg' => $club->bounceDeg],
            self::bag($request),
        );
        $landM = Read::record(LandingAsked::class, $request->only('land_m'))->landM;
        $question = PlanRequest::fromValue($request->question() + ['clubs' => $bag]);
        $own = $this->strikes($request->student(), $question->ground->lie);

        return new ShotPlanResource([
            'plan' => $question->answer(StrikeModel::quick(self::calibration($request)), $this->words, $landM, $own->scatter),
            'ground' => $question->ground,
            'strikes' => $own->inWords(),
            'words' => $this->words,
            'ballistics' => new Ballistics,
        ]);
    }

    /** How to set up for a ball in sand. */
    #[Endpoint(SandPlanResource::class)]
    public function sand(SandQuestionRequest $request): SandPlanResource
    {
        $question = BunkerRequest::fromValue($request->question());
        $own = $this->strikes($request->student(), $question->lie());

        $model = StrikeModel::standard(self::calibration($request));

        return new SandPlanResource([
            'card' => $question->answer($model, $this->words, $own->scatter, self::bag($request)),
            'carry_m' => $question->carryM(),
            'lie' => $question->lie(),
            'strikes' => $own->inWords(),
            'words' => $this->words,
            'ballistics' => new Ballistics,
        ]);
    }

    /** Practice brushes on a slope, and where the ball belongs. */
    #[Endpoint(BrushedResource::class)]
    public function brush(BrushRequest $request): BrushedResource
    {
        return new BrushedResource(
            BrushQuestion::fromValue($request->question())->answer($this->words, self::slopes($request->student())),
        );
    }

    /** Keeps where a student's brush began on a slope; the same id twice is kept once. */
    #[Endpoint(BrushedResource::class)]
    public function keepBrush(BrushRequest $request, Student $student, string $brushId): BrushedResource
    {
        Gate::authorize('update', $student);
        $question = BrushQuestion::fromValue($request->question());
        $kept = SlopeBrush::query()->find($brushId);
        abort_if($kept !== null && $kept->student_id !== $student->id, 403);
        $student->brushes()->updateOrCreate(['id' => $brushId], [
            'slope_deg' => $question->slopeDeg,
            'mean_mm' => $question->brush->meanMm,
        ]);

        return new BrushedResource($question->answer($this->words, self::slopes($student)));
    }

    /** @return list<array{float, float}> degrees, and where the brush began there, mm */
    private static function slopes(?Student $student): array
    {
        return $student === null
            ? []
            : array_values($student->brushes()->get()->map(static fn(SlopeBrush $one): array => [$one->slope_deg, $one->mean_mm])->all());
    }

    /** How far a student hits what, from his logged balls. */
    #[Endpoint(DistancesResource::class, query: ['target_m' => 'What to take for this carry.'])]
    public function distances(Request $request, Student $student): DistancesResource
    {
        Gate::authorize('view', $student);

        [$chart, $unplaced] = $this->shots->distances($student);

        return new DistancesResource([
            'chart' => $chart,
            'target_m' => TargetNumber::of($request->query('target_m')),
            'unplaced' => $unplaced,
        ]);
    }

    private function strikes(?Student $student, Lie $lie): OwnStrikes
    {
        return $student === null ? OwnStrikes::unknown() : $this->shots->strikes($student, $lie);
    }

    /** Of the student's academy, else of that of the coach. */
    private static function calibration(ShotRequest $request): ?Calibration
    {
        $academy = $request->student()->coach->academy ?? $request->user()?->academy;

        return $academy === null ? null : Engines::recalibration($academy)?->calibration();
    }

    /** @return non-empty-list<Club> the student's clubs, else the coach's */
    private static function bag(ShotRequest $request): array
    {
        return $request->student()?->clubs() ?? $request->user()?->clubs() ?? Club::usual();
    }
}

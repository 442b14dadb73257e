<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\DrillResult;
use App\Models\Student;
use Illuminate\Support\Carbon;
use LowPoint\Core\Drills\Goal;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Practice\Score;
use LowPoint\Core\Wording\Words;

/**
 * Stores the run of a drill once, however often it is sent; the core says what it came to.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type DrillResultShape array{
 *     id: string,
 *     drill: string,
 *     // Of the drill.
 *     name: ToldShape,
 *     passed: bool,
 *     text: ToldShape,
 *     by: 'coach'|'student',
 *     confidence: int|null,
 *     note: string,
 *     done_at: string,
 *     session: string|null,
 * }
 */
final readonly class Results
{
    private const STUDENT = 'student';

    public function __construct(private KnownDrills $drills) {}

    /** @throws InvalidInput naming key, value and range */
    public function put(Student $student, string $id, PutResult $run, string $by): DrillResult
    {
        $drill =
            $this->drills->find($run->drill, $student->coach_id)
            ?? throw InvalidInput::one('drill', $run->drill, 'a drill of the library, or the coach’s own');
        $goal = Goal::stored($run->goal, $drill);
        if ($goal->most() !== null && \count($run->attempts) > $goal->most()) {
            throw InvalidInput::one('attempts', \count($run->attempts), "at most {$goal->most()}: a run of this drill has no more balls");
        }
        $score = Score::of($goal, array_values($run->attempts), new Words($student->shownUnits()));
        $result = DrillResult::query()->find($id) ?? new DrillResult(['id' => $id, 'student_id' => $student->id]);
        abort_if($result->student_id !== $student->id, 403);
        // What the coach has counted is not the student's to change.
        abort_if(
            $by === self::STUDENT && $result->exists && $result->logged_by !== self::STUDENT,
            403,
            __('This run was logged by your coach.'),
        );
        $session = $run->session;
        $result
            ->fill([
                'drill' => $drill->id,
                'goal' => $goal->toArray(),
                'attempts' => $run->attempts,
                'passed' => $score->passed,
                'text' => $score->text,
                'logged_by' => $by,
                'confidence' => $run->confidence,
                'note' => $run->note ?? '',
                'done_at' => Carbon::instance($run->doneAt)->utc(),
                'plan_session_id' =>
                    $session !== null && $student->plan?->sessions()->whereKey($session)->exists() === true ? $session : null,
            ])
            ->save();

        return $result;
    }

    /** @return DrillResultShape */
    public static function told(DrillResult $one, Words $words): array
    {
        return [
            'id' => $one->id,
            'drill' => $one->drill,
            'name' => $one->drillName(),
            'passed' => $one->passed,
            'text' => $one->score($words)->text,
            'by' => $one->logged_by,
            'confidence' => $one->confidence,
            'note' => $one->note,
            'done_at' => $one->done_at->toIso8601String(),
            'session' => $one->plan_session_id,
        ];
    }
}

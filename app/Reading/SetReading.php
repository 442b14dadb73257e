<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Ball;
use App\Models\BallSet;
use App\Models\Lesson;
use LowPoint\Core\CaseFile\CaseReader;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\SetFigures;
use LowPoint\Core\Statements\LooksTold;
use LowPoint\Core\Wording\Words;

/** A stored set of balls as a case of the core, and what the core reads in it. */
final class SetReading
{
    /** @var array<string, Backswing|null> by lesson and carry: nothing that happens in a lesson changes what was hit before it */
    private array $lengths = [];

    public function __construct(
        private readonly Engines $engines,
        private readonly StudentShots $shots,
        private readonly EarlierSets $earlier,
        private readonly Words $words,
    ) {}

    /** The set by itself. */
    public function case(Lesson $lesson, BallSet $set): LessonCase
    {
        return CaseReader::fromValue($this->told($lesson, $set));
    }

    /** The set with what came before it: how a lesson is read. */
    public function caseInTime(Lesson $lesson, BallSet $set): LessonCase
    {
        return CaseReader::fromValue($this->told($lesson, $set) + ['earlier' => $this->earlier->of($lesson, $set)]);
    }

    /** A later set as if the first had been asked again: what became of it. */
    public function caseAfter(Lesson $lesson, BallSet $set, BallSet $later): LessonCase
    {
        return CaseReader::fromValue(self::seen($later) + $this->told($lesson, $set));
    }

    /** @return array<string, mixed> */
    private function told(Lesson $lesson, BallSet $set): array
    {
        return [
            'format' => CaseReader::FORMAT,
            'student' => ['handed' => $lesson->student->handed, 'limits' => $lesson->student->limits],
            'task' => $lesson->task + $this->ownLength($lesson, $set),
            ...self::seen($set),
        ];
    }

    /** @return array<string, mixed> */
    private static function seen(BallSet $set): array
    {
        return [
            'setup' => $set->setup,
            'motion' => $set->motion,
            'measured' => $set->measured ?? [],
            'balls' => $set->balls->map(static fn(Ball $ball): array => $ball->seen)->values()->all(),
        ];
    }

    /**
     * Where it was seen how far he swings back: how far he had to, by the chart that he had before this lesson, so that what a lesson
     * is read as does not change with those after it.
     *
     * @return array{own_length?: string}
     */
    private function ownLength(Lesson $lesson, BallSet $set): array
    {
        $carry = $lesson->task['carry_m'] ?? null;
        if (! isset($set->motion[Observable::BackswingLength->value]) || ! is_numeric($carry) || $carry <= 0) {
            return [];
        }
        $key = "{$lesson->id} {$carry}";
        if (! \array_key_exists($key, $this->lengths)) {
            $this->lengths[$key] = $this->shots->lengthFor($lesson, (float) $carry);
        }
        $length = $this->lengths[$key];

        return $length === null ? [] : ['own_length' => strtolower($length->name)];
    }

    /** @return array<string, mixed> */
    public function of(Lesson $lesson, BallSet $set): array
    {
        return LooksTold::beside($this->read($lesson, $set), $this->words);
    }

    public function read(Lesson $lesson, BallSet $set): Reading
    {
        return $this->engines->for($lesson->student)->read($this->caseInTime($lesson, $set));
    }

    /** @return array<string, mixed> what a history needs of it */
    public function figures(Lesson $lesson, BallSet $set): array
    {
        $case = $this->case($lesson, $set);

        return SetFigures::of($this->engines->for($lesson->student)->read($case), $case);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Causes\CauseLibrary;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Observations;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Simulation\Dice;
use LowPoint\Core\Strike\Calibration;

/**
 * What a true look does to its cause (handbook 16.2): students with one fault, read without error; to a random set of other looks each
 * look that the fault is known by is added.
 */
final readonly class TrueLooks
{
    /** Students are drawn until each cause has enough, at most so many for each that is wanted: some are rare. */
    private const MOST_DRAWN = 40;

    /** Share of the other looks that were taken before. */
    private const TAKEN = 0.25;

    public function __construct(
        private ReadingEngine $engine,
        private Dice $dice,
    ) {}

    /**
     * @param  int  $students  for each cause
     * @return \Generator<int, array{cause: string, look: Observable, value: float|string, change: float}> what its probability changed by
     */
    public function added(BehaviourKind $kind, int $students): \Generator
    {
        $world = new World($kind, Calibration::standard(), readingFactor: 0.0, touchErrorMm: 1.0, wrongWords: 0.0, pairShare: 0.0);
        $population = new Population($this->dice, $world);
        $causes = CauseLibrary::standard()->all();
        $drawn = [];
        $wanted = $students * \count($causes);
        for ($i = 0; $i < self::MOST_DRAWN * $wanted && array_sum($drawn) < $wanted; $i++) {
            $student = $population->student(false);
            $id = (string) $student->mainCause();
            if (($drawn[$id] ?? 0) < $students) {
                $drawn[$id] = ($drawn[$id] ?? 0) + 1;
                yield from $this->lookedAt($student, $id);
            }
        }
    }

    /** @return \Generator<int, array{cause: string, look: Observable, value: float|string, change: float}> */
    private function lookedAt(MadeUpStudent $student, string $id): \Generator
    {
        $balls = $student->lesson($this->dice->chance(0.5) ? 8 : 5, 0.0);
        /** @var array<string, float|string> $looks */
        $looks = [];
        foreach (Observable::byEye() as $what) {
            $value = $student->look($what);
            if ($value !== null) {
                $looks[$what->value] = $value;
            }
        }
        $all = EvidenceContext::of(self::with($balls, $looks), Calibration::standard());
        foreach (CauseLibrary::standard()->find($id)->clues ?? [] as $clue) {
            foreach ($clue->speaksFor($all) ? $clue->needs() : [] as $what) {
                // What two looks together tell is begun from the other.
                $others = array_filter(
                    $looks,
                    fn(string $other): bool => $other !== $what->value
                    && (\in_array(Observable::from($other), $clue->needs(), true) || $this->dice->chance(self::TAKEN)),
                    ARRAY_FILTER_USE_KEY,
                );
                $value = $looks[$what->value];
                $after = $this->probability(self::with($balls, $others + [$what->value => $value]), $id);

                yield [
                    'cause' => $id,
                    'look' => $what,
                    'value' => $value,
                    'change' => $after - $this->probability(self::with($balls, $others), $id),
                ];
            }
        }
    }

    /** @param array<string, float|string> $looks */
    private static function with(LessonCase $case, array $looks): LessonCase
    {
        $seen = new Observations;
        foreach ($looks as $what => $value) {
            $seen = $seen->with(Observable::from($what), $value);
        }

        return new LessonCase($case->task, $seen, $case->balls, $case->handed);
    }

    private function probability(LessonCase $case, string $cause): float
    {
        foreach ($this->engine->read($case)->causes as $one) {
            if ($one->cause->id === $cause) {
                return $one->probability;
            }
        }

        return 0.0;
    }
}

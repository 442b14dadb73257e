<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Reading\Learned;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Strike\Calibration;
use LowPoint\Core\Wording\Words;

/** Fits a correction to a ledger and holds it against the engine on later lines: it is used only while it wins there (handbook 16.4). */
final readonly class Learning
{
    /** Below so many confirmed lines nothing is fitted. Origin: handbook 16.4. */
    public const LEAST_CONFIRMED = 60;

    /** Of more lines than this the newest are enough: a place changes. Origin: chosen by us. */
    public const NEWEST = 800;

    /** Blocks in time; each but the first is held against a fit on those before it. Origin: handbook 16.4. */
    private const BLOCKS = 5;

    public function __construct(
        private Words $words = new Words,
    ) {}

    /**
     * @param  list<Line>  $lines  in the order of their time
     * @param  (\Closure(string, int, int): void)|null  $progress  what is done, how much of it, of how much
     *
     * @throws InvalidInput where the data shipped with the core cannot be read
     */
    public function from(array $lines, ?\Closure $progress = null): Finding
    {
        $confirmed = \count(array_filter($lines, static fn(Line $line): bool => $line->confirmed !== null));
        if ($confirmed < self::LEAST_CONFIRMED) {
            $why = 'Nothing is learned from fewer than '.self::LEAST_CONFIRMED." confirmed lines; there are {$confirmed}.";

            return new Finding(\count($lines), $confirmed, 0, null, null, false, $why, null, []);
        }
        $lessons = $this->lessons(\array_slice($lines, -self::NEWEST), $progress);
        $start = Pooled::correction();
        $pairs = $this->heldOut($lessons, $confirmed, $start, $progress);
        $all = array_merge(...$lessons);
        $learned = Fit::to($all, $confirmed, $start, static function (int $done, int $of) use ($progress): void {
            $progress === null ?: $progress('fit', $done, $of);
        });
        [$engine, $corrected] = [self::mean(array_column($pairs, 0)), self::mean(array_column($pairs, 1))];
        [$adopted, $why] = $this->gate($pairs, $engine, $corrected, $learned);

        return new Finding(
            \count($lines),
            $confirmed,
            \count($pairs),
            $engine,
            $corrected,
            $adopted,
            $why,
            $learned,
            LearnedInWords::of($learned, $start),
        );
    }

    /**
     * @param  list<Line>  $lines
     * @return list<list<Taught>> by block
     */
    private function lessons(array $lines, ?\Closure $progress): array
    {
        $engine = ReadingEngine::standard($this->words);
        $blocks = array_fill(0, self::BLOCKS, []);
        foreach ($lines as $i => $line) {
            $lesson = Taught::of($line, $engine, Calibration::standard());
            if ($lesson !== null) {
                $blocks[intdiv($i * self::BLOCKS, \count($lines))][] = $lesson;
            }
            $progress === null ?: $progress('lines', $i + 1, \count($lines));
        }

        return array_values($blocks);
    }

    /**
     * @param  list<list<Taught>>  $blocks
     * @return list<array{Judged, Judged}> of each confirmed line of the later blocks: by the engine, and corrected
     */
    private function heldOut(array $blocks, int $confirmed, Learned $start, ?\Closure $progress): array
    {
        $pairs = $before = [];
        $learned = $start;
        foreach ($blocks as $block => $lessons) {
            if ($block > 0) {
                $learned = Fit::to($before, $confirmed, $start, null, $learned);
                foreach ($lessons as $lesson) {
                    if ($lesson->confirmed !== null) {
                        $pairs[] = [$lesson->judged([]), $lesson->judged(Fit::adds($lesson, $learned))];
                    }
                }
            }
            array_push($before, ...$lessons);
            $progress === null ?: $progress('blocks', $block + 1, self::BLOCKS);
        }

        return $pairs;
    }

    /**
     * @param  list<array{Judged, Judged}>  $pairs
     * @param  array{float, float}  $engine
     * @param  array{float, float}  $corrected
     * @return array{bool, string} whether it is used, and why
     *
     * @throws InvalidInput where the data shipped with the core cannot be read
     */
    private function gate(array $pairs, array $engine, array $corrected, Learned $learned): array
    {
        $told =
            "On later lines what was confirmed stands first in {$this->words->percent($corrected[1])} instead of ".
            $this->words->percent($engine[1]);
        if (! Gate::isWon($pairs)) {
            return [false, "{$told}: that is not sure enough to be used."];
        }
        $plain = ReadingEngine::standard($this->words);

        return Gate::sparesTheSound(SoundStudents::setToWork($plain), SoundStudents::setToWork($plain->with($learned)))
            ? [true, "{$told}."]
            : [false, "{$told}; but more of the sound would be given something to work on: it is not used."];
    }

    /**
     * @param  list<Judged>  $judged
     * @return array{float, float} mean log score, share first
     */
    private static function mean(array $judged): array
    {
        $n = max(1, \count($judged));

        return [
            array_sum(array_map(static fn(Judged $one): float => $one->logScore, $judged)) / $n,
            \count(array_filter($judged, static fn(Judged $one): bool => $one->first)) / $n,
        ];
    }
}

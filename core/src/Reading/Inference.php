<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Balls;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Causes\View;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Wording\Words;

/** Causes weighed by what was seen: log-odds = prior + sum of the evidence (handbook 4.1). */
final readonly class Inference
{
    /** Share of good strikes from which they speak against every cause, and at which they do so fully. Origin: chosen by us. */
    private const GOOD_FROM = 0.6;

    private const GOOD_FULLY = 0.9;

    /** Good strikes weigh as much as two strong pieces of evidence, for they win over looks. Origin: chosen by us. */
    private const GOOD_WEIGHT = 2.0;

    private const TOO_LIGHT_TO_NAME = 0.02;

    public function __construct(private Words $words) {}

    public static function probability(float $logOdds): float
    {
        return 1 / (1 + exp(-$logOdds));
    }

    /**
     * Log-odds that good strikes take from a cause, 0 or less. A cause of poor strikes is denied by good ones; one that only
     * spoils distance, direction or flight by balls that also did what was asked.
     */
    public static function goodStrikes(Cause $cause, View $view): float
    {
        $good = self::good($cause, $view);
        $degree = max(0.0, min(1.0, ($good->share() - self::GOOD_FROM) / (self::GOOD_FULLY - self::GOOD_FROM)));

        return -self::GOOD_WEIGHT * Strength::Strong->weight($degree) * Balls::trust($good->of);
    }

    /**
     * @param  list<Cause>  $causes
     * @return list<WeighedCause> most probable first
     */
    public function weigh(array $causes, View $view): array
    {
        $weighed = array_map(fn(Cause $cause): WeighedCause => $this->weighOne($cause, $view), $causes);
        usort($weighed, static fn(WeighedCause $a, WeighedCause $b): int => [$b->probability, $a->cause->id] <=> [$a->probability, $b->cause->id]);

        return $weighed;
    }

    private function weighOne(Cause $cause, View $view): WeighedCause
    {
        $good = self::goodStrikes($cause, $view);
        $for = $against = [];
        foreach ($cause->clues as $clue) {
            $weight = $clue->weight($view);
            if ($weight === null || abs($weight) < self::TOO_LIGHT_TO_NAME) {
                continue;
            }
            $weighed = new WeighedClue(Words::sentence($clue->text($view, $this->words)), $weight, $clue->how($this->words));
            if ($weight > 0) {
                $for[] = $weighed;
            } else {
                $against[] = $weighed;
            }
        }
        if ($good < -self::TOO_LIGHT_TO_NAME) {
            $against[] = new WeighedClue(
                Words::sentence($this->words->tally(self::good($cause, $view)).' were good'),
                $good,
                'good strikes win over looks: counts from '.$this->words->percent(self::GOOD_FROM).', fully from '.$this->words->percent(self::GOOD_FULLY),
            );
        }
        $heaviest = static fn(WeighedClue $a, WeighedClue $b): int => abs($b->weight) <=> abs($a->weight);
        usort($for, $heaviest);
        usort($against, $heaviest);

        return new WeighedCause($cause, self::probability($cause->logOdds($view) + $good), $for, $against);
    }

    private static function good(Cause $cause, View $view): Tally
    {
        return $cause->spoilsStrikes ? $view->pattern->good() : $view->pattern->asAsked();
    }
}

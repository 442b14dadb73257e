<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Clue;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\Group;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\ObservationCost;
use LowPoint\Core\Evidence\Strike;
use LowPoint\Core\Records\Answer;

/**
 * The look that is expected to separate the live suppositions most for what it costs: bits of information between the look
 * and the suppositions, per look (handbook 4.1, 14.4).
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type NextObservationShape array{
 *     observable: value-of<Observable>,
 *     label: ToldShape,
 *     why: ToldShape,
 *     // In glances.
 *     cost: int,
 *     // What is expected to be learnt, bits a glance.
 *     bits_per_look: float,
 *     answers: list<array{label: ToldShape, value: float|string, then: ToldShape}>,
 * }
 */
final readonly class NextObservation
{
    /** Suppositions less probable than this are out of the question, and no more than so many are weighed. Origin: chosen by us. */
    private const LIVE = 0.003;

    private const MOST_LIVE = 20;

    /** Settled: the first cause above, the second below. Origin: handbook 4.1. */
    private const SETTLED_FIRST = 0.85;

    private const SETTLED_SECOND = 0.4;

    /** A look that is expected to tell less than this, in bits per look, is not worth a student's wait. Origin: chosen by us. */
    private const WORTH_IT = 0.01;

    /** What tells apart why balls come off the neck of the club, and from which share of them on it comes first. Origin: handbook 16.2. */
    private const OF_THE_NECK = [Observable::BallDistance, Observable::Balance, Observable::MovesTowardBall];

    private const MOSTLY = 0.5;

    private const BITS_DECIMALS = 9;

    /** A probability must move this much for an answer to be named. */
    private const NAMED_SHIFT = 0.05;

    /**
     * @param  list<array{label: string, value: float|string, then: string}>  $answers
     */
    private function __construct(
        public Observable $observable,
        public string $why,
        public float $bitsPerLook,
        public array $answers,
    ) {}

    /**
     * @param  list<Cause>  $causes
     * @param  list<array{list<int>, float}>  $suppositions  by places in the list of causes, the likeliest first
     * @param  list<WeighedCause>  $weighed  most probable first
     * @param  list<array{Observable, float}>  $ranked  what is not known yet with its bits per look, the most telling first
     */
    public static function for(array $causes, array $suppositions, array $weighed, array $ranked, EvidenceContext $context): ?self
    {
        if (self::settled($weighed)) {
            return null;
        }
        [$observable, $bits] = $ranked[0] ?? [null, 0.0];

        return $observable === null || ($bits < self::WORTH_IT && ! self::isOfTheNeck($observable, $context))
            ? null
            : self::told($observable, $bits, $causes, self::live($suppositions), $context);
    }

    /**
     * All that can still be looked at, what is expected to tell most for what it costs first; what tells nothing by what it costs.
     *
     * @param  list<Cause>  $causes
     * @param  list<array{list<int>, float}>  $suppositions  by places in the list of causes, the likeliest first
     * @return list<array{Observable, float}> with bits per look
     */
    public static function ranked(array $causes, array $suppositions, EvidenceContext $context): array
    {
        $live = self::live($suppositions);
        $bearing = self::bearing($causes, $live);
        $ranked = [];
        foreach (Observable::byEye() as $observable) {
            if (! self::alreadyKnown($observable, $context)) {
                $bits = self::bits($observable, self::answers($observable, $bearing, $live, $context), $live);
                // What was seen before tells again only as far as it is no longer fresh.
                $bits *= $context->case->seen->has($observable) ? 1 - $context->case->seen->freshness($observable) : 1.0;
                // Alike to the last bits is alike: then the order in which coaches look stands.
                $ranked[] = [$observable, round($bits, self::BITS_DECIMALS)];
            }
        }
        // Before anything was seen the cheapest kind comes first: what can be seen before a ball is hit.
        $nothingSeen = $context->case->seen->isEmpty() && $context->case->balls === [];
        $place = static fn(Observable $one, float $bits): array => [
            (int) ! self::isOfTheNeck($one, $context),
            $nothingSeen ? (int) ($one->look() !== ObservationCost::Glance) : 0,
            $nothingSeen ? (int) ($one->group() !== Group::Setup) : 0,
            -$bits,
            $one->look()->value,
        ];
        usort($ranked, static fn(array $a, array $b): int => $place(...$a) <=> $place(...$b));

        return $ranked;
    }

    /**
     * @param  list<array{list<int>, float}>  $suppositions
     * @return list<array{list<int>, float}>
     */
    private static function live(array $suppositions): array
    {
        return array_values(
            array_filter(\array_slice($suppositions, 0, self::MOST_LIVE), static fn(array $one): bool => $one[1] >= self::LIVE),
        );
    }

    /** @return NextObservationShape */
    public function toArray(): array
    {
        return [
            'observable' => $this->observable->value,
            'label' => $this->observable->field()->label,
            'why' => $this->why,
            'cost' => $this->observable->look()->value,
            'bits_per_look' => round($this->bitsPerLook, 4),
            'answers' => $this->answers,
        ];
    }

    /** With half of the balls or more off the neck of the club, whatever else is wrong waits (handbook 16.2). */
    private static function isOfTheNeck(Observable $observable, EvidenceContext $context): bool
    {
        $neck = $context->pattern->strikeTally(Strike::Hosel);

        return $neck->of > 0 && $neck->share() >= self::MOSTLY && \in_array($observable, self::OF_THE_NECK, true);
    }

    /** @param list<WeighedCause> $weighed */
    private static function settled(array $weighed): bool
    {
        return ($weighed[0]->probability ?? 0.0) > self::SETTLED_FIRST && ($weighed[1]->probability ?? 0.0) < self::SETTLED_SECOND;
    }

    private static function alreadyKnown(Observable $observable, EvidenceContext $context): bool
    {
        $seen = $context->case->seen;

        return ($seen->has($observable) && $seen->freshness($observable) === 1.0)
            || ($observable === Observable::Attack && $seen->has(Observable::AttackDeg))
            || ($observable === Observable::AttackDeg && $seen->has(Observable::Attack))
            || ($observable->isForSandOnly() && ! $context->case->task->inSand());
    }

    /**
     * The clues of the causes that are in question, by the looks that they need: gone through once, for each of many looks asks.
     *
     * @param  list<Cause>  $causes
     * @param  list<array{list<int>, float}>  $live
     * @return array<string, array<int, list<Clue>>> by observable, by place of the cause
     */
    private static function bearing(array $causes, array $live): array
    {
        $bearing = $met = [];
        foreach ($live as [$held]) {
            foreach ($held as $i) {
                if (isset($met[$i])) {
                    continue;
                }
                $met[$i] = true;
                foreach ($causes[$i]->clues as $clue) {
                    foreach ($clue->needs() as $what) {
                        $bearing[$what->value][$i][] = $clue;
                    }
                }
            }
        }

        return $bearing;
    }

    /**
     * The chance of each answer under each live supposition: how usual it is, times how much more often its causes show it. Suppositions
     * in which the same causes bear on the look share a row.
     *
     * @param  array<string, array<int, list<Clue>>>  $bearing  clues by observable and cause
     * @param  list<array{list<int>, float}>  $live
     * @return array{array<string, list<float>>, list<string>}|null rows by answer, and the row of each supposition; null when the look
     *     bears on none of them
     */
    private static function answers(Observable $observable, array $bearing, array $live, EvidenceContext $context): ?array
    {
        if (! isset($bearing[$observable->value])) {
            return null;
        }
        $answers = $observable->field()->answers;
        $thens = array_map(static fn(Answer $answer): EvidenceContext => $context->with($observable, $answer->value), $answers);
        $ratios = array_map(static fn(array $clues): array => self::ratios($clues, $context, $thens), $bearing[$observable->value]);
        $rows = $of = [];
        foreach ($live as [$held]) {
            $bear = [];
            foreach ($held as $i) {
                if (isset($ratios[$i])) {
                    $bear[] = $i;
                }
            }
            $key = implode(' ', $bear);
            $rows[$key] ??= self::row($answers, array_map(static fn(int $i): array => $ratios[$i], $bear));
            $of[] = $key;
        }

        return [$rows, $of];
    }

    /**
     * @param  list<Answer>  $answers
     * @param  list<list<float>>  $ratios  of each cause that bears on the look, by answer
     * @return list<float>
     */
    private static function row(array $answers, array $ratios): array
    {
        $row = [];
        foreach ($answers as $a => $answer) {
            // Not divided by how many causes there are: the row is brought to one below.
            $row[] = $answer->usual * ($ratios === [] ? 1.0 : array_sum(array_column($ratios, $a)));
        }
        $total = array_sum($row);

        return array_map(static fn(float $one): float => $one / $total, $row);
    }

    /**
     * How much more often each answer is seen with a cause.
     *
     * @param  list<Clue>  $clues  of the cause that bear on the look
     * @param  list<EvidenceContext>  $thens  after each answer
     * @return list<float>
     */
    private static function ratios(array $clues, EvidenceContext $context, array $thens): array
    {
        $before = self::weight($clues, $context);

        return array_map(static fn(EvidenceContext $then): float => exp(self::weight($clues, $then) - $before), $thens);
    }

    /** @param list<Clue> $clues */
    private static function weight(array $clues, EvidenceContext $seen): float
    {
        $sum = 0.0;
        foreach ($clues as $clue) {
            $sum += $clue->weight($seen) ?? 0.0;
        }

        return $sum;
    }

    /**
     * Bits between answer and supposition, per look.
     *
     * @param  array{array<string, list<float>>, list<string>}|null  $chances
     * @param  list<array{list<int>, float}>  $live
     */
    private static function bits(Observable $observable, ?array $chances, array $live): float
    {
        if ($chances === null) {
            return 0.0;
        }
        [$rows, $of] = $chances;
        $shares = array_fill_keys(array_keys($rows), 0.0);
        foreach ($live as $i => [, $share]) {
            $shares[$of[$i]] += $share;
        }
        $all = array_sum($shares);
        $known = array_fill_keys(array_keys($observable->field()->answers), 0.0);
        $bits = 0.0;
        foreach ($rows as $key => $row) {
            $share = $shares[$key] / $all;
            foreach ($row as $a => $chance) {
                $known[$a] += $share * $chance;
                $bits += $chance > 0.0 ? $share * $chance * log($chance) : 0.0;
            }
        }
        foreach ($known as $chance) {
            $bits -= $chance > 0.0 ? $chance * log($chance) : 0.0;
        }

        return max(0.0, $bits) / M_LN2 / $observable->look()->value;
    }

    /**
     * @param  list<Cause>  $causes
     * @param  list<array{list<int>, float}>  $live
     */
    private static function told(Observable $observable, float $bits, array $causes, array $live, EvidenceContext $context): self
    {
        [$rows, $of] = self::answers($observable, self::bearing($causes, $live), $live, $context) ?? [[], []];
        $answers = [];
        foreach ($observable->field()->answers as $a => $answer) {
            [$moved, $shift] = $of === []
                ? [null, 0.0]
                : self::moved(array_map(static fn(string $row): float => $rows[$row][$a], $of), $live);
            $answers[] = [
                'label' => $answer->label,
                'value' => $answer->value,
                'then' =>
                    $moved === null || abs($shift) < self::NAMED_SHIFT
                        ? 'little changes'
                        : ($shift > 0 ? 'more likely: ' : 'less likely: ').$causes[$moved]->name,
            ];
        }

        return new self($observable, self::why($observable, $answers), $bits, $answers);
    }

    /**
     * The cause whose probability an answer moves most, and by how much.
     *
     * @param  list<float>  $chances  of the answer, by supposition
     * @param  list<array{list<int>, float}>  $live
     * @return array{int|null, float}
     */
    private static function moved(array $chances, array $live): array
    {
        $before = $after = [];
        $all = $seen = 0.0;
        foreach ($live as $i => [$held, $share]) {
            $all += $share;
            $seen += $share * $chances[$i];
            foreach ($held as $cause) {
                $before[$cause] = ($before[$cause] ?? 0.0) + $share;
                $after[$cause] = ($after[$cause] ?? 0.0) + $share * $chances[$i];
            }
        }
        $most = [null, 0.0];
        foreach ($before as $cause => $share) {
            $shift = ($seen > 0.0 ? $after[$cause] / $seen : 0.0) - $share / $all;
            if (abs($shift) > abs($most[1])) {
                $most = [$cause, $shift];
            }
        }

        return $most;
    }

    /** @param list<array{label: string, value: float|string, then: string}> $answers */
    private static function why(Observable $observable, array $answers): string
    {
        $telling = array_filter($answers, static fn(array $answer): bool => $answer['then'] !== 'little changes');
        $parts = array_map(
            static fn(array $answer): string => "{$answer['label']}: {$answer['then']}",
            $telling === [] ? $answers : $telling,
        );

        return "Look at: {$observable->field()->label}. ".implode('; ', $parts).'.';
    }
}

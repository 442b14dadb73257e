<?php

declare(strict_types=1);

namespace LowPoint\Bench\Simulation;

use LowPoint\Core\Evidence\EarlierSet;
use LowPoint\Core\Evidence\LessonCase;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Evidence\Tried;
use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Comparison;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\SetSummary;
use LowPoint\Core\Progress\Success;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Progress\TouchFigures;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Reading\WasTried;
use LowPoint\Core\Statements\CourseTold;
use LowPoint\Core\Statements\Figure;
use LowPoint\Core\Statements\Numbers;
use LowPoint\Core\Statements\Statement;
use LowPoint\Core\Statements\Statements;
use LowPoint\Core\Wording\Words;

/** Two whole lessons of a made-up student, three sets each, and what their sentences must never do to each other (handbook 16.5). */
final class LessonVoices
{
    private const PURPOSES = ['before', 'after', 'retest'];

    private const DAYS_APART = 10;

    /** @return list<string> */
    public static function against(ReadingEngine $engine, MadeUpStudent $student, Words $words = new Words): array
    {
        $found = $sets = $earlier = [];
        $cause = null;
        foreach ([0, self::DAYS_APART] as $day) {
            $readings = [];
            foreach (self::PURPOSES as $purpose) {
                $made = $student->realisticLesson();
                $reading = $engine->read(
                    new LessonCase($made->task, $made->seen, $made->balls, $made->handed, $made->limits, self::before($earlier, $day)),
                );
                $told = Statements::of($reading, $words);
                $readings[] = [$reading, $told];
                array_push($found, ...Voices::against($told, $reading));
                $sets[] = self::summary($reading, $day, $purpose);
                $worked = $reading->workOnFirst?->cause;
                $cause ??= $worked?->id;
                $earlier[] = [$day, new EarlierSet(new Tried(0, $purpose, workedOn: $worked?->id), $made->seen, $made->balls)];
                $student = $worked === null ? $student : $student->putRight($worked->id, WasTried::meantToChange($worked));
            }
            array_push($found, ...self::lesson($readings));
        }

        return [...$found, ...self::course($cause ?? '', $sets, $words)];
    }

    /**
     * @param  list<array{int, EarlierSet}>  $earlier
     * @return list<EarlierSet>
     */
    private static function before(array $earlier, int $day): array
    {
        return array_map(
            static fn(array $one): EarlierSet => new EarlierSet(
                new Tried($day - $one[0], $one[1]->tried->label, workedOn: $one[1]->tried->workedOn),
                $one[1]->seen,
                $one[1]->balls,
            ),
            $earlier,
        );
    }

    /**
     * A set has one count whoever tells it, and no sentence calls better what the counts call worse.
     *
     * @param  list<array{Reading, list<Statement>}>  $readings
     * @return list<string>
     */
    private static function lesson(array $readings): array
    {
        $goods = array_map(static fn(array $one): Tally => $one[0]->pattern->good(), $readings);
        $hit = array_values(array_filter($goods, static fn(Tally $one): bool => $one->of > 0));
        $word = $readings[0][0]->context->case->task->goodWord();
        $comparison = Comparison::of(array_map(static fn(Tally $one): CleanRate => new CleanRate($one), $hit), $word);
        $told = CourseTold::comparison($comparison);
        $found = self::unnamed($told);
        if (\count($hit) < 2) {
            return $found;
        }
        [$first, $last] = [$hit[0], $hit[\count($hit) - 1]];
        $counts = [[$first->count, 'first'], [$first->of, 'first'], [$last->count, 'last'], [$last->of, 'last']];
        foreach ($told[0]->figures as $figure) {
            if (! \in_array([$figure->value, $figure->set], $counts, true)) {
                $found[] = "{$figure->name} of the {$figure->set} set is {$figure->value}: {$told[0]->text}";
            }
        }
        $sure = $comparison->sure ?? '';
        $success = Success::of($goods, $word) ?? '';
        foreach (
            [
                'better' => $last->share() < $first->share(),
                'worse' => $last->share() > $first->share() || str_contains($success, 'then'),
            ] as $way => $not
        ) {
            if ($not && preg_match("~that it is {$way}~", $sure) === 1) {
                $found[] = "{$sure} beside {$told[0]->text} and {$success}";
            }
        }
        // The last reading tells of the same two sets as the comparison of the lesson does.
        foreach ($goods[\count($goods) - 1]->of === 0 ? [] : $readings[\count($readings) - 1][1] as $one) {
            if ($one->id === 'comparison' && $one->text !== $told[0]->text) {
                $found[] = "{$one->text} beside {$told[0]->text}";
            }
        }

        return $found;
    }

    /**
     * @param  list<SetSummary>  $sets
     * @return list<string>
     */
    private static function course(string $cause, array $sets, Words $words): array
    {
        $judgement = Judgement::of($sets);
        $touch = TouchChange::of($sets);
        $told = CourseTold::verdict($cause, $judgement, $touch, $words);
        $found = self::unnamed($told);
        $label = $judgement->label();
        $says = static fn(string $way): bool => str_contains($label, $way);
        if ($says('better') && $judgement->now !== null && $judgement->baseline !== null && $judgement->probability < 0.5) {
            $found[] = "{$label} with {$judgement->probability}";
        }
        if (($says('better') || $says('improving') || $says('fixed')) && preg_match('~is worse~', $judgement->text) === 1) {
            $found[] = "{$label}: {$judgement->text}";
        }
        if (($says('worse') || $says('slipping')) && preg_match('~better than at first~', $judgement->text) === 1) {
            $found[] = "{$label}: {$judgement->text}";
        }

        return $found;
    }

    /**
     * @param  list<Statement>  $told
     * @return list<string> numbers that have no figure, and figures with two values
     */
    private static function unnamed(array $told): array
    {
        $found = $values = [];
        foreach ($told as $one) {
            foreach (Numbers::in($one->text) as $number) {
                if (array_filter($one->figures, static fn(Figure $figure): bool => $figure->isTold($number)) === []) {
                    $found[] = "{$number} has no figure: {$one->text}";
                }
            }
            foreach ($one->figures as $figure) {
                $key = "{$one->kind->value} {$figure->name} {$figure->set}";
                $values[$key] ??= $figure->value;
                if (! str_starts_with($figure->name, 'sure.') && $values[$key] !== $figure->value) {
                    $found[] = "{$figure->name} is {$values[$key]} and {$figure->value}: {$one->text}";
                }
            }
        }

        return $found;
    }

    private static function summary(Reading $reading, int $day, string $purpose): SetSummary
    {
        $touch = $reading->pattern->touch;
        $task = $reading->context->case->task;

        return new SetSummary(
            $day,
            $purpose,
            $task->shot->value,
            $task->lie,
            $task->club->loftDeg,
            new CleanRate($reading->pattern->good()),
            $touch->mean === null || $touch->sd === null ? null : new TouchFigures($touch->n, $touch->mean, $touch->sd, 0.0),
        );
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Progress\CleanRate;
use LowPoint\Core\Progress\Comparison;
use LowPoint\Core\Progress\Judgement;
use LowPoint\Core\Progress\TouchChange;
use LowPoint\Core\Wording\Words;

/** What is told of a course: the last set of a lesson beside the first, and whether the work is done (handbook 07, 16.5). */
final class CourseTold
{
    private const OF_100 = 100;

    /** @return list<Statement> */
    public static function comparison(?Comparison $of): array
    {
        if ($of === null) {
            return [];
        }
        $sets = \count($of->rates) === 1 ? [null] : ['first', 'last'];
        $known = array_merge(...array_map(self::rate(...), $of->rates, $sets));
        $told = [new Statement('comparison', Kind::Comparison, $of->text, Numbers::told('comparison', $of->text, $known))];
        if ($of->sure !== null) {
            $told[] = new Statement(
                'comparison.sure',
                Kind::Comparison,
                $of->sure,
                Numbers::told('comparison.sure', $of->sure, self::ofHundred($of->sure)),
            );
        }

        return $told;
    }

    /** @return list<Statement> whether the strikes are better, and how the first touch is beside the one at first */
    public static function verdict(string $cause, Judgement $of, ?TouchChange $touch, Words $words): array
    {
        $known = [
            ...$of->moreBalls === null ? [] : [new Figure('more_balls', $of->moreBalls)],
            ...self::ofHundred($of->text),
        ];
        $told = [
            new Statement('verdict', Kind::Verdict, $of->label(), cause: $cause),
            new Statement('verdict.why', Kind::Verdict, $of->text, Numbers::told('verdict.why', $of->text, $known), cause: $cause),
        ];
        if ($touch !== null) {
            $text = $touch->text($words);
            $known = [
                ...KnownFigures::lies('touch', $touch->was->mean, $touch->was->sd, $words, set: 'first'),
                ...KnownFigures::lies('touch', $touch->now->mean, $touch->now->sd, $words, set: 'last'),
                ...self::ofHundred($text),
            ];
            $told[] = new Statement('verdict.touch', Kind::Verdict, $text, Numbers::told('verdict.touch', $text, $known), cause: $cause);
        }

        return $told;
    }

    /** @return list<Figure> */
    private static function rate(CleanRate $rate, ?string $set): array
    {
        return [
            new Figure('good.count', $rate->tally->count, '', set: $set),
            new Figure('good.of', $rate->tally->of, '', set: $set),
        ];
    }

    /** @return list<Figure> how sure, each time as a count of a hundred */
    private static function ofHundred(string $text): array
    {
        preg_match_all('~(\d+) in 100~', $text, $found);

        return [
            ...array_map(
                static fn(string $count, int $at): Figure => new Figure('sure.'.($at + 1), (int) $count),
                $found[1],
                array_keys($found[1]),
            ),
            new Figure('sure.of', self::OF_100),
        ];
    }
}

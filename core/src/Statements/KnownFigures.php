<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Evidence\LowPointSource;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Evidence\Tally;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Reading\BallsInWords;
use LowPoint\Core\Reading\Reading;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** All figures that a reading has, each under one name: what a sentence tells is one of these. */
final readonly class KnownFigures
{
    private const OF_TEN = 10;

    private const OF_TEN_UNIT = 'of 10';

    private BallsInWords $balls;

    public function __construct(
        private Reading $reading,
        private Words $words,
    ) {
        $this->balls = new BallsInWords($reading->context, $words, 0.0);
    }

    /**
     * @param  list<Observable>  $looks
     * @return list<Figure> as they were given
     */
    public function looks(array $looks): array
    {
        $seen = $this->reading->context->case->seen;
        $figures = [];
        foreach ($looks as $what) {
            $told = $seen->told($what);
            $day = $seen->standing()[$what->value] ?? null;
            // A choice is no figure; a figure given as a word is one all the same.
            if ($told === null || $seen->choice($what) !== null) {
                continue;
            }
            $figures[] = \is_string($told)
                ? new Figure($what->value, $this->words->value($what, $told), day: $day)
                : Figure::said($what->value, $this->words->value($what, abs($told)), $told, day: $day);
            if ($what->field()->unit === self::OF_TEN_UNIT) {
                $figures[] = new Figure("{$what->value}.of", self::OF_TEN);
            }
            $half = $seen->half($what);
            if ($half !== null) {
                $figures[] = Figure::said("{$what->value}.half", $this->words->value($what, $half), $half, day: $day);
            }
        }

        return $figures;
    }

    /** @return list<Figure> of what the balls tell */
    public function term(string $term): array
    {
        $context = $this->reading->context;
        $balls = $this->balls->balls($term);
        $tally = $this->balls->tally($term);

        return match (true) {
            $tally !== null => $this->tally($term, $tally, $balls),
            $term === 'touch' => $this->touch($balls),
            \in_array($term, ['marks', 'strikes'], true) => $this->kinds($term, $balls),
            $term === 'carry' => [$this->percent('carry', $context->pattern->middleCarryError($context->case) ?? 0.0, $balls)],
            $term === 'carry scatter' => [$this->percent('carry.sd', $context->pattern->carryError($context->case)->sd ?? 0.0, $balls)],
            default => [$this->degrees('start', $context->pattern->start($context->case)->mean ?? 0.0, $balls)],
        };
    }

    /** @return list<int> the balls that a term rests on */
    public function balls(string $term): array
    {
        return $this->balls->balls($term);
    }

    /** @return list<Figure> of the pattern in a line and in two */
    public function pattern(): array
    {
        $pattern = $this->reading->pattern;
        $struck = $this->balls->balls('strikes');

        return [
            ...$this->tally('good', $pattern->good(), $struck),
            new Figure('balls', $pattern->count(), '', array_keys($pattern->balls)),
            ...$this->kinds('strikes', $struck),
            ...$this->touch($this->balls->balls('touch')),
        ];
    }

    /** @return list<Figure> */
    public function lowPoint(): array
    {
        $pattern = $this->reading->pattern;
        $seen = $this->reading->context->case->seen;
        $traced = $seen->number(Observable::LowPoint);
        if ($traced !== null) {
            return [
                ...$this->looks([Observable::LowPoint]),
                new Figure('low_point.swings', 1),
                Figure::said(
                    'low_point.half',
                    $this->words->scatter(Normal::HALF_OF_90 * $seen->errorOf(Observable::LowPoint)),
                    1.0,
                ),
            ];
        }
        [$mean, $error] = [$pattern->lowPoint->mean, $this->reading->lowPointErrorMm];
        if ($mean === null || $error === null) {
            return [new Figure('no_mark', $pattern->sourced(LowPointSource::Censored), '', array_keys($pattern->balls))];
        }
        $half = Normal::HALF_OF_90 * $error;
        $marked = $this->balls->balls('marks');
        if ($pattern->knowsLowPoint()) {
            return [
                $this->ground('low_point', $mean, $marked),
                Figure::said('low_point.half', $this->words->scatter($half), 1.0, $marked),
            ];
        }
        $ends = [$this->ground('low_point.from', $mean - $half, $marked), $this->ground('low_point.to', $mean + $half, $marked)];

        // The nearer one is told first.
        return $mean - $half < 0 && $mean + $half < 0 ? array_reverse($ends) : $ends;
    }

    /** @return list<Figure> how likely a cause is, as a coach counts it */
    public function chance(Cause $cause): array
    {
        foreach ($this->reading->causes as $one) {
            if ($one->cause === $cause) {
                $numbers = Numbers::in($this->words->chance($one->probability));

                return array_map(
                    static fn(float $number, int $at): Figure => new Figure("chance.{$cause->id}".($at === 0 ? '' : '.of'), $number),
                    $numbers,
                    array_keys($numbers),
                );
            }
        }

        return [];
    }

    /** @return list<Figure> */
    public function gain(string $cause, float $more): array
    {
        return [new Figure("gain.{$cause}", $more, 'of ten'), new Figure('of', self::OF_TEN)];
    }

    /** @return list<Figure> good strikes of ten now and once it is put right */
    public function prediction(): array
    {
        $prediction = $this->reading->prediction;
        $figures = [new Figure('of', self::OF_TEN)];
        if ($prediction === null) {
            return $figures;
        }
        $ten = static fn(string $name, float $share): Figure => new Figure($name, Words::tens($share), 'of ten');
        $figures[] = $ten('good.of_ten', $prediction->now);
        if ($prediction->after !== null && $prediction->range !== null) {
            array_unshift(
                $figures,
                $ten('put_right.of_ten', $prediction->after),
                $ten('put_right.least', $prediction->range[0]),
                $ten('put_right.most', $prediction->range[1]),
            );
        }

        return $prediction->touchMm === null ? $figures : [$this->ground('put_right.touch', $prediction->touchMm), ...$figures];
    }

    /** @return list<Figure> where a figure of the set-up is to lie, and where it is now */
    public function setup(SetupChange $change): array
    {
        if ($change->what === null) {
            return [];
        }
        $what = $change->what;
        $said = fn(string $name, float $of): Figure => Figure::said($name, $this->words->value($what, abs($of)), $of);
        $ends = match (true) {
            $change->range !== null => [
                $said("aim.{$what->value}.from", $change->range->from),
                $said("aim.{$what->value}.to", $change->range->to),
            ],
            $change->to !== null => [$said("aim.{$what->value}", $change->to)],
            default => [],
        };

        $of = $what->field()->unit === self::OF_TEN_UNIT ? [new Figure("{$what->value}.of", self::OF_TEN)] : [];

        return [...$ends, ...$of, ...$this->looks([$what])];
    }

    /**
     * Where touches lie: their mean, and the ends of their middle 80 %, the nearer one first as it is told.
     *
     * @param  list<int>|null  $balls
     * @return list<Figure>
     */
    public static function lies(string $name, float $mean, ?float $sd, Words $words, ?array $balls = null, ?string $set = null): array
    {
        $told = static fn(string $key, float $mm): Figure => Figure::said($key, $words->ground($mm), $mm, $balls)->ofSet($set);
        $figures = [$told($name, $mean)];
        if ($sd === null) {
            return $figures;
        }
        [$from, $to] = Words::middle($mean, $sd);
        $ends = [$told("{$name}.from", $from), $told("{$name}.to", $to)];

        return [...$figures, ...$from < 0 && $to < 0 ? array_reverse($ends) : $ends];
    }

    /**
     * Two groups of touches, or their mean and where most of them lie.
     *
     * @param  list<int>  $balls
     * @return list<Figure>
     */
    private function touch(array $balls): array
    {
        $pattern = $this->reading->pattern;
        $groups = $pattern->touchGroups();
        if ($groups !== null) {
            $figures = array_map(
                fn(Spread $group, int $at): Figure => $this->ground('touch.group_'.($at + 1), $group->mean ?? 0.0, $balls),
                $groups,
                array_keys($groups),
            );

            return [...$figures, new Figure('touch.groups', \count($groups), '', $balls)];
        }
        if ($pattern->touch->mean === null) {
            return [];
        }

        return self::lies('touch', $pattern->touch->mean, $pattern->touch->sd, $this->words, $balls);
    }

    /**
     * @param  list<int>  $balls
     * @return list<Figure>
     */
    public function tally(string $name, Tally $tally, array $balls): array
    {
        return [new Figure("{$name}.count", $tally->count, '', $balls), new Figure("{$name}.of", $tally->of, '', $balls)];
    }

    /**
     * @param  list<int>  $balls
     * @return list<Figure>
     */
    private function kinds(string $term, array $balls): array
    {
        $figures = [];
        foreach ($this->balls->kinds($term) as $kind => $count) {
            $figures[] = new Figure("{$term}.{$kind}", $count, '', $balls);
        }

        return $figures;
    }

    /** @param list<int>|null $balls */
    private function ground(string $name, float $mm, ?array $balls = null): Figure
    {
        return Figure::said($name, $this->words->ground($mm), $mm, $balls);
    }

    /** @param list<int>|null $balls */
    private function percent(string $name, float $share, ?array $balls): Figure
    {
        return Figure::said($name, $this->words->percent(abs($share)), $share, $balls);
    }

    /** @param list<int>|null $balls */
    private function degrees(string $name, float $degrees, ?array $balls): Figure
    {
        return Figure::said($name, $this->words->degrees($degrees), $degrees, $balls);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\ShotChoice;

use LowPoint\Core\Wording\Words;

/** Why the best shot is best, and what is against each of the others, in a line: read off the figures, never decided here. */
final readonly class Reasons
{
    /** A share worth a word, and one that is hardly any. Origin: chosen by us. */
    private const WORTH_A_WORD = 0.08;

    private const HARDLY_ANY = 0.03;

    /** A good strike that lands so much past the hole, or rolls on so far, holds no longer, m. Origin: chosen by us. */
    private const HOLDS_WITHIN_M = 1.0;

    /** Less loft is told of where it is less by so much, degrees. */
    private const LESS_LOFT_DEG = 6.0;

    public function __construct(
        private Ground $ground,
        private Words $words,
    ) {}

    /**
     * @param  list<PlannedShot>  $options  best first
     * @return list<PlannedShot>
     */
    public function told(array $options): array
    {
        return array_map(
            fn(PlannedShot $one, int $place): PlannedShot => $one->because(
                $place === 0 ? $this->forBest($one, \array_slice($options, 1)) : $this->against($one, $options[0]),
            ),
            $options,
            array_keys($options),
        );
    }

    /** @param list<PlannedShot> $others */
    private function forBest(PlannedShot $best, array $others): string
    {
        if ($best->clears === false) {
            return 'Nothing in this bag gets over what stands in the way: play around it, or sideways.';
        }
        if ($best->kind === ShotKind::Putt) {
            return 'No strike to miss: the ball rolls all the way.';
        }
        $loft = $best->builtLoftDeg();
        $lofted = array_filter($others, static fn(PlannedShot $one): bool => $one->builtLoftDeg() >= $loft + self::LESS_LOFT_DEG);
        $lower = array_filter($others, static fn(PlannedShot $one): bool => $one->club !== null
            && $one->builtLoftDeg() <= $best->builtLoftDeg() - self::LESS_LOFT_DEG);
        if ($best->clears === true && array_filter($lower, static fn(PlannedShot $one): bool => $one->clears !== false) === []) {
            return 'The lowest that clears what stands in the way.';
        }
        if ($lofted !== []) {
            $high = $lofted[array_key_first($lofted)];
            $parts = array_filter([
                $this->more($high->finish->thin + $high->finish->heavy, $best->finish->thin + $best->finish->heavy)
                    ? "a slower swing with {$this->missed($best)} missed instead of {$this->missed($high)}"
                    : null,
                $best->finish->thin > self::HARDLY_ANY && $best->finish->offBack < $best->finish->thin / 2
                    ? 'a thin one still stays on'
                    : null,
                $this->more($high->finish->shortOfGreen, $best->finish->shortOfGreen) ? 'a heavy one still reaches the green' : null,
            ]);

            return 'Less loft: '.($parts === [] ? 'there is green to roll on.' : implode(', ', $parts).'.');
        }
        $past = $lower === [] ? 0.0 : min(array_map($this->past(...), $lower));
        if ($past > self::HOLDS_WITHIN_M) {
            return $best->clears === true
                ? 'The lower ones clear it only by flying further, and then run past.'
                : "Nothing but height stops: a lower one that lands on the green runs {$this->words->course($past)} past.";
        }

        return 'It leaves the ball nearest on average.';
    }

    private function against(PlannedShot $one, PlannedShot $best): string
    {
        if ($one->clears === false) {
            return 'Does not clear what stands in the way.';
        }
        if ($one->kind === ShotKind::Putt) {
            return "The {$this->ground->lie->label()} takes speed, and never the same.";
        }
        if ($this->past($one) > self::HOLDS_WITHIN_M) {
            return "Struck well it runs {$this->words->course($this->past($one))} past.";
        }
        if ($this->more($one->finish->shortOfGreen, $best->finish->shortOfGreen)) {
            return "{$this->often($one->finish->shortOfGreen)} stays short of the green.";
        }
        if ($this->more($one->finish->offBack, $best->finish->offBack)) {
            return "{$this->often($one->finish->offBack)} runs off the back.";
        }
        if ($this->more($one->finish->thin + $one->finish->heavy, $best->finish->thin + $best->finish->heavy)) {
            return "A faster swing: {$this->missed($one)} missed instead of {$this->missed($best)}.";
        }

        return 'Nearly as good.';
    }

    /** How far a good strike runs past the hole, m. */
    private function past(PlannedShot $one): float
    {
        return $one->carryM + $one->rollM - $this->ground->totalM;
    }

    private function more(float $share, float $other): bool
    {
        return $share - $other >= self::WORTH_A_WORD;
    }

    private function missed(PlannedShot $one): string
    {
        return $this->words->ofTen($one->finish->thin + $one->finish->heavy);
    }

    /** "One in six" */
    private function often(float $share): string
    {
        return 'One in '.$this->words->count((int) max(1, round(1 / max($share, 1.0e-3))));
    }
}

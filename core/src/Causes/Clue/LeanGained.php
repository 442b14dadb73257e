<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/**
 * Shaft lean at the strike: with the fault so much more or less than at address (than on the card, where that was not looked at). A sound
 * player brings it back to the card however he began: what he set up wrongly is a fault of its own (handbook 16.2).
 */
final readonly class LeanGained implements Clue
{
    /** @param bool $andMore a lean beyond the ramp is no less the fault */
    public function __construct(
        private float $from,
        private float $to,
        private Strength $strength,
        private bool $andMore = true,
    ) {}

    public function needs(): array
    {
        return [Observable::ImpactLean];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $lean = $context->case->seen->number(Observable::ImpactLean);
        $card = $context->stock->normal(Observable::ImpactLean);
        if ($lean === null || $card === null) {
            return null;
        }
        $start = $context->case->seen->number(Observable::ShaftLean);
        $error = $context->case->seen->errorOf(Observable::ImpactLean);
        $begun = $start ?? $card->mean;
        $change = $lean - $begun;

        return Density::ratioTo(
            $change,
            $this->andMore ? Density::held($change, $this->from, $this->to) : $change,
            new Normal($card->mean - $begun, $card->sd),
            Density::onRamp($this->from, $this->to),
            $start === null ? $error : hypot($error, $context->case->seen->errorOf(Observable::ShaftLean)),
            $this->strength->shareOfFigures(),
            Observable::ImpactLean->field(),
        );
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        $lean = $context->case->seen->number(Observable::ImpactLean);
        $begun = $context->case->seen->number(Observable::ShaftLean) ?? $context->stock->normal(Observable::ShaftLean)?->mean;

        return $lean !== null && $begun !== null && Density::isPast($lean - $begun, $this->from, $this->to);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $lean = $context->case->seen->number(Observable::ImpactLean) ?? 0.0;
        $start = $context->case->seen->number(Observable::ShaftLean);
        $told = $context->case->seen->told(Observable::ImpactLean);
        $text = $words->observed(Observable::ImpactLean, $told ?? $lean)
            .$words->measured(Observable::ImpactLean, $context->case->seen->half(Observable::ImpactLean));

        return $start === null || \is_string($told) || \is_string($context->case->seen->told(Observable::ShaftLean))
            ? $text
            : "{$text}, {$words->degrees($lean - $start)} ".($lean < $start ? 'less' : 'more').' than at address';
    }

    public function title(): string
    {
        return 'Lean at the strike against address';
    }

    public function how(Words $words): string
    {
        $change = static fn(float $deg): string => $words->degrees($deg).($deg < 0 ? ' less' : ' more');

        return "{$this->strength->adverb()} {$change($this->from)} to {$change($this->to)} than at address with this fault";
    }
}

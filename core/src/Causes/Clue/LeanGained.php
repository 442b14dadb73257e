<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** Shaft lean at the strike against that at address (where it was not looked at, against the card): won or lost on the way. */
final readonly class LeanGained implements Clue
{
    /** How far sound players differ from where they started, degrees. Origin: chosen by us. */
    private const SOUND_SD_DEG = 1.8;

    public function __construct(
        private float $from,
        private float $to,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [Observable::ImpactLean];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $lean = $context->case->seen->number(Observable::ImpactLean);
        $card = $context->stock->normal(Observable::ShaftLean);
        if ($lean === null || $card === null) {
            return null;
        }
        $start = $context->case->seen->number(Observable::ShaftLean);
        $error = $context->case->seen->errorOf(Observable::ImpactLean);
        $sound = new Normal(0.0, $start === null ? hypot(self::SOUND_SD_DEG, $card->sd) : self::SOUND_SD_DEG);

        return Density::ratio(
            $lean - ($start ?? $card->mean),
            $sound,
            $this->from,
            $this->to,
            $start === null ? $error : hypot($error, $context->case->seen->errorOf(Observable::ShaftLean)),
            $this->strength->shareOfFigures(),
            Observable::ImpactLean->field(),
        );
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $lean = $context->case->seen->number(Observable::ImpactLean) ?? 0.0;
        $start = $context->case->seen->number(Observable::ShaftLean);
        $text = $words->observed(Observable::ImpactLean, $lean)
            .$words->measured(Observable::ImpactLean, $context->case->seen->half(Observable::ImpactLean));

        return $start === null
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

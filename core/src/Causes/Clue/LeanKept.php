<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** A lean of the shaft at address that is still there at the strike: what was set up is what is delivered (handbook 16.2). */
final readonly class LeanKept implements Clue
{
    /** How far the lean at the strike differs from one that was set up and kept, degrees. Origin: handbook 16.2. */
    private const KEPT_SD_DEG = 3.0;

    /**
     * @param  float  $from  the ramp of the lean at address, degrees; $to its end
     */
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
        $seen = $context->case->seen;
        $lean = $seen->number(Observable::ImpactLean);
        $sound = $context->stock->normal(Observable::ImpactLean);
        if ($lean === null || $sound === null) {
            return null;
        }
        $address = $seen->number(Observable::ShaftLean);
        $ramp = Density::onRamp($this->from, $this->to);
        $faulty = $address === null
            ? new Normal($ramp->mean, hypot($ramp->sd, self::KEPT_SD_DEG))
            : new Normal($address, hypot(self::KEPT_SD_DEG, $seen->errorOf(Observable::ShaftLean)));

        // More than a lean that nobody looked at is no less of it.
        return Density::ratioTo(
            $lean,
            $address === null ? min($lean, max($sound->mean, $faulty->mean)) : $lean,
            $sound,
            $faulty,
            $seen->errorOf(Observable::ImpactLean),
            $this->strength->shareOfFigures(),
            Observable::ImpactLean->field(),
        );
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        $lean = $context->case->seen->number(Observable::ImpactLean);

        return $lean !== null && Density::isPast($lean, $this->from, $this->to);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $seen = $context->case->seen;

        return $words->observed(Observable::ImpactLean, $seen->told(Observable::ImpactLean) ?? 0.0)
            .$words->measured(Observable::ImpactLean, $seen->half(Observable::ImpactLean));
    }

    public function title(): string
    {
        return Observable::ImpactLean->field()->label;
    }

    public function how(Words $words): string
    {
        return "{$this->strength->adverb()} as much as at address with this fault";
    }
}

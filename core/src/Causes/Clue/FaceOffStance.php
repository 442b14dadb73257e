<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Strike\Normal;
use LowPoint\Core\Wording\Words;

/** Face opened more, or less, than the stance: among sound players by what their school wants and no more. */
final readonly class FaceOffStance implements Clue
{
    /** How far sound players differ in it, degrees. Origin: chosen by us. */
    private const SOUND_SD_DEG = 5.0;

    public function __construct(
        private float $fromDeg,
        private float $toDeg,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [Observable::FaceOpen, Observable::StanceOpen];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $off = $this->offWanted($context);

        return $off === null ? null : Density::ratio(
            $off,
            new Normal(0.0, self::SOUND_SD_DEG),
            $this->fromDeg,
            $this->toDeg,
            hypot($context->case->seen->errorOf(Observable::FaceOpen), $context->case->seen->errorOf(Observable::StanceOpen)),
            $this->strength->shareOfFigures(),
            Observable::FaceOpen->field(),
        );
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        $off = $this->offWanted($context);

        return $off !== null && Density::isPast($off, $this->fromDeg, $this->toDeg);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        return 'face and stance differ by '.$words->degrees(self::difference($context) ?? 0.0);
    }

    public function title(): string
    {
        return 'Face against stance';
    }

    public function how(Words $words): string
    {
        $range = "{$words->degrees($this->fromDeg)} to {$words->degrees($this->toDeg)}";

        return "{$this->strength->adverb()} {$range} beyond what the school wants with this fault";
    }

    /** How far face and stance are from what the school wants of them, degrees. */
    private function offWanted(EvidenceContext $context): ?float
    {
        $difference = self::difference($context);
        $face = $context->stock->normal(Observable::FaceOpen);
        $stance = $context->stock->normal(Observable::StanceOpen);

        return $difference === null || $face === null || $stance === null ? null : abs($difference - $face->mean + $stance->mean);
    }

    /** Face minus stance, degrees. */
    private static function difference(EvidenceContext $context): ?float
    {
        $face = $context->case->seen->number(Observable::FaceOpen);
        $stance = $context->case->seen->number(Observable::StanceOpen);

        return $face === null || $stance === null ? null : $face - $stance;
    }
}

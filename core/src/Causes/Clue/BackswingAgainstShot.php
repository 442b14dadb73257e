<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** Backswing longer, shorter, or either, than the carry asks of a free swing. */
final readonly class BackswingAgainstShot implements Clue
{
    /** Share of sound players whose backswing is read a step too long, and a step too short. Origin: chosen by us. */
    private const SOUND_OFF = 0.13;

    /** @param int $sign 1 = longer counts, -1 = shorter counts, 0 = either */
    public function __construct(
        private int $sign,
        private Strength $strength,
    ) {}

    public function needs(): array
    {
        return [Observable::BackswingLength];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $steps = self::steps($context);
        if ($steps === null) {
            return null;
        }
        $counts = $this->counts($steps);
        $sound = $this->sign === 0 ? 2 * self::SOUND_OFF : self::SOUND_OFF;

        return log($counts ? $this->strength->share() / $sound : (1 - $this->strength->share()) / (1 - $sound));
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        $steps = self::steps($context);

        return $steps !== null && $this->counts($steps);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        $steps = self::steps($context) ?? 0;
        $asks = $context->case->task->ownLength === null ? 'the shot asks' : 'his own chart asks';
        $how =
            $steps === 0
                ? "as long as {$asks}"
                : $words->count(abs($steps)).
                    ' step'.
                    (abs($steps) === 1 ? '' : 's').
                    ($steps > 0 ? ' longer' : ' shorter').
                    " than {$asks}";

        return "the backswing is {$how}";
    }

    public function title(): string
    {
        return 'Backswing against the carry';
    }

    public function how(Words $words): string
    {
        return "{$this->strength->adverb()} ".
            match ($this->sign) {
                1 => 'longer',
                -1 => 'shorter',
                default => 'longer or shorter',
            }.
            ' than the carry asks with this fault';
    }

    private function counts(int $steps): bool
    {
        return $this->sign === 0 ? $steps !== 0 : $this->sign * $steps > 0;
    }

    private static function steps(EvidenceContext $context): ?int
    {
        $seen = Backswing::seen($context->case->seen->choice(Observable::BackswingLength));
        $asked = Backswing::askedBy($context->case->task);

        return $seen === null || $asked === null ? null : $seen->value - $asked->value;
    }
}

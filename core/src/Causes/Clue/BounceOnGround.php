<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Wording\Words;

/** The club has more bounce than hard ground forgives: it skips before the edge gets to the ball. */
final readonly class BounceOnGround implements Clue
{
    /**
     * From here on a sole has much bounce, degrees. Origin: handbook 14.6 (skips lead with 14 on tight ground); the border chosen by us.
     */
    public const MUCH_DEG = 11.0;

    /** Share of wedges that have so much. Origin: chosen by us. */
    private const USUAL_SHARE = 0.35;

    public function __construct(private Strength $strength) {}

    public function needs(): array
    {
        return [];
    }

    public function weight(EvidenceContext $context): float
    {
        $share = $this->strength->share();

        return log(
            $context->case->task->club->bounceDeg >= self::MUCH_DEG ? $share / self::USUAL_SHARE : (1 - $share) / (1 - self::USUAL_SHARE),
        );
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        return false;
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        return 'the club has '.$words->degrees($context->case->task->club->bounceDeg).' of bounce';
    }

    public function title(): string
    {
        return 'Bounce of the club';
    }

    public function how(Words $words): string
    {
        return "{$this->strength->adverb()} ".$words->degrees(self::MUCH_DEG).' of bounce or more with this fault';
    }
}

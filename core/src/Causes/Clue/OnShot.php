<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Wording\Words;

/** A clue whose figures hold for one shot only. */
final readonly class OnShot implements Clue
{
    public function __construct(
        private Shot $shot,
        private Clue $clue,
    ) {}

    public function needs(): array
    {
        return $this->clue->needs();
    }

    public function weight(EvidenceContext $context): ?float
    {
        return $context->case->task->shot === $this->shot ? $this->clue->weight($context) : null;
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        return $context->case->task->shot === $this->shot && $this->clue->speaksFor($context);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        return $this->clue->text($context, $words);
    }

    public function title(): string
    {
        return $this->clue->title();
    }

    public function how(Words $words): string
    {
        return "for a {$this->shot->value}: ".$this->clue->how($words);
    }
}

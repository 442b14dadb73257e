<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/** One piece of evidence as it bears on a cause: what was seen, how strongly it weighs (log-odds) and by which rule. */
final readonly class WeighedClue
{
    public function __construct(
        public string $text,
        public float $weight,
        public string $how,
    ) {}

    /** @return array{text: string, odds: float, how: string} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'odds' => round(exp($this->weight), 2), 'how' => $this->how];
    }
}

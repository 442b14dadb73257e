<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

/** One piece of evidence as it bears on a cause: what was seen, how strongly it weighs (log-odds) and by which rule. */
final readonly class WeighedClue
{
    /** Odds beyond a million are not told apart, as a log. */
    private const MOST_LOG = 13.8;

    public function __construct(
        public string $text,
        public float $weight,
        public string $how,
    ) {}

    /** @return array{text: string, odds: float, how: string} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'odds' => round(exp(max(-self::MOST_LOG, min(self::MOST_LOG, $this->weight))), 2), 'how' => $this->how];
    }
}

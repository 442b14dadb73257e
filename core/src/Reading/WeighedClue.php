<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Evidence\Observable;

/**
 * One piece of evidence as it bears on a cause: what was seen, how strongly it weighs (log-odds) and by which rule.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-type WeighedClueShape array{
 *     // What was seen, in words.
 *     text: ToldShape,
 *     // How much likelier it makes the cause; below 1 it speaks against it.
 *     odds: float,
 *     // "speaks strongly for it"
 *     says: ToldShape,
 *     how: ToldShape,
 *     // It was looked at; else the balls tell it.
 *     is_look: bool,
 * }
 */
final readonly class WeighedClue
{
    /** Odds beyond a million are not told apart, as a log. */
    private const MOST_LOG = 13.8;

    /** From these odds on, as logs, a clue speaks strongly, or at all loudly: 6 and 2. Origin: chosen by us. */
    private const STRONGLY_LOG = 1.79;

    private const CLEARLY_LOG = 0.69;

    public function __construct(
        public string $text,
        public float $weight,
        public string $how,
        /** Else it is told by the balls. */
        public bool $isLook,
        /** @var list<Observable> what was looked at for it */
        public array $looks = [],
        /** What the balls tell; null where it is a look, or what came of trying. */
        public ?string $term = null,
        /** Of what came of trying: how long ago it was worked on. */
        public ?int $daysAgo = null,
    ) {}

    /** How strongly it speaks, and for what, in words. */
    public function says(): string
    {
        $size = abs($this->weight);
        $how = $size >= self::STRONGLY_LOG ? 'speaks strongly' : ($size >= self::CLEARLY_LOG ? 'speaks' : 'speaks a little');

        return $how.($this->weight > 0 ? ' for it' : ' against it');
    }

    /** @return WeighedClueShape */
    public function toArray(): array
    {
        return [
            'text' => $this->text,
            'odds' => round(exp(max(-self::MOST_LOG, min(self::MOST_LOG, $this->weight))), 2),
            'says' => $this->says(),
            'how' => $this->how,
            'is_look' => $this->isLook,
        ];
    }
}

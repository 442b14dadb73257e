<?php

declare(strict_types=1);

namespace LowPoint\Core\Ledger;

use LowPoint\Core\Reading\Learned;

/**
 * What a ledger teaches, and whether it is used.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type LearnedShape from Learned
 * @phpstan-type HeldShape array{
 *     // Mean natural log of the chance given to what was confirmed; null where nothing was fitted.
 *     log_score: float|null,
 *     // Share of these lines where it stood first.
 *     first: float|null,
 * }
 * @phpstan-type FindingShape array{
 *     lines: int,
 *     confirmed: int,
 *     // Confirmed lines that were held against a fit on those before them.
 *     held_out: int,
 *     engine: HeldShape,
 *     corrected: HeldShape,
 *     adopted: bool,
 *     why: ToldShape,
 *     correction: LearnedShape|null,
 *     sentences: list<ToldShape>,
 * }
 */
final readonly class Finding
{
    /**
     * @param  array{float, float}|null  $engine  log score and share first; null where nothing was fitted
     * @param  array{float, float}|null  $corrected  the same
     * @param  list<string>  $sentences
     */
    public function __construct(
        public int $lines,
        public int $confirmed,
        public int $heldOut,
        public ?array $engine,
        public ?array $corrected,
        public bool $adopted,
        public string $why,
        public ?Learned $learned,
        public array $sentences,
    ) {}

    /** @return FindingShape */
    public function toArray(): array
    {
        return [
            'lines' => $this->lines,
            'confirmed' => $this->confirmed,
            'held_out' => $this->heldOut,
            'engine' => self::held($this->engine),
            'corrected' => self::held($this->corrected),
            'adopted' => $this->adopted,
            'why' => $this->why,
            'correction' => $this->learned?->toArray(),
            'sentences' => $this->sentences,
        ];
    }

    /**
     * @param  array{float, float}|null  $one
     * @return HeldShape
     */
    private static function held(?array $one): array
    {
        return [
            'log_score' => $one === null ? null : round($one[0], 4),
            'first' => $one === null ? null : round($one[1], 4),
        ];
    }
}

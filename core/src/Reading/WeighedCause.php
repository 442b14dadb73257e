<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Effort;

/**
 * A cause with its probability, its evidence and what curing it would gain.
 *
 * @phpstan-import-type ToldShape from \LowPoint\Core\Records\Shape
 * @phpstan-import-type WeighedClueShape from WeighedClue
 * @phpstan-type WeighedCauseShape array{
 *     id: string,
 *     name: ToldShape,
 *     probability: float,
 *     for: list<WeighedClueShape>,
 *     against: list<WeighedClueShape>,
 *     // The heaviest things that speak for it.
 *     main_reasons: list<ToldShape>,
 *     // Good strikes won by its cure, as a share.
 *     gain: float|null,
 *     gain_text: ToldShape|null,
 *     effort: value-of<Effort>,
 *     if_wrong: ToldShape,
 *     prior: float,
 *     // A look that it is known by was seen, whatever else explains the balls.
 *     seen: bool,
 *     // It was put right, and the balls tell that it was not it, or not alone. Answers kept long ago do not say.
 *     doubted?: bool,
 * }
 */
final readonly class WeighedCause
{
    /** So many reasons are told where there is no room for all. Origin: chosen by us. */
    private const MAIN_REASONS = 3;

    /** A cause that nobody has looked at is named from here on. Origin: handbook 16.2. */
    private const BY_BALLS_ALONE = 0.6;

    /**
     * @param  float  $prior  probability before anything was seen, 0..1
     * @param  float  $probability  0..1
     * @param  list<WeighedClue>  $for  heaviest first
     * @param  list<WeighedClue>  $against  heaviest first
     * @param  bool  $seen  a look that it is known by was seen
     * @param  float|null  $gain  predicted change of the good rate (0..1); null where the model sees none or is not asked
     * @param  string|null  $gainText  what the model says of putting it right; null where it is not asked
     * @param  bool  $doubted  it was put right, and the balls tell that it was not it, or not alone
     */
    public function __construct(
        public Cause $cause,
        public float $prior,
        public float $probability,
        public array $for,
        public array $against,
        public bool $seen = false,
        public ?float $gain = null,
        public ?string $gainText = null,
        public bool $doubted = false,
    ) {}

    /** Whether it may be worked on: a look of its own speaks for it, or it has none, or the balls alone do (handbook 16.2). */
    public function mayBeNamed(): bool
    {
        return $this->seen || $this->probability > self::BY_BALLS_ALONE || ! $this->cause->isLookedAt();
    }

    /** @return list<string> the heaviest things that speak for it, in words */
    public function mainReasons(): array
    {
        return array_map(static fn(WeighedClue $clue): string => $clue->text, \array_slice($this->for, 0, self::MAIN_REASONS));
    }

    /** A look, or what came of trying, speaks against it. */
    public function isSeenOtherwise(): bool
    {
        return array_filter($this->against, static fn(WeighedClue $clue): bool => $clue->term === null) !== [];
    }

    /** A warning says that it is at work: what all balls come to on average does not stand against what it tells of some of them. */
    public function asWarned(): self
    {
        $against = array_values(array_filter($this->against, static fn(WeighedClue $clue): bool => $clue->term === null));
        $told = [$this->cause, $this->prior, $this->probability, $this->for, $against, $this->seen];

        return new self(...$told, gain: $this->gain, gainText: $this->gainText, doubted: $this->doubted);
    }

    public function withGain(?float $gain, string $text): self
    {
        $told = [$this->cause, $this->prior, $this->probability, $this->for, $this->against, $this->seen];

        return new self(...$told, gain: $gain, gainText: $text, doubted: $this->doubted);
    }

    /** @return WeighedCauseShape */
    public function toArray(): array
    {
        return [
            'id' => $this->cause->id,
            'name' => $this->cause->name,
            'probability' => round($this->probability, 4),
            'for' => array_map(static fn(WeighedClue $clue): array => $clue->toArray(), $this->for),
            'against' => array_map(static fn(WeighedClue $clue): array => $clue->toArray(), $this->against),
            'main_reasons' => $this->mainReasons(),
            'gain' => $this->gain === null ? null : round($this->gain, 4),
            'gain_text' => $this->gainText,
            'effort' => $this->cause->cure->effort->value,
            'if_wrong' => $this->cause->ifWrong,
            'prior' => round($this->prior, 4),
            'seen' => $this->seen,
            'doubted' => $this->doubted,
        ];
    }
}

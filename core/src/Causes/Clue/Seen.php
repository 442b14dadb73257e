<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Clue;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Wording\Words;

/** Something seen in words: how often students with the fault show one of these words, against how often anybody does. */
final readonly class Seen implements Clue
{
    /** A word beside the point is somewhat rarer under the fault. Origin: chosen by us. */
    private const NEUTRAL = 0.7;

    /**
     * @param  list<string>  $for
     * @param  list<string>  $neutral  words that hardly speak against it
     */
    public function __construct(
        private Observable $what,
        private array $for,
        private Strength $strength,
        private array $neutral = [],
    ) {}

    public function needs(): array
    {
        return [$this->what];
    }

    public function weight(EvidenceContext $context): ?float
    {
        $value = $context->case->seen->choice($this->what);
        if ($value === null) {
            return null;
        }
        $base = array_sum(array_map(fn(string $word): float => $this->what->field()->shareOf($word), $this->for));
        if (\in_array($value, $this->for, true)) {
            return log(max(1.0, $this->strength->share() / $base));
        }

        return log(\in_array($value, $this->neutral, true) ? self::NEUTRAL : min(1.0, (1 - $this->strength->share()) / (1 - $base)));
    }

    public function speaksFor(EvidenceContext $context): bool
    {
        return \in_array($context->case->seen->choice($this->what), $this->for, true);
    }

    public function text(EvidenceContext $context, Words $words): string
    {
        return $words->observed($this->what, $context->case->seen->choice($this->what) ?? '');
    }

    public function title(): string
    {
        return $this->what->field()->label;
    }

    public function how(Words $words): string
    {
        $named = array_map(fn(string $value): string => $words->value($this->what, $value), $this->for);

        return "{$this->strength->adverb()} ".
            implode(' or ', $named).
            ' with this fault ('.
            $words->percent($this->strength->share()).
            ' of them)';
    }
}

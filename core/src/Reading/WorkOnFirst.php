<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\School;
use LowPoint\Core\Prescription\SetupChange;
use LowPoint\Core\Schools\SetupCard;
use LowPoint\Core\Wording\Words;

/**
 * The one cause to work on first, among those shown: likely, big and cheap to change (handbook 14.4). The most probable one
 * unless another is better by half, so that a ball more does not change the lesson. What nobody has looked at is looked at first;
 * what was put right in vain is not worked on again (handbook 16.3).
 */
final readonly class WorkOnFirst
{
    /** Below so many balls nothing is named. Origin: handbook 14.4. */
    public const LEAST_BALLS = 3;

    /** A coach is shown so many causes, each with its gain. Origin: handbook 4.1. */
    public const SHOWN = 3;

    /**
     * Nothing is named while it is more probable than this that nothing is wrong: as things are, and with balls as good as a
     * sound player's. Origin: chosen on the worlds of docs/judgement.md.
     */
    private const NOTHING = 0.62;

    private const NOTHING_WITH_GOOD_BALLS = 0.15;

    /** A cause less likely than this is nothing to work on: one looks further. Origin: chosen by us. */
    private const LEAST_LIKELY = 0.15;

    /** However cheap its cure, a cause less than this much as likely as the first one waits. Origin: chosen by us. */
    private const NEAR_THE_FIRST = 0.5;

    /** Another is taken only when it is better by this much. Origin: handbook 14.4. */
    private const BETTER_BY = 1.5;

    /** At like probability a set-up fault that was seen goes before a motion (handbook 14.4). What is like: chosen by us. */
    private const LIKE = 0.8;

    /** Two this near in worth and probability are told as one line. Origin: chosen by us. */
    private const ALIKE = 0.9;

    /** Gain taken for a cure in which the model sees none or that it does not know. Origin: chosen by us. */
    private const UNKNOWN_GAIN = 0.1;

    public ?WeighedCause $cause;

    /** Another that is worth as much: one more look decides. */
    public ?WeighedCause $alike;

    /** The likeliest one while nobody has looked at it: the next look decides. */
    public ?WeighedCause $unseen;

    /** Why it is not the likeliest one; null where it is. */
    public ?string $why;

    /**
     * @param  list<WeighedCause>  $weighed  most probable first
     * @param  bool  $any  whether anything may be named at all
     */
    public function __construct(array $weighed, Explanations $explanations, EvidenceContext $context, bool $any = true)
    {
        $weighed = array_values(array_filter($weighed, static fn(WeighedCause $one): bool => ! $one->doubted));
        $likely = $weighed[0] ?? null;
        $tells =
            $likely !== null
            && ! $context->pattern->isSound()
            && $context->pattern->count() >= self::LEAST_BALLS
            && $likely->probability >= self::LEAST_LIKELY
            && $explanations->nothing() <= ($explanations->asGoodAsSound($likely->cause) ? self::NOTHING_WITH_GOOD_BALLS : self::NOTHING);
        $near = $tells
            ? array_values(
                array_filter(
                    \array_slice($weighed, 0, self::SHOWN),
                    static fn(WeighedCause $one): bool => $one->probability >= self::NEAR_THE_FIRST * $likely->probability,
                ),
            )
            : [];
        $named = array_values(
            array_filter(
                $any ? $near : [],
                static fn(WeighedCause $one): bool => $one->mayBeNamed() && $one->probability >= self::LEAST_LIKELY,
            ),
        );
        $best = $named === [] ? null : self::best($named, $context);
        $alike = null;
        foreach ($near as $one) {
            if (
                ($to = $best ?? $likely) !== null
                && $one !== $to
                && $one->probability >= self::ALIKE * $to->probability
                && self::worth($one) >= self::ALIKE * self::worth($to)
            ) {
                $alike ??= $one;
            }
        }
        $this->cause = $best;
        $this->unseen = $tells && $best === null ? $likely : null;
        $this->alike = $alike;
        $this->why = $best === null || $likely === null || $best === $likely ? null : self::why($best, $likely);
    }

    /** @param non-empty-list<WeighedCause> $named most probable first */
    private static function best(array $named, EvidenceContext $context): WeighedCause
    {
        $best = $likeliest = $named[0];
        foreach ($named as $one) {
            $by =
                $one->probability >= self::LIKE * $likeliest->probability && self::isSeenInSetup($one->cause, $context)
                    ? 1.0
                    : self::BETTER_BY;
            if (self::worth($one) > $by * self::worth($likeliest) && self::worth($one) > self::worth($best)) {
                $best = $one;
            }
        }

        return $best;
    }

    private static function why(WeighedCause $best, WeighedCause $likely): string
    {
        $better = match (true) {
            ! $likely->mayBeNamed() => 'nobody has looked at it yet',
            ($best->gain ?? self::UNKNOWN_GAIN) > ($likely->gain ?? self::UNKNOWN_GAIN) => 'putting this right wins more good strikes',
            default => 'this is easier to change',
        };

        return Words::sentence("{$likely->cause->shortName()} is likelier, about ".Words::tens($likely->probability)." in 10; {$better}");
    }

    /** A set-up cure with a figure that was seen outside the card. */
    private static function isSeenInSetup(Cause $cause, EvidenceContext $context): bool
    {
        $task = $context->case->task;
        $card = SetupCard::of(School::followedIn($task), $task);
        foreach ($cause->cure->effort === Effort::Setup ? $cause->cure->corrections : [] as $correction) {
            if (SetupChange::of($correction, $context->case, $card, new Words) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * Probability times gain over the root of the effort. Over the effort itself, as handbook 14.4 has it, a cheap set-up change
     * is named before a likelier motion too often: a true cause in one to two of a hundred students fewer.
     */
    private static function worth(WeighedCause $one): float
    {
        $gain = max($one->gain ?? self::UNKNOWN_GAIN, self::UNKNOWN_GAIN / 2);

        return ($one->probability * $gain) / sqrt($one->cause->cure->effort->value);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Reading;

use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\SeenBall;
use LowPoint\Core\Evidence\Spread;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Wording\Words;

/** Patterns that look alike and need opposite cures (handbook 4.3). Each warning appears only with its evidence present. */
final readonly class LookAlikes
{
    /** From this share of the balls, and at least this many, a kind of strike makes a pattern. Origin: chosen by us. */
    private const PATTERN_SHARE = 0.3;

    private const PATTERN_BALLS = 2;

    /** A club that falls more than this at the ball is on its way down, degrees. Origin: chosen by us. */
    private const FALLING_DEG = -5.0;

    /** Lean from which the sole stops gliding, degrees. Origin: the start of the ramp of handle_forward_setup. */
    private const LEANING_DEG = 4.0;

    /** Scatter of the first touch that makes strikes wander, mm. Origin: handbook 4.2, 22 of the low point, and what depths add to it. */
    private const WIDE_SCATTER_MM = 30.0;

    /** A first touch this near to the ball on average is no fault of aim, mm. Origin: chosen by us. */
    private const NEAR_BALL_MM = 40.0;

    /** Fewer balls show no trend; a carry that falls below this share of the first half has slowed. Origin: chosen by us. */
    private const SPIRAL_BALLS = 6;

    private const SLOWED = 0.9;

    /** Face opening from which the bounce is too much for thin sand, degrees. Origin: handbook 4.2. */
    private const OPEN_DEG = 3.0;

    /** The causes that a warning says are at work, by what they do to club and low point (their mechanisms). */
    private const TOO_FAR_AHEAD = ['handle_forward_setup', 'ball_back', 'handle_drag', 'drift_forward'];

    private const TOO_FAR_BEHIND = ['ball_forward', 'weight_trail_setup', 'chest_behind', 'hang_back', 'scoop'];

    private const LEANING = ['handle_forward_setup', 'handle_drag'];

    private const UNSTEADY = ['arms_only', 'stance_wide', 'lower_body_sway', 'tension'];

    private const BOUNCE = 'bounce_on_tight';

    private const STEEP_IN_SAND = 'sand_too_steep';

    private const SHALLOW_IN_SAND = 'sand_too_shallow';

    private const OPEN_ON_THIN = 'sand_face_open_on_thin';

    public function __construct(private Words $words) {}

    /** @return list<Warning> */
    public function in(EvidenceContext $context): array
    {
        // Scatter says to leave the aim alone: what would move the low point cannot stand beside it.
        $scatter = $this->scatterNotAim($context);

        return array_values(
            array_filter([
                ...$scatter === null
                    ? [$this->thinOnTheWayDown($context), $this->bouncedThin($context), $this->diggingNotAim($context)]
                    : [$scatter],
                $this->slowingSpiral($context),
                $this->sandSteep($context),
                $this->sandShallow($context),
                $this->thinSandSkip($context),
            ]),
        );
    }

    private function thinOnTheWayDown(EvidenceContext $context): ?Warning
    {
        $thin = $context->pattern->tally(BallTrait::Thin);
        $ahead = $context->pattern->tally(BallTrait::ThinTouchAhead);
        $behind = $context->pattern->tally(BallTrait::ThinTouchBehind);
        $attack = $context->case->seen->number(Observable::AttackDeg);
        $falling = $context->case->seen->choice(Observable::Attack) === 'descending' || ($attack !== null && $attack <= self::FALLING_DEG);
        $byTouch = self::isPattern($ahead->count, $ahead->of);
        if (
            $context->case->task->inSand()
            || ! self::isPattern($thin->count, $thin->of)
            || $behind->count > $ahead->count
            || ! ($byTouch || $falling)
        ) {
            return null;
        }
        $seen = $byTouch
            ? $this->words->tally($ahead).' thin with the first touch ahead of the ball'
            : $this->words->tally($thin).' thin, and the club still falling at the ball';

        return new Warning(
            WarningId::ThinOnTheWayDown,
            "Thin on the way down, not a scoop: {$seen}. Low point too far ahead; hitting down more makes it worse.",
            asserts: self::TOO_FAR_AHEAD,
            steps: [
                WarningStep::less(Observable::ShaftLean, 'Less lean.'),
                WarningStep::more(Observable::BallPosition, 'Ball further forward.'),
            ],
            terms: [$byTouch ? BallTrait::ThinTouchAhead->value : BallTrait::Thin->value],
        );
    }

    private function bouncedThin(EvidenceContext $context): ?Warning
    {
        $bounced = $context->pattern->tally(BallTrait::ThinTouchBehind);
        if ($context->case->task->inSand() || ! self::isPattern($bounced->count, $bounced->of)) {
            return null;
        }
        $hard = $context->case->task->lie === Lie::Tight;

        return new Warning(
            WarningId::BouncedThin,
            Words::sentence($this->words->tally($bounced).' touched down behind and came off thin').
                ' '.
                ($hard
                    ? 'On tight ground the sole bounces up: less bounce before you move the low point.'
                    : 'On grass the ground gives: move the low point toward the target rather than change the club.'),
            asserts: $hard ? [self::BOUNCE] : self::TOO_FAR_BEHIND,
            steps: $hard ? [WarningStep::less(Observable::FaceOpen, 'Face square.')] : [],
            terms: [BallTrait::ThinTouchBehind->value],
        );
    }

    private function diggingNotAim(EvidenceContext $context): ?Warning
    {
        $heavy = $context->pattern->tally(BallTrait::Heavy);
        $deep = $context->pattern->tally(BallTrait::DeepShortMark);
        $far = $context->pattern->tally(BallTrait::TouchFarBehind);
        $lean = $context->case->seen->number(Observable::ImpactLean) ?? $context->case->seen->number(Observable::ShaftLean);
        if (
            $context->case->task->inSand()
            || ! self::isPattern($heavy->count, $heavy->of)
            || ! self::isPattern($deep->count, $deep->of)
            || $far->share() > 0.5
            || $lean === null
            || $lean < self::LEANING_DEG
        ) {
            return null;
        }

        return new Warning(
            WarningId::DiggingNotAim,
            'Heavy by digging, not by aim: '.
                $this->words->tally($deep).
                " left a deep, short mark close behind. {$this->leaning($context)} The low point needs only a small shift.",
            asserts: self::LEANING,
            steps: [WarningStep::less(Observable::ShaftLean, 'Take the lean off first.')],
            terms: [BallTrait::DeepShortMark->value],
        );
    }

    private function scatterNotAim(EvidenceContext $context): ?Warning
    {
        $heavy = $context->pattern->tally(BallTrait::Heavy);
        $thin = $context->pattern->tally(BallTrait::Thin);
        $touch = $context->pattern->touch;
        if (
            $context->case->task->inSand()
            || $heavy->count < self::PATTERN_BALLS
            || $thin->count < self::PATTERN_BALLS
            || $touch->mean === null
            || $touch->sd === null
            || $touch->sd < self::WIDE_SCATTER_MM
            || abs($touch->mean) > self::NEAR_BALL_MM
        ) {
            return null;
        }

        $groups = $context->pattern->touchGroups();
        $where = $groups === null
            ? "first touch {$this->words->lies($touch->mean, $touch->sd, ' on average')}"
            : "first touches {$this->words->place($groups[0]->mean ?? 0.0)} and {$this->words->place($groups[1]->mean ?? 0.0)}";

        return new Warning(
            WarningId::ScatterNotAim,
            "Heavy and thin in turn, {$where}: scatter, not aim. Calm the motion.",
            asserts: self::UNSTEADY,
            steps: [WarningStep::still(Observable::BallPosition, 'Do not move the ball.')],
            terms: ['touch'],
        );
    }

    /** Strikes get heavier and carries shorter through the set while the shaft leans: each feeds the other. */
    private function slowingSpiral(EvidenceContext $context): ?Warning
    {
        $lean = $context->case->seen->number(Observable::ImpactLean) ?? $context->case->seen->number(Observable::ShaftLean);
        $balls = $context->pattern->balls;
        if ($context->case->task->inSand() || \count($balls) < self::SPIRAL_BALLS || $lean === null || $lean < self::LEANING_DEG) {
            return null;
        }
        $half = intdiv(\count($balls), 2);
        [$first, $second] = [\array_slice($balls, 0, $half), \array_slice($balls, -$half)];
        [$before, $after] = [self::meanCarry($first), self::meanCarry($second)];
        if (
            self::heavyShare($second) < self::heavyShare($first) + self::PATTERN_SHARE
            || $before === null
            || $after === null
            || $after > $before * self::SLOWED
        ) {
            return null;
        }

        $carry = ['carry.first_half' => $this->words->course($before), 'carry.second_half' => $this->words->course($after)];

        return new Warning(
            WarningId::SlowingSpiral,
            'The slowing spiral: heavier through the set, and the carry falls from '.
                implode(' to ', $carry).
                ". {$this->leaning($context)} Lean makes the ball jump, the student slows, slow is heavy.",
            asserts: self::LEANING,
            steps: [
                WarningStep::less(Observable::ShaftLean, 'Take the lean off.'),
                WarningStep::notLess(Observable::BallPosition, 'Do not move the ball back.'),
            ],
            amounts: $carry,
        );
    }

    private function sandSteep(EvidenceContext $context): ?Warning
    {
        $side = $context->pattern->tally(BallTrait::SandToLeadSide);
        $deep = $context->pattern->tally(BallTrait::DeepAndShort);
        if (! $context->case->task->inSand() || ! self::isPattern($deep->count, $deep->of) || ! self::isPattern($side->count, $side->of)) {
            return null;
        }

        return new Warning(
            WarningId::SandSteep,
            Words::sentence(
                'Too much sand by being steep: '.
                    $this->words->tally($deep).
                    ' dug deep, '.
                    $this->words->tally($side).
                    ' threw the sand to the lead side',
            ).' Send the sand at the target.',
            asserts: [self::STEEP_IN_SAND],
            steps: [
                WarningStep::less(Observable::FaceOpen, 'Go squarer.'),
                WarningStep::notMore(Observable::FaceOpen, 'More open would make it worse.'),
            ],
            terms: [BallTrait::DeepAndShort->value, BallTrait::SandToLeadSide->value],
        );
    }

    private function sandShallow(EvidenceContext $context): ?Warning
    {
        $shallow = $context->pattern->tally(BallTrait::FarBehindShallow);
        if (
            ! $context->case->task->inSand()
            || $context->case->task->lie === Lie::SandThin
            || ! self::isPattern($shallow->count, $shallow->of)
        ) {
            return null;
        }

        return new Warning(
            WarningId::SandShallow,
            Words::sentence(
                'Too much sand by being shallow: '.$this->words->tally($shallow).' went in far behind and left a long scrape',
            ).' More vertical, and across.',
            asserts: [self::SHALLOW_IN_SAND],
            steps: [
                WarningStep::more(Observable::LeadWeight, 'Weight forward.'),
                WarningStep::more(Observable::FaceOpen, 'Face open.'),
                WarningStep::notLess(Observable::FaceOpen, 'Squarer would make it worse.'),
            ],
            terms: [BallTrait::FarBehindShallow->value],
        );
    }

    private function thinSandSkip(EvidenceContext $context): ?Warning
    {
        $thin = $context->pattern->tally(BallTrait::ThinOrSkip);
        $face = $context->case->seen->number(Observable::FaceOpen);
        if (
            ! \in_array($context->case->task->lie, [Lie::SandThin, Lie::SandFirm], true)
            || ! self::isPattern($thin->count, $thin->of)
            || $face === null
            || $face < self::OPEN_DEG
        ) {
            return null;
        }

        return new Warning(
            WarningId::ThinSandSkip,
            Words::sentence(
                "{$this->words->tally($thin)} skipped or came off thin",
            ).
                " {$this->asGiven($context, Observable::FaceOpen)}".
                ' On thin sand that is set-up, not motion. In soft sand the same skip would be a far-behind entry.',
            asserts: [self::OPEN_ON_THIN],
            steps: [WarningStep::less(Observable::FaceOpen, 'Shut the face a little.')],
            terms: [BallTrait::ThinOrSkip->value],
        );
    }

    /** How the shaft was seen to lean, as it was given: a sentence. */
    private function leaning(EvidenceContext $context): string
    {
        return $this->asGiven($context, $context->case->seen->has(Observable::ImpactLean) ? Observable::ImpactLean : Observable::ShaftLean);
    }

    private function asGiven(EvidenceContext $context, Observable $what): string
    {
        return Words::sentence($this->words->observed($what, $context->case->seen->told($what) ?? 0.0));
    }

    /** @param list<SeenBall> $balls */
    private static function heavyShare(array $balls): float
    {
        return \count(array_filter($balls, static fn(SeenBall $ball): bool => $ball->strike?->isHeavy() === true)) / max(1, \count($balls));
    }

    /** @param list<SeenBall> $balls */
    private static function meanCarry(array $balls): ?float
    {
        return Spread::ofKnown(array_map(static fn(SeenBall $ball): ?float => $ball->carryM, $balls))->mean;
    }

    private static function isPattern(int $count, int $of): bool
    {
        return $count >= self::PATTERN_BALLS && $count >= self::PATTERN_SHARE * $of;
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\BounceOnGround;
use LowPoint\Core\Causes\Clue\LeanGained;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;

/** Causes that only some lies and slopes bring out. */
final class LieAndSlope
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    private const ROUGH = [Lie::BallDown, Lie::LightRough];

    /**
     * How often the ball is not where a slope puts the low point: as common as other faults where a slope begins to count, the
     * first explanation from 6 degrees on (handbook 12.4), and no more than so much however steep. Figures chosen by us.
     */
    private const FROM_DEG = 4.0;

    private const FIRST_FROM_DEG = 6.0;

    private const ON_SLOPE = [0.15, 0.45];

    private const MORE_A_DEGREE = 0.03;

    private const AT_MOST = 0.65;

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'setup_ignores_lie',
                'Set-up does not fit a ball sitting down',
                self::TURF,
                true,
                [
                    new Ramp(Observable::LeadWeight, 60, 48, Strength::Strong),
                    new Ramp(Observable::StanceWidth, 200, 110, Strength::Medium),
                    new Ramp(Observable::FaceOpen, 4, 0, Strength::Medium),
                    new Seen(Observable::WristSet, ['none', 'late'], Strength::Medium),
                ],
                new Mechanism(touchMm: -35, touchSdMm: 22, noContact: 0.1, radiusMm: 1300, traits: [BallTrait::Runs->value => 0.5]),
                new Cure(
                    Effort::Setup,
                    [
                        Correction::more(Observable::StanceWidth),
                        Correction::more(Observable::LeadWeight),
                        Correction::more(Observable::FaceOpen),
                        Correction::more(Observable::GripDown),
                    ],
                    'Wrists set early, firm last fingers, touch two fingers behind the ball.',
                    [
                        'outside' => 'Touch the grass two fingers behind the ball, no more.',
                        'inside' => 'Feel the club go up steeply with firm last fingers.',
                        'sound' => 'A short rip, not a long swish.',
                    ],
                    'Stop playing rough like fairway.',
                    ['lie_toss', 'two_finishes'],
                    'Touch within 4 cm of the ball',
                ),
                'If it were something else, the set-up would be steep enough and the grass would still catch the club.',
                ['rough', 'lie'],
                self::ROUGH,
            ),
            new Cause(
                'wrist_bows',
                'Lead wrist bows and takes the loft off',
                self::TURF,
                false,
                [new Seen(Observable::LeadWrist, ['bowed'], Strength::Strong), new LeanGained(1, 6, Strength::Medium, andMore: false)],
                new Mechanism(
                    depthMm: 0.3,
                    touchSdMm: 14,
                    strikeLeanDeg: 4,
                    traits: [BallTrait::LowFlight->value => 0.55, BallTrait::Runs->value => 0.5],
                ),
                new Cure(
                    Effort::MotionChange,
                    [Correction::more(Observable::FaceOpen)],
                    'The lead wrist stays flat through the grass.',
                    [
                        'outside' => 'The face looks at the sky after the ball.',
                        'inside' => 'Feel the back of the lead hand flat.',
                        'sound' => 'The ball lands with a thud, not a skid.',
                    ],
                    'Stop leaning the knuckles down through the grass.',
                    ['two_finishes', 'centre_pointer'],
                    'Roll a third shorter with the released finish',
                ),
                'If it were something else, the wrist would be flat and the ball would run because grass came between.',
                ['no spin', 'runs too far'],
                self::ROUGH,
                spoilsStrikes: false,
            ),
            new Cause(
                'bounce_on_tight',
                'Too much bounce for hard ground',
                self::TURF,
                false,
                [new Ramp(Observable::FaceOpen, 10, 20, Strength::Strong), new BounceOnGround(Strength::Medium)],
                new Mechanism(touchSdMm: 16, faceDeg: 15, traits: [BallTrait::Click->value => 0.5]),
                new Cure(
                    Effort::Setup,
                    [Correction::less(Observable::FaceOpen)],
                    'Take the bounce off before you touch the swing: the sole skips, the swing does not lift.',
                    [
                        'outside' => 'The leading edge slides under a coin on a table.',
                        'inside' => 'Feel the face look at the flag, not at the sky.',
                        'sound' => 'A snip, short and dry.',
                    ],
                    'Stop opening the face on hard ground.',
                    ['club_ladder', 'brush_line', 'shaft_up'],
                    'No balls thin after a touch behind',
                    asSeen: static fn(EvidenceContext $context): ?string => $context->case->task->club->bounceDeg >=
                    BounceOnGround::MUCH_DEG
                        ? 'Take a wedge with less bounce first; or less loft, which has less of it.'
                        : null,
                ),
                'If it were something else, a square face and less bounce would be thin as well.',
                ['bounce', 'blade', 'skull'],
                [Lie::Tight],
            ),
            new Cause(
                'ball_not_at_low_point',
                'Ball not where the slope puts the low point',
                self::TURF,
                true,
                [],
                new Mechanism(uphillMm: 45, touchSdMm: 22),
                new Cure(
                    Effort::Setup,
                    [],
                    'Rehearse beside the ball until the brush repeats; put the ball there.',
                    [
                        'outside' => 'Play the ball from the spot you brushed.',
                        'inside' => 'Feel the shoulders follow the slope.',
                        'sound' => 'The rehearsal and the strike sound alike.',
                    ],
                    'Stop using the flat-ground ball position on slopes.',
                    ['slope_brush'],
                    'Touch within 2 cm of the ball on two slopes',
                ),
                'If it were something else, the practice brush would begin at the ball.',
                ['slope', 'hill'],
                unless: static fn(Task $task): bool => ! $task->onSlope(),
                priorIn: self::priorOnSlope(...),
            ),
        ];
    }

    private static function priorOnSlope(Task $task): float
    {
        $slope = abs($task->slopeDeg);
        [$common, $first] = self::ON_SLOPE;

        return $slope < self::FIRST_FROM_DEG
            ? $common + (($first - $common) * max(0.0, $slope - self::FROM_DEG)) / (self::FIRST_FROM_DEG - self::FROM_DEG)
            : min(self::AT_MOST, $first + self::MORE_A_DEGREE * ($slope - self::FIRST_FROM_DEG));
    }
}

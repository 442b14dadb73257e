<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
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

    /** Slopes gentler than this ask for nothing special, degrees. Origin: handbook 4.2. */
    private const GENTLE_SLOPE_DEG = 4.0;

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
                    new Ramp(Observable::FaceOpen, 4, -1, Strength::Medium),
                    new Seen(Observable::WristSet, ['none', 'late'], Strength::Medium),
                ],
                new Mechanism(touchMm: -35, touchSdMm: 22, noContact: 0.1, radiusMm: 1300, traits: [BallTrait::Runs->value => 0.5]),
                new Cure(
                    Effort::Setup,
                    Observable::LeadWeight,
                    'Wide, weight on the lead foot, face open, down the grip, wrists set early.',
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
                [
                    new Seen(Observable::LeadWrist, ['bowed'], Strength::Strong),
                ],
                new Mechanism(depthMm: 0.3, touchSdMm: 14, strikeLeanDeg: 4, traits: [BallTrait::LowFlight->value => 0.55, BallTrait::Runs->value => 0.5]),
                new Cure(
                    Effort::MotionChange,
                    Observable::FaceOpen,
                    'Face a little open, and let it stay so.',
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
                'ball_not_at_low_point',
                'Ball not where the slope puts the low point',
                self::TURF,
                true,
                [],
                new Mechanism(uphillMm: 45, touchSdMm: 22),
                new Cure(
                    Effort::Setup,
                    null,
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
                unless: static fn(Task $task): bool => abs($task->slopeDeg) <= self::GENTLE_SLOPE_DEG,
            ),
        ];
    }
}

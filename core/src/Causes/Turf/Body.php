<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\OnShot;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;

/** Causes in the way the body stands and moves. */
final class Body
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'drift_forward',
                'Head and chest drifting ahead',
                self::TURF,
                false,
                [
                    new Ramp(Observable::HeadDrift, 20, 60, Strength::Strong),
                ],
                new Mechanism(touchMm: 45, touchSdMm: 25, depthMm: -0.1, noContact: 0.12),
                new Cure(
                    Effort::SwingFeel,
                    [Correction::less(Observable::SternumAhead)],
                    'Chest over the ball at address; it stays there.',
                    [
                        'outside' => 'Keep the shadow of your head on one blade of grass.',
                        'inside' => 'Feel the breastbone turn on the spot.',
                        'sound' => 'Ball and brush in one sound.',
                    ],
                    'Stop following the ball with the chest.',
                    ['still_head', 'brush_line', 'shaft_up'],
                    'First touch back to the ball, head still on the video',
                ),
                'If it were something else, the head would stay over the ball and the touch would still be ahead.',
                ['drift', 'swaying forward', 'lunge'],
            ),
            new Cause(
                'arms_only',
                'Arms do all the work: the chest stalls',
                self::TURF,
                true,
                [
                    new Seen(Observable::ChestTurn, ['stalls'], Strength::Strong),
                    new Seen(Observable::SpeedChange, ['quitting'], Strength::Weak, neutral: ['forced']),
                    new Seen(Observable::Release, ['thrown'], Strength::Weak, neutral: ['held_off']),
                ],
                new Mechanism(touchMm: -6, touchSdMm: 16, scatter: 1.55),
                new Cure(
                    Effort::SwingFeel,
                    [Correction::less(Observable::StanceWidth), Correction::more(Observable::LeadWeight)],
                    'Stand so that the chest has room to turn through.',
                    [
                        'outside' => 'Turn the shirt buttons to the target with the club.',
                        'inside' => 'Feel the arms ride on the chest.',
                        'sound' => 'The same brush, ten times.',
                    ],
                    'Stop swinging the arms past a chest that waits.',
                    ['stick_clear', 'ball_hold_turn', 'brush_line'],
                    'Low-point scatter at least a third smaller',
                ),
                'If it were something else, the chest would face the target at the finish and the low point would still wander.',
                ['all arms', 'arms only'],
            ),
            new Cause(
                'stance_wide',
                'Stance too wide for a short swing',
                self::TURF,
                false,
                [
                    new OnShot(Shot::Chip, new Ramp(Observable::StanceWidth, 250, 380, Strength::Strong)),
                    new OnShot(Shot::Pitch, new Ramp(Observable::StanceWidth, 330, 450, Strength::Strong)),
                    new Ramp(Observable::HeadDrift, -15, -50, Strength::Weak),
                ],
                new Mechanism(touchMm: -12, touchSdMm: 16, scatter: 1.35),
                self::narrower(),
                'If it were something else, narrower feet would change nothing.',
                ['stance too wide', 'wide stance'],
            ),
            new Cause(
                'lower_body_sway',
                'Hips sliding',
                self::TURF,
                false,
                [
                    new Ramp(Observable::HipSway, 30, 80, Strength::Strong),
                ],
                new Mechanism(touchMm: -6, touchSdMm: 16, scatter: 1.5),
                new Cure(
                    Effort::SwingFeel,
                    [Correction::less(Observable::StanceWidth), Correction::more(Observable::LeadWeight)],
                    'The hips turn over the lead foot.',
                    [
                        'outside' => 'Swing beside a chair: the trail hip does not push it.',
                        'inside' => 'Feel the lead knee stay where it is.',
                        'sound' => 'The same brush, ten times.',
                    ],
                    'Stop sliding away from the target going back.',
                    ['lead_leg', 'brush_line', 'stick_clear'],
                    'Low-point scatter at least a third smaller',
                ),
                'If it were something else, the hips would stay over the feet and the low point would still wander.',
                ['sway', 'slide', 'sliding'],
            ),
            new Cause(
                'tension',
                'Grip too tight',
                self::TURF,
                false,
                [
                    new Ramp(Observable::GripPressure, 5, 8, Strength::Strong),
                    new Seen(Observable::Rhythm, ['jerky'], Strength::Weak, neutral: ['snatched']),
                ],
                new Mechanism(touchMm: -3, touchSdMm: 16, scatter: 1.35),
                new Cure(
                    Effort::Setup,
                    [Correction::less(Observable::GripPressure)],
                    'Hands as soft at the strike as at address.',
                    [
                        'outside' => 'Hold it like a tube of paint with the cap off.',
                        'inside' => 'Feel the weight of the clubhead before you start.',
                        'sound' => 'Breathe out through the swing.',
                    ],
                    'Stop squeezing when the ball matters.',
                    ['one_arm_brush', 'rope_swing'],
                    'Rhythm smooth, scatter smaller',
                ),
                'If it were something else, a soft grip would leave the strikes as they are.',
                ['tension', 'too tight', 'tense', 'nervous'],
            ),
        ];
    }

    private static function narrower(): Cure
    {
        return new Cure(
            Effort::Setup,
            [Correction::less(Observable::StanceWidth), Correction::more(Observable::LeadWeight)],
            'Feet under the hips, weight ahead.',
            [
                'outside' => 'One clubhead fits between the heels.',
                'inside' => 'Feel both feet under the hips.',
                'sound' => 'The same brush, ten times.',
            ],
            'Stop standing as for a full swing.',
            ['lead_leg', 'club_ladder', 'stick_clear'],
            'Low-point scatter smaller',
        );
    }
}

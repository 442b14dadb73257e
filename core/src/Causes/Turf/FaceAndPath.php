<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;

/** Causes in face and path. */
final class FaceAndPath
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'face_shut',
                'Face turned down',
                self::TURF,
                false,
                [
                    new Ramp(Observable::FaceOpen, -1, -8, Strength::Strong),
                    new Seen(Observable::FaceBackswing, ['looks_down'], Strength::Strong),
                    new Seen(Observable::FaceThrough, ['rolls_shut'], Strength::Medium, neutral: ['square']),
                ],
                new Mechanism(
                    touchMm: -3,
                    touchSdMm: 16,
                    depthMm: 0.2,
                    faceDeg: -7,
                    startDeg: -5,
                    traits: [BallTrait::LowFlight->value => 0.4, BallTrait::Runs->value => 0.3],
                ),
                new Cure(
                    Effort::Setup,
                    [Correction::more(Observable::FaceOpen)],
                    'The face keeps the look it has at address.',
                    [
                        'outside' => 'The face keeps looking at the sky.',
                        'inside' => 'Feel the trail palm turn up a little.',
                        'sound' => 'A soft brush, no dig.',
                    ],
                    'Stop turning the toe over the ball.',
                    ['centre_pointer', 'one_arm_brush', 'brush_line'],
                    'Marks shallower, start on line',
                ),
                'If it were something else, the face would match the spine and the marks would still be deep.',
                ['face shut', 'closed face', 'hooking'],
            ),
            new Cause(
                'swings_under',
                'Club drops inside and under',
                self::TURF,
                false,
                [new Seen(Observable::Takeaway, ['inside'], Strength::Strong), new Ramp(Observable::Path, 3, 8, Strength::Medium)],
                new Mechanism(touchMm: -42, touchSdMm: 24, depthMm: -0.2, noContact: 0.1, radiusMm: 1300),
                new Cure(
                    Effort::MotionChange,
                    [Correction::more(Observable::StanceOpen)],
                    'The club goes back outside the hands.',
                    [
                        'outside' => 'Swing back over a tee a clubhead outside the line.',
                        'inside' => 'Feel the hands close, the clubhead out.',
                        'sound' => 'The brush comes past the ball.',
                    ],
                    'Stop pulling the club round the body.',
                    ['clear_the_trailer', 'brush_line'],
                    'First touch moves toward the target',
                ),
                'If it were something else, the club would come back on plane and the touch would still be behind.',
                ['inside', 'under'],
            ),
        ];
    }
}

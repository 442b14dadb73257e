<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Balls;
use LowPoint\Core\Causes\Clue\Figure;
use LowPoint\Core\Causes\Clue\OnlyAgainst;
use LowPoint\Core\Causes\Clue\OnlyFor;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\CureContext;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\PatternFigure;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Swing;

/** Causes in face and path. */
final class FaceAndPath
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** A club that drops under puts the low point about this far back, mm. Origin: chosen by us. */
    private const UNDER_MM = 30.0;

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
                    new Seen(Observable::FaceThrough, ['rolls_shut'], Strength::Strong, neutral: ['square']),
                    new Balls(BallTrait::DeepMark, Strength::Medium),
                    new Balls(BallTrait::LowFlight, Strength::Weak),
                    new Balls(BallTrait::StartsPulled, Strength::Medium),
                    new OnlyFor(new Figure(PatternFigure::MeanStart, -3, -7, Strength::Medium)),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::FaceOpen,
                    'Turn the face open first, then take the grip.',
                    [
                        'outside' => 'The face keeps looking at the sky.',
                        'inside' => 'Feel the trail palm turn up a little.',
                        'sound' => 'A soft brush, no dig.',
                    ],
                    'Stop turning the toe over the ball.',
                    ['centre_pointer', 'one_arm_brush', 'brush_line'],
                    'Marks shallower, start on line',
                    static fn(Swing $now, CureContext $with): Swing => $with->openToCard($now),
                ),
                'If it were something else, the face would match the spine and the marks would still be deep.',
                ['face shut', 'closed face', 'hooking'],
            ),
            new Cause(
                'swings_under',
                'Club drops inside and under',
                self::TURF,
                false,
                [
                    new Seen(Observable::Takeaway, ['inside'], Strength::Strong),
                    new Ramp(Observable::Path, 3, 8, Strength::Medium),
                    new Balls(BallTrait::ShallowLongBehind, Strength::Medium),
                    new Figure(PatternFigure::MeanTouch, -30, -65, Strength::Medium),
                    new OnlyAgainst(new Balls(BallTrait::TouchAhead, Strength::Medium)),
                ],
                new Cure(
                    Effort::MotionChange,
                    Observable::StanceOpen,
                    'Feet a little open, club back outside the hands.',
                    [
                        'outside' => 'Swing back over a tee a clubhead outside the line.',
                        'inside' => 'Feel the hands close, the clubhead out.',
                        'sound' => 'The brush comes past the ball.',
                    ],
                    'Stop pulling the club round the body.',
                    ['clear_the_trailer', 'brush_line'],
                    'First touch moves toward the target',
                    static fn(Swing $now, CureContext $with): Swing => $now->lowPointMovedBy(self::UNDER_MM),
                ),
                'If it were something else, the club would come back on plane and the touch would still be behind.',
                ['inside', 'under'],
            ),
        ];
    }
}

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
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;

/** Causes of balls off the neck of the club: it comes to the ball further out than it was set down (handbook 16.2). */
final class OffTheNeck
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'stands_close',
                'Stands too close: weight on the toes',
                self::TURF,
                false,
                [
                    new Seen(Observable::BallDistance, ['close'], Strength::Strong),
                    new Seen(Observable::Balance, ['toes'], Strength::Strong),
                ],
                new Mechanism(touchSdMm: 8, hosel: 0.45),
                new Cure(
                    Effort::Setup,
                    [],
                    'Arms hang from the shoulders, a hand fits between grip end and thigh, and the weight is over the balls of the feet.',
                    [
                        'outside' => 'See the ball opposite the toe of the club before you go.',
                        'inside' => 'Feel both heels light on the ground, none of them up.',
                        'sound' => 'Listen for the click from the middle of the face.',
                    ],
                    'Stop reaching in: the ball does not come nearer while you wait.',
                    ['miss_the_second', 'brush_line'],
                    'Balls off the neck gone, with the weight over the balls of the feet',
                ),
                'If it were something else, standing further off would leave the balls on the neck.',
                ['too close', 'close to the ball'],
            ),
            new Cause(
                'moves_out',
                'Moves out to the ball: the hands come nearer to it than they were',
                self::TURF,
                false,
                [
                    new Seen(Observable::MovesTowardBall, ['toward'], Strength::Strong),
                    new Ramp(Observable::Path, 3, 8, Strength::Medium),
                ],
                new Mechanism(touchSdMm: 8, hosel: 0.45),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'The hands come back over the line that they started from.',
                    [
                        'outside' => 'Brush the grass on your side of the ball.',
                        'inside' => 'Feel the hands pass close to the lead thigh.',
                        'sound' => 'Listen for the click from the middle of the face.',
                    ],
                    'Stop pushing hands and head out toward the ball.',
                    ['miss_the_second', 'one_arm_brush'],
                    'Balls off the neck gone, the second ball left where it lies',
                ),
                'If it were something else, hands and head would keep their distance and balls would come off the neck all the same.',
                ['shank', 'moves out'],
            ),
        ];
    }
}

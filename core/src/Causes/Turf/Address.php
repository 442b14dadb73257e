<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\LeanKept;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Correction;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Flight;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;

/** Causes that stand there before the club moves. */
final class Address
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [self::handleForward(), self::ballBack(), self::ballForward(), self::weightTrail(), self::chestBehind()];
    }

    private static function handleForward(): Cause
    {
        return new Cause(
            'handle_forward_setup',
            'Handle too far forward at address',
            self::TURF,
            true,
            [
                new Ramp(Observable::ShaftLean, 4, 10, Strength::Strong),
                new LeanKept(4, 10, Strength::Strong),
                new Ramp(Observable::BallPosition, 45, 30, Strength::Medium),
            ],
            new Mechanism(
                touchMm: -5,
                touchSdMm: 32,
                addressLeanDeg: 8,
                traits: [BallTrait::LowFlight->value => 0.55, BallTrait::Runs->value => 0.35],
            ),
            new Cure(
                Effort::Setup,
                [Correction::less(Observable::ShaftLean), Correction::more(Observable::BallPosition)],
                'The grip end points at the middle of the body, and the ball lies where the sole brushes.',
                [
                    'outside' => 'Let the grip end look at your middle before you go.',
                    'inside' => 'Hands soft and hanging, no push toward the target.',
                    'sound' => 'Listen for the sole brushing, not for a thud.',
                ],
                'Stop pressing the hands toward the target before the swing.',
                ['centre_pointer', 'shaft_up', 'brush_line'],
                'Share of clean strikes with the shaft back at its stock lean',
            ),
            'If it were something else, bringing the shaft up would leave the strikes as they are.',
            ['handle forward', 'hands forward', 'lean'],
        );
    }

    private static function ballBack(): Cause
    {
        return new Cause(
            'ball_back',
            'Ball too far back',
            self::TURF,
            true,
            [new Ramp(Observable::BallPosition, 45, 28, Strength::Strong)],
            new Mechanism(
                touchMm: 30,
                touchSdMm: 25,
                depthMm: 0.5,
                traits: [BallTrait::LowFlight->value => 0.45, BallTrait::Runs->value => 0.3],
            ),
            new Cure(
                Effort::Setup,
                [Correction::more(Observable::BallPosition), Correction::less(Observable::ShaftLean)],
                'The ball lies where the sole brushes.',
                [
                    'outside' => 'Lay a club from the ball back to your feet: it points at the middle.',
                    'inside' => 'Feel the chest over the ball, not ahead of it.',
                    'sound' => 'Ball and brush in one sound.',
                ],
                'Stop playing the ball off the trail foot to be safe.',
                ['brush_line', 'centre_pointer'],
                'Low point closer to the ball, marks shallower',
            ),
            'If it were something else, the marks would stay deep with the ball in the middle.',
            ['ball back', 'ball too far back'],
            unless: static fn(Task $task): bool => $task->flightWanted === Flight::Low,
        );
    }

    private static function ballForward(): Cause
    {
        return new Cause(
            'ball_forward',
            'Ball too far forward for this shot',
            self::TURF,
            false,
            [
                new Ramp(Observable::BallPosition, 65, 85, Strength::Strong),
                new Seen(Observable::Attack, ['rising'], Strength::Weak, neutral: ['level']),
            ],
            new Mechanism(touchMm: -38, touchSdMm: 20, noContact: 0.12),
            new Cure(
                Effort::Setup,
                [Correction::less(Observable::BallPosition)],
                'The ball lies where the sole brushes.',
                [
                    'outside' => 'A club laid from the ball points at the middle of your feet.',
                    'inside' => 'Feel the shirt buttons over the ball.',
                    'sound' => 'Brush after the click, not before.',
                ],
                'Stop reaching forward for the ball.',
                ['brush_line', 'lead_leg'],
                'First touch at or past the ball',
            ),
            'If it were something else, the touch would stay behind with the ball in the middle.',
            ['ball forward', 'ball too far forward'],
            unless: static fn(Task $task): bool => $task->flightWanted === Flight::High,
        );
    }

    private static function weightTrail(): Cause
    {
        return new Cause(
            'weight_trail_setup',
            'Weight on the trail foot at address',
            self::TURF,
            true,
            [new Ramp(Observable::LeadWeight, 55, 42, Strength::Strong), new Ramp(Observable::SternumAhead, 0, -40, Strength::Medium)],
            new Mechanism(touchMm: -40, touchSdMm: 20),
            new Cure(
                Effort::Setup,
                [Correction::more(Observable::LeadWeight), Correction::more(Observable::SternumAhead)],
                'The weight stays on the lead foot from address to finish.',
                [
                    'outside' => 'Press a coin into the ground under the lead heel from start to finish.',
                    'inside' => 'Feel the lead thigh carry you before the club moves.',
                    'sound' => 'One brush, past the ball.',
                ],
                'Stop leaning back to help the ball up.',
                ['lead_leg', 'clear_the_trailer', 'brush_line'],
                'First touch moves toward the target',
            ),
            'If it were something else, the touch would stay behind with the lead foot loaded.',
            ['weight back', 'weight on the back foot', 'leaning back'],
        );
    }

    private static function chestBehind(): Cause
    {
        return new Cause(
            'chest_behind',
            'Chest behind the ball at address',
            self::TURF,
            true,
            [new Ramp(Observable::SternumAhead, -5, -45, Strength::Strong)],
            new Mechanism(touchMm: -38, touchSdMm: 20),
            new Cure(
                Effort::Setup,
                [Correction::more(Observable::SternumAhead), Correction::more(Observable::LeadWeight)],
                'The breastbone stays over the ball.',
                [
                    'outside' => 'Let a shirt button hang over the front of the ball.',
                    'inside' => 'Feel the spine upright, not tilted away from the target.',
                    'sound' => 'The brush comes after the ball.',
                ],
                'Stop tilting the upper body away to lift the ball.',
                ['brush_line', 'clear_the_trailer', 'lead_leg'],
                'First touch moves toward the target',
            ),
            'If it were something else, the touch would stay behind with the chest over the ball.',
            ['chest behind', 'staying back'],
        );
    }
}

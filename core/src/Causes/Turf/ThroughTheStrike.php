<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\LeanGained;
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

/** Causes in the way the club is brought through the ball. */
final class ThroughTheStrike
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [self::hangBack(), self::scoop(), self::handleDrag(), self::steepChop()];
    }

    private static function hangBack(): Cause
    {
        return new Cause(
            'hang_back',
            'Falling back through the strike',
            self::TURF,
            true,
            [new Ramp(Observable::HeadDrift, -15, -50, Strength::Strong), new Ramp(Observable::ImpactWeight, 55, 40, Strength::Strong)],
            new Mechanism(touchMm: -42, touchSdMm: 22, scatter: 1.1, depthMm: -0.3, noContact: 0.2),
            new Cure(
                Effort::SwingFeel,
                [
                    Correction::more(Observable::LeadWeight),
                    Correction::more(Observable::SternumAhead),
                    Correction::less(Observable::StanceWidth),
                ],
                'Start and stay with the weight on the lead foot; trail heel light.',
                [
                    'outside' => 'Keep your cap between you and the ball until it has gone.',
                    'inside' => 'Feel the lead hip over the lead heel all the way.',
                    'sound' => 'Brush past the ball, every time.',
                ],
                'Stop moving away from the target to get the ball up.',
                ['lead_leg', 'clear_the_trailer', 'brush_line'],
                'First touch moves toward the target, fewer balls with no mark',
            ),
            'If it were something else, the head would stay over the ball in the video.',
            ['fall back', 'falling back', 'hang back'],
        );
    }

    private static function scoop(): Cause
    {
        return new Cause(
            'scoop',
            'Scooping: the clubhead passes too early to lift the ball',
            self::TURF,
            true,
            [
                new Seen(Observable::Release, ['thrown'], Strength::Strong),
                new Seen(Observable::Attack, ['rising'], Strength::Strong, neutral: ['level']),
                new Ramp(Observable::AttackDeg, -1, 3, Strength::Strong),
                new LeanGained(-2, -10, Strength::Medium),
            ],
            new Mechanism(
                touchMm: -45,
                touchSdMm: 26,
                scatter: 1.15,
                depthMm: -0.3,
                noContact: 0.25,
                strikeLeanDeg: -7,
                traits: [BallTrait::HighFlight->value => 0.3],
            ),
            new Cure(
                Effort::SwingFeel,
                [Correction::more(Observable::LeadWeight), Correction::more(Observable::SternumAhead)],
                'The grip end points at the middle of the body; the loft lifts the ball.',
                [
                    'outside' => 'Keep the grip end looking at your middle until the ball has gone.',
                    'inside' => 'Feel the back of the lead hand quiet through the ball.',
                    'sound' => 'Brush and ball together, no click alone.',
                ],
                'Stop lifting the ball; the loft does it.',
                ['centre_pointer', 'club_ladder', 'brush_line', 'lead_leg', 'stick_clear'],
                'First touch at or past the ball, a mark on every strike',
            ),
            'If it were something else, the clubhead would still be behind the hands at the ball, and the touch ahead of it.',
            ['scoop', 'lift', 'flick', 'helping it up', 'help it up'],
        );
    }

    private static function handleDrag(): Cause
    {
        return new Cause(
            'handle_drag',
            'Dragging the handle: the angle is held and the handle shoved through',
            self::TURF,
            true,
            [
                new Seen(Observable::Release, ['held_off'], Strength::Strong),
                new LeanGained(3, 11, Strength::Strong),
                new Seen(Observable::Rhythm, ['jerky'], Strength::Weak),
            ],
            new Mechanism(
                touchMm: -3,
                touchSdMm: 30,
                depthMm: 0.3,
                strikeLeanDeg: 8,
                traits: [BallTrait::LowFlight->value => 0.5, BallTrait::Runs->value => 0.35],
            ),
            new Cure(
                Effort::SwingFeel,
                [Correction::less(Observable::ShaftLean), Correction::more(Observable::BallPosition)],
                'Set the shaft as you want it at the strike, then let it come back there.',
                [
                    'outside' => 'The clubhead reaches the ball at the same time as the grip end.',
                    'inside' => 'Feel the clubhead heavy and the wrists loose.',
                    'sound' => 'A soft brush, no dig.',
                ],
                'Stop holding the angle and pushing the handle at the target.',
                ['rope_swing', 'shaft_up', 'one_arm_brush', 'centre_pointer'],
                'Lean at the strike within 5° of lean at address',
            ),
            'If it were something else, the shaft would be back on its address line at the ball.',
            ['drag', 'hold the angle', 'holding the angle'],
        );
    }

    private static function steepChop(): Cause
    {
        return new Cause(
            'steep_chop',
            'Chopping down too steeply',
            self::TURF,
            false,
            [
                new Ramp(Observable::AttackDeg, -7, -13, Strength::Strong),
                new Seen(Observable::WristSet, ['early'], Strength::Medium, neutral: ['normal']),
                new Ramp(Observable::SternumAhead, 45, 90, Strength::Weak),
                new Ramp(Observable::Path, -4, -9, Strength::Weak),
                new Seen(Observable::Attack, ['descending'], Strength::Strong, neutral: ['level']),
            ],
            new Mechanism(touchMm: -8, touchSdMm: 26, scatter: 1.1, depthMm: 1.0, radiusMm: 800),
            new Cure(
                Effort::MotionChange,
                [Correction::less(Observable::SternumAhead), Correction::more(Observable::BallPosition)],
                'The club goes back low and wide.',
                [
                    'outside' => 'Sweep a line of sand off the grass, do not dig it out.',
                    'inside' => 'Feel the club low and wide going back.',
                    'sound' => 'A long brush instead of a chop.',
                ],
                'Stop hitting down; the club finds the ground by itself.',
                ['brush_line', 'club_ladder', 'one_arm_brush', 'shaft_up'],
                'Marks longer and shallower',
            ),
            'If it were something else, the marks would be long and the attack gentle.',
            ['chop', 'too steep', 'steep'],
        );
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Sand;

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
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;

/** Causes in the motion through the sand. */
final class SandMotion
{
    private const SAND = [Shot::Bunker];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'sand_too_shallow',
                'Coming in too shallow from the inside',
                self::SAND,
                true,
                [
                    new Seen(Observable::Takeaway, ['inside'], Strength::Strong),
                    new Ramp(Observable::Path, 1, 7, Strength::Strong),
                    new Seen(Observable::BallDistance, ['far'], Strength::Weak),
                ],
                new Mechanism(touchMm: -42, touchSdMm: 24, depthMm: -1.2, noContact: 0.08, radiusMm: 1100),
                new Cure(
                    Effort::MotionChange,
                    [Correction::more(Observable::StanceOpen), Correction::more(Observable::LeadWeight)],
                    'The club goes up more upright and swings along the feet.',
                    [
                        'outside' => 'Swing along the line of the feet, not at the flag.',
                        'inside' => 'Feel the wrists set early and the hands high.',
                        'sound' => 'A short deep thud.',
                    ],
                    'Stop sweeping the sand from the inside.',
                    ['across_the_feet', 'splash_line', 'thin_pop', 'edge_in'],
                    'Entry within 3 to 6 cm behind the ball',
                ),
                'If it were something else, a steeper club would still come in far behind.',
                ['shallow', 'sweeping'],
            ),
            new Cause(
                'sand_too_steep',
                'Too steep and across',
                self::SAND,
                true,
                [new Ramp(Observable::Path, -6, -12, Strength::Strong), new Ramp(Observable::StanceOpen, 35, 45, Strength::Weak)],
                new Mechanism(touchMm: -6, touchSdMm: 26, depthMm: 2.2, radiusMm: 750, traits: [BallTrait::SandToLeadSide->value => 0.72]),
                new Cure(
                    Effort::MotionChange,
                    [Correction::less(Observable::StanceOpen)],
                    'Send the sand at the target.',
                    [
                        'outside' => 'Throw the sand onto a towel on the target line.',
                        'inside' => 'Feel the clubhead low and long past the ball.',
                        'sound' => 'A long splash.',
                    ],
                    'Stop cutting across the ball.',
                    ['send_the_sand', 'sole_thump', 'thin_pop', 'edge_in'],
                    'Sand on the towel in six of ten',
                ),
                'If it were something else, the sand would fly at the target and the hole would be long.',
                ['too steep', 'chop', 'across'],
            ),
            new Cause(
                'sand_quit',
                'Stopping in the sand',
                self::SAND,
                true,
                [
                    new Seen(Observable::Finish, ['cut_short'], Strength::Strong),
                    new Seen(Observable::SpeedChange, ['quitting'], Strength::Strong, neutral: ['forced']),
                ],
                new Mechanism(touchMm: -14, touchSdMm: 24, depthMm: 1.2, carry: -0.18),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Set up as before; swing to a finish.',
                    [
                        'outside' => 'Finish with the grip end over your navel.',
                        'inside' => 'Feel the chest turn to the flag.',
                        'sound' => 'The splash ends after the thud.',
                    ],
                    'Stop leaving the club in the sand.',
                    ['full_finish', 'splash_line', 'thin_pop', 'edge_in'],
                    'Finish held in eight of ten',
                ),
                'If it were something else, the finish would be full and the ball still in the sand.',
                ['stop', 'quit', 'decelerate'],
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_entry_scatter',
                'The entry point wanders',
                self::SAND,
                true,
                [new Ramp(Observable::HeadDrift, 20, 45, Strength::Weak), new Ramp(Observable::HeadDrift, -20, -45, Strength::Weak)],
                new Mechanism(touchMm: -5, touchSdMm: 18, scatter: 1.8),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Feet dug in the same depth each time; look at the entry spot, not the ball.',
                    [
                        'outside' => 'Keep the nose over the spot where the sand begins.',
                        'inside' => 'Feel a quiet head from start to splash.',
                        'sound' => 'Every thud from the same place.',
                    ],
                    'Stop watching the ball.',
                    ['splash_line', 'still_head', 'thin_pop', 'edge_in'],
                    'Eight of ten splashes begin within 3 cm of the line',
                ),
                'If it were something else, the entry would be in one place and still wrong.',
                ['inconsistent', 'all over'],
                isInTheBalls: true,
            ),
            new Cause(
                'sand_face_rolls',
                'Face turns over through the sand',
                self::SAND,
                false,
                [new Seen(Observable::FaceThrough, ['rolls_shut'], Strength::Strong, neutral: ['square'])],
                new Mechanism(
                    touchSdMm: 14,
                    depthMm: 0.5,
                    startDeg: -3,
                    traits: [BallTrait::LowFlight->value => 0.5, BallTrait::Runs->value => 0.5],
                ),
                new Cure(
                    Effort::SwingFeel,
                    [Correction::more(Observable::FaceOpen)],
                    'The face looks at the sky after the sand.',
                    [
                        'outside' => 'Carry sand on the face to the finish.',
                        'inside' => 'Feel the trail palm stay up.',
                        'sound' => 'A soft landing.',
                    ],
                    'Stop rolling the wrists.',
                    ['sand_over_shoulder', 'splash_line'],
                    'Flight higher, roll shorter',
                ),
                'If it were something else, the face would look at the sky and the ball would still come out low.',
                ['rolling', 'hook'],
                unless: static fn(Task $task): bool => $task->lie === Lie::SandThin || $task->lie === Lie::SandPlugged,
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_too_gentle',
                'Not enough speed for the sand taken',
                self::SAND,
                false,
                [
                    new Seen(Observable::BackswingLength, ['knee', 'hip'], Strength::Medium, neutral: ['rib']),
                    new Seen(Observable::SpeedChange, ['free'], Strength::Strong),
                    new Seen(Observable::Finish, ['short_balanced', 'full'], Strength::Strong),
                ],
                new Mechanism(carry: -0.28),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'The same entry, a longer and freer swing.',
                    [
                        'outside' => 'Throw the sand onto the green.',
                        'inside' => 'Feel a swing of twice the length.',
                        'sound' => 'A louder splash.',
                    ],
                    'Stop steering a small swing.',
                    ['full_finish', 'send_the_sand', 'thin_pop', 'edge_in'],
                    'Carry within 8 % of the number',
                ),
                'If it were something else, the splash would not be clean.',
                ['too soft', 'not enough'],
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_too_long',
                'Too much speed for the sand taken',
                self::SAND,
                false,
                [
                    new Seen(Observable::BackswingLength, ['shoulder', 'full'], Strength::Medium, neutral: ['rib']),
                    new Seen(Observable::SpeedChange, ['forced'], Strength::Medium),
                ],
                new Mechanism(touchMm: 8, touchSdMm: 16, depthMm: -0.4, carry: 0.28),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'The same entry, a shorter swing at the same speed.',
                    [
                        'outside' => 'Drop the sand on the fringe, not on the flag.',
                        'inside' => 'Feel the arms stop at the ribs.',
                        'sound' => 'A softer splash of the same length.',
                    ],
                    'Stop hitting the sand harder to be safe.',
                    ['splash_line', 'send_the_sand', 'thin_pop', 'edge_in'],
                    'Carry within 8 % of the number',
                ),
                'If it were something else, the swing would be short and the splash thin.',
                ['too long', 'over the green'],
                unless: static fn(Task $task): bool => $task->carryM === null,
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_path_start',
                'The ball follows the sand to the side',
                self::SAND,
                false,
                [new Ramp(Observable::Path, -5, -12, Strength::Strong)],
                new Mechanism(touchSdMm: 12, startDeg: -6, traits: [BallTrait::SandToLeadSide->value => 0.6]),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Aim the feet where the sand is to fly; sand and ball start together.',
                    [
                        'outside' => 'Throw the sand onto a towel on the target line.',
                        'inside' => 'Feel the club go out to the flag after the sand.',
                        'sound' => 'A long splash, straight ahead.',
                    ],
                    'Stop aiming with the face alone: in sand the path starts the ball.',
                    ['send_the_sand', 'walk_round', 'thin_pop', 'edge_in'],
                    'Start direction within 4° of the target',
                ),
                'If it were something else, the sand would fly at the target and the ball would not.',
                ['aim', 'pull', 'left'],
                unless: static fn(Task $task): bool => $task->lie === Lie::SandThin || $task->lie === Lie::SandPlugged,
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_hang_back_thin',
                'Leaning back on thin sand',
                self::SAND,
                true,
                [new Ramp(Observable::HeadDrift, -10, -40, Strength::Strong), new Ramp(Observable::LeadWeight, 48, 38, Strength::Strong)],
                new Mechanism(touchMm: -40, touchSdMm: 24, noContact: 0.08),
                new Cure(
                    Effort::SwingFeel,
                    [Correction::more(Observable::LeadWeight)],
                    'The weight moves a little forward through the strike.',
                    [
                        'outside' => 'Walk after the ball.',
                        'inside' => 'Feel the lead hip go first.',
                        'sound' => 'A snip past the ball.',
                    ],
                    'Stop helping the ball up off hard sand.',
                    ['thin_pop', 'still_head'],
                    'No skips',
                ),
                'If it were something else, the head would stay and the sole would still skip.',
                ['leaning back'],
                [Lie::SandThin],
            ),
        ];
    }
}

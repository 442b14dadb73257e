<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Turf;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\BackswingAgainstShot;
use LowPoint\Core\Causes\Clue\LessLoftWouldDo;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\EvidenceContext;
use LowPoint\Core\Causes\Mechanism;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\Backswing;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;

/** Causes in speed and length of the swing. */
final class SpeedAndDistance
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'long_then_quit',
                'Backswing too long, then slowing down',
                self::TURF,
                true,
                [
                    new BackswingAgainstShot(1, Strength::Strong),
                    new Seen(Observable::SpeedChange, ['quitting'], Strength::Strong),
                    new Seen(Observable::Finish, ['cut_short'], Strength::Weak),
                ],
                new Mechanism(touchMm: -25, touchSdMm: 20, depthMm: 0.3, carry: -0.12),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'A shorter backswing that may keep its speed.',
                    [
                        'outside' => 'Stop the club at a partner’s hand, then let it fall through.',
                        'inside' => 'Feel the club speed up by itself to the finish.',
                        'sound' => 'One even brush, no thud.',
                    ],
                    'Stop saving a long swing by slowing it.',
                    ['full_finish', 'club_ladder', 'backswing_stations'],
                    'Balanced finish, fewer heavy balls',
                ),
                'If it were something else, the club would reach the finish at full speed.',
                ['slow down', 'decelerate', 'quit'],
                spoilsStrikes: false,
            ),
            new Cause(
                'forced_hit',
                'A deliberate hit at the ball',
                self::TURF,
                true,
                [
                    new Seen(Observable::SpeedChange, ['forced'], Strength::Strong),
                    new Seen(Observable::Rhythm, ['snatched'], Strength::Medium),
                    new BackswingAgainstShot(-1, Strength::Weak),
                ],
                new Mechanism(touchMm: -3, touchSdMm: 16, scatter: 1.15, carry: 0.2, startDeg: -3),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Take the hit out first, then lengthen the backswing until the ball gets there.',
                    [
                        'outside' => 'Let the club fall like a child’s swing.',
                        'inside' => 'Feel the arms drop, the hands asleep.',
                        'sound' => 'A hum that does not get louder at the ball.',
                    ],
                    'Stop adding speed at the ball.',
                    ['arm_drop', 'rope_swing', 'bracket'],
                    'Speed free, carry error under 8 %',
                    asSeen: static function (EvidenceContext $context): ?string {
                        $seen = Backswing::seen($context->case->seen->choice(Observable::BackswingLength));
                        $asked = Backswing::askedBy($context->case->task);

                        return $seen === null || $asked === null || $seen->value <= $asked->value
                            ? null
                            : "Take the hit out, and stop the backswing at {$asked->place()}: "
                                ."one to {$seen->place()} is for a longer shot.";
                    },
                ),
                'If it were something else, the speed would be even and the ball still too long: then the backswing is too long.',
                ['hit too hard', 'hitting hard', 'too hard'],
                spoilsStrikes: false,
            ),
            new Cause(
                'easing_off',
                'Easing off an in-between distance',
                self::TURF,
                false,
                [
                    new Seen(Observable::SpeedChange, ['quitting'], Strength::Strong),
                    new Seen(Observable::BackswingLength, ['hip', 'rib', 'shoulder'], Strength::Strong),
                    new BackswingAgainstShot(0, Strength::Weak),
                ],
                new Mechanism(touchMm: -10, touchSdMm: 18, carry: -0.2, startDeg: 3),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Choose the length that needs no easing: a shorter backswing or less club.',
                    [
                        'outside' => 'Clip the tee on the far side of the ball.',
                        'inside' => 'Feel the same speed for every length.',
                        'sound' => 'The swish stays the same.',
                    ],
                    'Stop guiding a swing that is too big for the number.',
                    ['arm_drop', 'backswing_stations', 'bracket'],
                    'Carry error under 8 % on in-between numbers',
                ),
                'If it were something else, the speed would stay free at in-between numbers.',
                ['ease off', 'easing off'],
                spoilsStrikes: false,
            ),
            new Cause(
                'swing_length_wrong',
                'Backswing length does not fit the distance',
                self::TURF,
                true,
                [new BackswingAgainstShot(0, Strength::Medium), new Seen(Observable::SpeedChange, ['free'], Strength::Strong)],
                new Mechanism(carry: 0.2, carryEitherWay: true),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'Too long: one station shorter. Too short: one station longer. The speed stays free.',
                    [
                        'outside' => 'Stop the lead arm at the station you called.',
                        'inside' => 'Feel the length, leave the speed alone.',
                        'sound' => 'The same swish for every length.',
                    ],
                    'Stop correcting distance with the hands.',
                    ['backswing_stations', 'mystery_numbers', 'bracket'],
                    'Mean carry error under 8 %',
                    asSeen: static function (EvidenceContext $context): ?string {
                        $off = $context->pattern->middleCarryError($context->case);

                        $own = $context->case->task->ownLength;

                        return match (true) {
                            $off === null => null,
                            $own !== null => ($off > 0 ? 'Balls carry too far' : 'Balls carry too little')
                                .": by his own chart a swing to {$own->place()} carries this. The speed stays free.",
                            $off > 0 => 'Balls carry too far: one station shorter. The speed stays free.',
                            default => 'Balls carry too little: one station longer. The speed stays free.',
                        };
                    },
                ),
                'If it were something else, the speed would be forced or would fade at the ball.',
                ['too long', 'too short', 'distance'],
                spoilsStrikes: false,
            ),
            new Cause(
                'carry_scatter',
                'Clean, but never twice the same distance',
                self::TURF,
                false,
                [
                    new Seen(Observable::Rhythm, ['jerky', 'snatched'], Strength::Weak),
                    new Seen(Observable::SpeedChange, ['forced', 'quitting'], Strength::Weak),
                ],
                new Mechanism(carryScatter: 2.2),
                new Cure(
                    Effort::SwingFeel,
                    [],
                    'One length called before each ball, one speed for all of them.',
                    [
                        'outside' => 'Stop the lead arm at the same hour of the clock each time.',
                        'inside' => 'Feel the same weight of the club at the top of each swing.',
                        'sound' => 'The same swish, ten times.',
                    ],
                    'Stop finding the distance during the swing.',
                    ['backswing_stations', 'mystery_numbers', 'arm_drop'],
                    'Carries of one length within 8 %',
                ),
                'If it were something else, the carries would lie close together and off to one side.',
                ['distance control', 'inconsistent distance'],
                unless: static fn(Task $task): bool => $task->carryM === null,
                spoilsStrikes: false,
                isInTheBalls: true,
            ),
            new Cause(
                'wrong_shot',
                'A harder shot was chosen than needed',
                self::TURF,
                true,
                [new LessLoftWouldDo(Strength::Strong)],
                new Mechanism,
                new Cure(
                    Effort::Setup,
                    [],
                    'Take a club of less loft, land it a metre on the green and let it run.',
                    [
                        'outside' => 'See the ball roll the last two thirds of the way.',
                        'inside' => 'Feel a putt with a lofted putter.',
                        'sound' => 'A click and a roll.',
                    ],
                    'Stop flying the ball where it can roll.',
                    ['club_ladder', 'six_to_save'],
                    'More balls within a metre',
                ),
                'If it were something else, a running club would miss as often.',
                ['wrong club', 'wrong shot'],
                unless: static fn(Task $task): bool => $task->carryM === null || $task->rollM === null,
                spoilsStrikes: false,
            ),
        ];
    }
}

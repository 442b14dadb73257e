<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Lie;

/** Drills for how the body and the arms move. */
final class MotionDrills
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    private const ALL = [Shot::Chip, Shot::Pitch, Shot::Bunker];

    /** @return list<Drill> */
    public static function all(): array
    {
        return [
            new Drill(
                'rope_swing',
                'Rope swing',
                'Let the end swing by itself; a pushed rope goes slack.',
                self::TURF,
                ['a short soft rope or a knotted towel'],
                ['grass', 'mat', 'none'],
                [
                    'Hold the rope like a club and swing it back and through.',
                    'It must never go slack: no hit, no stop.',
                    'Take the club and keep the same feel.',
                ],
                ['sets' => 3, 'balls' => 10, 'minutes' => 5],
                ['kind' => Scoring::Free, 'need' => null, 'of' => null, 'text' => 'Three times ten without a slack rope.'],
                'Smaller swings.',
                'Rope and club in turn, then a ball.',
                'The end leads, the hands follow.',
                trains: Skill::FreeSwing,
                cautions: ['Clear space all round, soft rope only.'],
                notWith: [Limit::Shoulder->value => 'the rope pulls at the end; not with a shoulder to take care of'],
            ),
            new Drill(
                'miss_the_second',
                'Miss the second',
                'Bring the clubhead back inside the place where it was set down.',
                self::TURF,
                ['two balls', 'tee'],
                ['grass', 'mat'],
                [
                    'Lay a second ball, or push in a tee, one clubhead outside the first, on the far side from you.',
                    'Set the club down behind the first ball, weight over the balls of the feet.',
                    'Play the first ball. The second must not move.',
                ],
                ['sets' => 3, 'balls' => 8, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 7, 'of' => 8, 'text' => 'The first ball is struck, the second stays.'],
                'A tee instead of the second ball, and half of the swing.',
                'Move the second ball in until a finger fits between.',
                'Past the second one, on your side of it.',
                trains: Skill::Reach,
                cautions: ['A struck second ball can fly hard to the side: nobody in front or beside you.'],
            ),
            new Drill(
                'stick_clear',
                'Stick clear',
                'Turn the chest so that the stick never touches the ribs.',
                self::TURF,
                ['alignment stick with a blunt end cap'],
                ['grass', 'mat', 'none'],
                [
                    'Hold the stick along the grip so that it sticks out past the lead side.',
                    'Swing short and slowly; the stick must not touch the ribs.',
                    'Ten slow swings, then ten balls without the stick.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'No touch of the ribs.'],
                'No ball, half speed.',
                'Hip-to-hip with a ball.',
                'Buttons and stick turn together.',
                trains: Skill::Turn,
                cautions: ['Blunt end cap, never fast.'],
                notWith: [Limit::Back->value => 'the turn is held against a stick; not with a back to take care of'],
            ),
            new Drill(
                'ball_hold_turn',
                'Ball hold turn',
                'Feel the chest carry the arms.',
                self::TURF,
                ['light medicine ball, 2 kg or less'],
                ['grass', 'mat', 'none'],
                [
                    'Hold the ball in front of the belly with both hands.',
                    'Turn slowly back and through as in a short swing. No throw.',
                    'Put it down and swing the club with the same turn.',
                ],
                ['sets' => 2, 'balls' => 8, 'minutes' => 6],
                ['kind' => Scoring::Free, 'need' => null, 'of' => null, 'text' => 'Two times eight, slow.'],
                'A cushion instead of the ball.',
                'Feet together.',
                'The ball stays in front of the chest.',
                trains: Skill::Turn,
                cautions: ['Back and shoulder: light ball only, slowly, no throw.'],
                notWith: [
                    Limit::Back->value => 'turning with a weight; not with a back to take care of',
                    Limit::Shoulder->value => 'holding a weight out; not with a shoulder to take care of',
                    Limit::Under14->value => 'no weights for children',
                ],
            ),
            new Drill(
                'arm_drop',
                'Arm drop',
                'Learn how much speed the fall alone gives.',
                self::TURF,
                [],
                ['grass', 'mat', 'none'],
                [
                    'Lift the arms to shoulder height without a club and let them fall. No effort.',
                    'The same with the club, brushing the grass.',
                    'The same with a ball; see how far it goes by itself.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Carry inside your band with no effort.'],
                'Without a ball.',
                'Three lengths in turn, the same fall.',
                'The arms fall, you watch.',
                trains: Skill::FreeSwing,
                passOfBand: 'Carry inside your band, %s to %s, with no effort.',
            ),
            new Drill(
                'still_head',
                'Still head',
                'Keep the head over the spot where the club meets the ground.',
                self::ALL,
                ['a partner, or the sun for a shadow'],
                ['grass', 'sand', 'mat'],
                [
                    'Stand so that the shadow of your head lies on a mark, or ask a partner to hold a grip end at your ear.',
                    'Swing; the shadow stays on the mark until the ball has gone.',
                    'Ten swings, then ten balls.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'Head still until the strike, by partner or shadow.'],
                'Half swings without a ball.',
                'Eyes on the spot for a second after.',
                'Nose over the spot.',
                trains: Skill::Head,
                cautions: ['The partner stands in front of you out of reach of the club, not beside it.'],
            ),
            new Drill(
                'full_finish',
                'Full finish',
                'Get to the end of the swing every time.',
                self::ALL,
                [],
                ['grass', 'sand', 'mat'],
                ['Swing through to a balanced finish.', 'Hold it and count to three.', 'The ball only counts when the finish does.'],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'Finish held three seconds.'],
                'Without a ball.',
                'Half speed and full speed in turn.',
                'The finish pulls the club through.',
                trains: Skill::Finish,
                notOn: [Lie::SandPlugged],
                cautions: ['Sand in the eyes: in bunkers glasses, nobody downwind.'],
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** Drills in the bunker. */
final class SandDrills
{
    private const SAND = [Shot::Bunker];

    /** Where there is sand enough under the ball for the sole to enter early. */
    private const ROOM_TO_SPLASH = [Lie::SandSoft, Lie::SandMedium, Lie::SandFirm];

    /** @return list<Drill> */
    public static function all(): array
    {
        return [
            new Drill(
                'splash_line',
                'Splash line',
                'Make the sand fly from the same place every time.',
                self::SAND,
                [],
                ['sand'],
                [
                    'Draw a line in the sand across your stance. No ball.',
                    'Ten splashes: each begins on the line or up to 3 cm past it.',
                    'Then a ball 5 cm past the line; look at the line, not the ball.',
                ],
                ['sets' => 3, 'balls' => 10, 'minutes' => 12],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'The splash begins 0 to 3 cm past the line.'],
                'Half swings.',
                'A line for each splash, walking on.',
                'The sand goes, the ball rides.',
                trains: Skill::Entry,
                lies: self::ROOM_TO_SPLASH,
                cautions: ['Sand in the eyes: glasses, nobody downwind.', 'Breaks each 15 minutes.'],
                computed: static fn(Swing $swing, Words $words): array => [
                    'Ball '.
                    $words->ground(50).
                    ' past the line, the low point '.
                    $words->ground(max(0.0, $swing->lowPoint->mean)).
                    ' past the ball today.',
                ],
            ),
            new Drill(
                'sole_thump',
                'Sole thump',
                'Hear the sole, not the edge.',
                self::SAND,
                [],
                ['sand'],
                [
                    'No ball. Face open, hands level.',
                    'Strike the sand with the sole and listen: a dull thud.',
                    'A scrape means that the edge went in: less lean, more opening.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'Thud, not scrape.'],
                'Drop the club head only.',
                'Eyes closed.',
                'Pat the sand with the back of a spoon.',
                trains: Skill::Sole,
                lies: self::ROOM_TO_SPLASH,
                cautions: ['Sand in the eyes: glasses, nobody downwind.'],
                notWith: [Limit::Wrist->value => 'repeated blows into sand; not with a wrist to take care of'],
            ),
            new Drill(
                'sand_over_shoulder',
                'Sand over the shoulder',
                'Keep the face looking up.',
                self::SAND,
                [],
                ['sand'],
                [
                    'Scoop a little sand onto the open face.',
                    'Swing slowly back and toss it over the trail shoulder. No ball.',
                    'The sand stays on until the toss: the face never rolled.',
                ],
                ['sets' => 2, 'balls' => 8, 'minutes' => 6],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 8, 'text' => 'The sand flies over the trail shoulder.'],
                'Half swing.',
                'Then a splash with the same face.',
                'Serve the sand on a plate.',
                trains: Skill::Face,
                lies: self::ROOM_TO_SPLASH,
                cautions: ['Sand in the eyes: glasses, nobody downwind.', 'Nobody behind you.'],
                notWith: [
                    Limit::Eyesight->value => 'sand is tossed over the shoulder; not with eyes to take care of',
                    Limit::Shoulder->value => 'a toss over the shoulder; not with a shoulder to take care of',
                ],
            ),
            new Drill(
                'walk_round',
                'Walk round',
                'Open the stance and keep the ball where it was.',
                self::SAND,
                [],
                ['sand'],
                [
                    'Draw an arc round the ball, as far as your feet stand.',
                    'Set the face first, then walk the feet along the arc to open up.',
                    'Check: ball still at the lead heel.',
                ],
                ['sets' => 1, 'balls' => 5, 'minutes' => 5],
                ['kind' => Scoring::Count, 'need' => 5, 'of' => 5, 'text' => 'Ball position within 5 % of the card.'],
                'Small opening.',
                'Eyes up, then check.',
                'Feet walk, ball stays.',
                trains: Skill::Stance,
                lies: self::ROOM_TO_SPLASH,
            ),
            new Drill(
                'send_the_sand',
                'Send the sand',
                'Throw the sand at the target, not to the side.',
                self::SAND,
                ['a towel'],
                ['sand'],
                [
                    'Lay a towel 2 m out on the target line.',
                    'No ball: land the sand on the towel.',
                    'Then a ball, and the sand still lands there.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 10],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Sand on the towel.'],
                '1 m out.',
                '3 m out.',
                'Throw a spadeful at the flag.',
                trains: Skill::Path,
                lies: self::ROOM_TO_SPLASH,
                cautions: ['Sand in the eyes: glasses, nobody downwind.'],
            ),
            new Drill(
                'across_the_feet',
                'Across the feet',
                'Steeper, along the line of the feet.',
                self::SAND,
                ['two lines in the sand'],
                ['sand'],
                [
                    'Draw the target line and the line of your open feet.',
                    'Set the club more upright: hands higher going back.',
                    'Splash along the line of the feet.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 10],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Splash along the feet, 3 to 6 cm behind the ball.'],
                'No ball.',
                'Alternate two targets.',
                'Along the feet, the face sends it straight.',
                trains: Skill::Path,
                lies: self::ROOM_TO_SPLASH,
                cautions: ['Sand in the eyes: glasses, nobody downwind.'],
            ),
            new Drill(
                'thin_pop',
                'Thin pop',
                'Get the edge under the ball where the sand is thin.',
                self::SAND,
                [],
                ['sand'],
                [
                    'Face a little shut, ball in the middle, feet square.',
                    'A short quiet swing, weight moving forward.',
                    'Aim to allow for the shut face.',
                ],
                ['sets' => 1, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Out and on the green.'],
                'On firm grass first.',
                'To two targets.',
                'A chip that happens to be in sand.',
                trains: Skill::HardSand,
                lies: [Lie::SandThin, Lie::SandFirm],
                cautions: ['Wrists and elbows: hard ground, few balls, short swings.'],
                notWith: [
                    Limit::Wrist->value => 'blows on hard ground; not with a wrist to take care of',
                    Limit::Elbow->value => 'blows on hard ground; not with an elbow to take care of',
                ],
            ),
            new Drill(
                'edge_in',
                'Edge in',
                'Get a buried ball out with the edge, not the sole.',
                self::SAND,
                [],
                ['sand'],
                [
                    'Press a ball half under the sand.',
                    'Face a little shut, ball in the middle, weight on the lead foot.',
                    'Up steeply, down two fingers behind the ball; the club may stay in the sand.',
                    'It runs when it lands: allow for it.',
                ],
                ['sets' => 2, 'balls' => 5, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Out and on the green.'],
                'Ball a third under.',
                'Ball wholly under.',
                'An axe into soft wood.',
                trains: Skill::Buried,
                lies: [Lie::SandPlugged],
                cautions: ['Sand in the eyes: glasses, nobody downwind.', 'Wrists and elbows: few balls.'],
                notWith: [
                    Limit::Wrist->value => 'blows deep into sand; not with a wrist to take care of',
                    Limit::Elbow->value => 'blows deep into sand; not with an elbow to take care of',
                ],
            ),
        ];
    }
}

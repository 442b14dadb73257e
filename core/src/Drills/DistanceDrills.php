<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** Drills for distance and transfer. */
final class DistanceDrills
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    private const ALL = [Shot::Chip, Shot::Pitch, Shot::Bunker];

    /** @return list<Drill> */
    public static function all(): array
    {
        return [
            new Drill(
                'backswing_stations',
                'Backswing stations',
                'Build your own distance chart.',
                self::TURF,
                ['a tape or known distances'],
                ['grass'],
                [
                    'Hip, rib and shoulder length, each at free speed.',
                    'Five balls each; note the carry of each.',
                    'Write the three averages down: your chart.',
                ],
                ['sets' => 3, 'balls' => 5, 'minutes' => 15],
                ['kind' => Scoring::Stations, 'need' => 8, 'of' => 5, 'text' => 'Spread of each station under 8 % of its carry.'],
                'Two stations only.',
                'A second club.',
                'One speed, three lengths.',
                trains: Skill::Distance,
                computed: static fn(Swing $swing, Words $words): array => [
                    'Loft as you deliver it: '.$words->degrees($swing->delivered()->loftDeg).'. Chart each club with this lean.',
                ],
            ),
            new Drill(
                'bracket',
                'Bracket',
                'Feel a distance between too little and too much.',
                self::TURF,
                [],
                ['grass'],
                [
                    'One flag. First ball clearly short.',
                    'Second ball clearly long.',
                    'Third ball between the two, at the flag: note its carry. Five flags.',
                ],
                ['sets' => 1, 'balls' => 15, 'minutes' => 10],
                ['kind' => Scoring::Error, 'need' => 8, 'of' => 5, 'text' => 'Mean error of the matched ball under 8 % over five flags.'],
                'A nearer flag.',
                'Flags further apart.',
                'Too little, too much, enough.',
                trains: Skill::Distance,
            ),
            new Drill(
                'mystery_numbers',
                'Mystery numbers',
                'Own every number in your band.',
                self::TURF,
                ['markers or a laser'],
                ['grass'],
                [
                    'Draw a random distance in your band, never the same twice in a row.',
                    'Choose a start spot a metre ahead on the line.',
                    'One ball; note the error. Twelve numbers.',
                ],
                ['sets' => 1, 'balls' => 12, 'minutes' => 15],
                ['kind' => Scoring::Error, 'need' => 8, 'of' => 12, 'text' => 'Mean error under 8 % over twelve balls.'],
                'Three numbers only.',
                'One club for all numbers.',
                'See the landing spot, then swing.',
                trains: Skill::Numbers,
            ),
            new Drill(
                'club_ladder',
                'Club ladder',
                'Earn your wedge from the low-lofted clubs up.',
                self::TURF,
                ['three or four clubs of rising loft'],
                ['grass'],
                [
                    'Five chips to one hole with the least lofted club.',
                    'Four of five inside a metre: one club up.',
                    'Fewer: start again at the bottom.',
                ],
                ['sets' => 1, 'balls' => 25, 'minutes' => 20],
                ['kind' => Scoring::Ladder, 'need' => 4, 'of' => 5, 'text' => 'Your usual wedge reached.'],
                'Two metres instead of one.',
                'A new hole at each step.',
                'The same small swing, another loft.',
                trains: Skill::Club,
            ),
            new Drill(
                'six_to_save',
                'Six to save',
                'Play as on the course: one ball, one lie, then the putt.',
                self::ALL,
                ['putter'],
                ['grass', 'sand'],
                [
                    'Six balls, six different lies.',
                    'Play each once and putt it out.',
                    'Count the times you are down in two.',
                ],
                ['sets' => 1, 'balls' => 6, 'minutes' => 15],
                ['kind' => Scoring::Count, 'need' => 3, 'of' => 6, 'text' => 'Saves at your level: two, three or four of six.'],
                'Choose the lies yourself.',
                'A partner places the balls.',
                'One ball, one look, one swing.',
                trains: Skill::Transfer,
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;

/** Drills for rough and slopes. */
final class LieDrills
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Drill> */
    public static function all(): array
    {
        return [
            new Drill(
                'lie_toss',
                'Lie toss',
                'Read the lie before the club decides.',
                self::TURF,
                ['ten balls'],
                ['grass'],
                [
                    'Toss ten balls over the shoulder into the rough, nobody behind.',
                    'At each, say set-up and finish aloud first.',
                    'Play it as you called it.',
                ],
                ['sets' => 1, 'balls' => 10, 'minutes' => 15],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Eight of ten calls right, six of ten strikes good.'],
                'Light rough only.',
                'A target for each ball.',
                'Look, call, play.',
                trains: Skill::Lie,
                cautions: ['Nobody behind when you toss.'],
            ),
            new Drill(
                'two_finishes',
                'Two finishes',
                'Choose run-out or soft landing by the finish.',
                self::TURF,
                [],
                ['grass'],
                [
                    'The same set-up for all balls.',
                    'Alternate: finish held low, ball runs out; finish released, ball lands softly.',
                    'Pace off the roll of each.',
                ],
                ['sets' => 1, 'balls' => 10, 'minutes' => 12],
                ['kind' => Scoring::Contrast, 'need' => 30, 'of' => 10, 'text' => 'The roll of the two differs by 30 % or more.'],
                'From the fairway.',
                'From ball-down lies.',
                'Held hums low, released floats.',
                trains: Skill::Finish,
            ),
            new Drill(
                'slope_brush',
                'Slope brush',
                'Let the slope show where the ball belongs.',
                self::TURF,
                [],
                ['grass'],
                [
                    'Beside the ball, brush the slope until the brush repeats.',
                    'Put the ball where the brush begins to repeat.',
                    'Play it. Two slopes, four balls each.',
                ],
                ['sets' => 2, 'balls' => 4, 'minutes' => 12],
                ['kind' => Scoring::Count, 'need' => 3, 'of' => 4, 'text' => 'Three of four clean on two slopes.'],
                'A gentler slope.',
                'Across and up in turn.',
                'Shoulders follow the slope.',
                trains: Skill::Ground,
                cautions: ['Firm footing first; leave wet banks alone.'],
                notWith: [Limit::Balance->value => 'standing on a bank; not with a balance to take care of'],
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Strike\Arc;
use LowPoint\Core\Strike\Swing;
use LowPoint\Core\Wording\Words;

/** Drills on grass for where and how the club meets the ground. */
final class LowPointDrills
{
    private const TURF = [Shot::Chip, Shot::Pitch];

    /** @return list<Drill> */
    public static function all(): array
    {
        return [
            new Drill(
                'brush_line',
                'Brush line',
                'Learn where the club meets the ground, with no ball to look at.',
                self::TURF,
                ['line spray or four tees'],
                ['grass'],
                [
                    'Spray a line across the stance, or push in two tees a club apart, where the ball would lie.',
                    'Brush the grass with your normal swing. No ball.',
                    'Look at the mark: does it start on the line or just past it?',
                    'After eight good marks in ten, put a ball a finger behind the far edge of the line and play it.',
                ],
                ['sets' => 3, 'balls' => 10, 'minutes' => 10],
                ['kind' => Scoring::Count, 'need' => 8, 'of' => 10, 'text' => 'The mark starts on the line or up to 4 cm past it.'],
                'Half the swing length.',
                'A ball every second swing.',
                'The brush begins at the line.',
                trains: Skill::Ground,
                computed: static fn(Swing $swing, Words $words): array => [
                    'Good marks begin from the line to '.$words->ground(40).' past it.',
                    "Today the club first touches {$words->place(
                        (new Arc($swing->radiusMm, $swing->lowPoint->mean, max(0.0, $swing->depth->mean)))->entryMm,
                    )} on average.",
                ],
            ),
            new Drill(
                'clear_the_trailer',
                'Clear the trailer',
                'Get the club down to the ball from above a second one behind it.',
                self::TURF,
                ['two balls'],
                ['grass', 'mat'],
                [
                    'Lay a second ball behind the first, on the target line, at the distance given.',
                    'Play the front ball. The back one must not move.',
                    'Weight on the lead foot before you go.',
                ],
                ['sets' => 3, 'balls' => 10, 'minutes' => 10],
                ['kind' => Scoring::Count, 'need' => 7, 'of' => 10, 'text' => 'The front ball is struck, the back ball stays.'],
                'A coin or a leaf instead of the second ball.',
                'Move the second ball one ball nearer.',
                'Over the back one, down to the front one.',
                trains: Skill::Ground,
                cautions: ['A struck back ball can fly low to the side: nobody in front or beside you.'],
                computed: static function (Swing $swing, Words $words): array {
                    $clearance = new Clearance(new Arc($swing->radiusMm, $swing->lowPoint->mean, max(0.0, $swing->depth->mean)));
                    $grip = $words->ground(Clearance::GRIP_LENGTH_MM);
                    $nearest = $words->ground($clearance->nearestMm());

                    return $clearance->clears(Clearance::GRIP_LENGTH_MM)
                        ? [
                            "Second ball one grip length ({$grip}) behind: this arc passes ".
                            $words->ground($clearance->roomMm(Clearance::GRIP_LENGTH_MM)).
                            ' above it. It clears from '.
                            $nearest.
                            ' on.',
                        ]
                        : ["Second ball {$nearest} behind. At one grip length ({$grip}) this arc would still hit it."];
                },
            ),
            new Drill(
                'one_arm_brush',
                'One-arm brush',
                'Feel the clubhead swing by its own weight.',
                self::TURF,
                [],
                ['grass', 'mat'],
                [
                    'Trail hand only, hands down to the middle of the grip, short swings that brush the grass. Ten times.',
                    'Lead hand only, the same. Ten times.',
                    'Both hands, with a ball, and the same soft brush.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 6, 'of' => 10, 'text' => 'Clean strikes with both hands.'],
                'No ball at all.',
                'Trail hand only with a ball.',
                'The club falls, the hand goes along.',
                trains: Skill::FreeSwing,
                cautions: ['Short swings; stop if wrist or elbow hurts.'],
                notWith: [
                    Limit::Wrist->value => 'one hand carries the whole club; not with a wrist to take care of',
                    Limit::Elbow->value => 'one hand carries the whole club; not with an elbow to take care of',
                ],
            ),
            new Drill(
                'shaft_up',
                'Shaft up',
                'Bring the shaft back to where it stood at address.',
                self::TURF,
                ['phone for a video, or a partner'],
                ['grass', 'mat'],
                [
                    'Set the lean of your set-up card and look at the shaft.',
                    'Strike and freeze one hand past the ball.',
                    'The shaft must stand on its address line again. Check on the video or ask your partner.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 10],
                ['kind' => Scoring::Count, 'need' => 7, 'of' => 10, 'text' => 'Shaft within 5° of its address line a hand past the ball.'],
                'Without a ball, at half speed.',
                'Full chip length, freeze at the finish.',
                'Let the head come home.',
                trains: Skill::Shaft,
            ),
            new Drill(
                'centre_pointer',
                'Centre pointer',
                'Keep the grip end pointing at the middle of the body.',
                self::TURF,
                ['alignment stick or tee at the grip end'],
                ['grass', 'mat', 'none'],
                [
                    'Hold a stick along the grip, or push a tee into the hole of the grip end.',
                    'Swing short, back and through; the stick keeps pointing at your middle.',
                    'Then the same with a ball and without the stick.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                [
                    'kind' => Scoring::Count,
                    'need' => 8,
                    'of' => 10,
                    'text' => 'Pointing at the middle at the strike, seen by partner or video.',
                ],
                'Hip-to-hip swings without a ball.',
                'Alternate low and high shots.',
                'Middle and grip end travel together.',
                trains: Skill::Shaft,
                cautions: ['A stick at the grip end: blunt end cap, slow swings.'],
            ),
            new Drill(
                'lead_leg',
                'Lead leg',
                'Keep the weight where the ball is.',
                self::TURF,
                [],
                ['grass', 'mat'],
                [
                    'Pull the trail foot back until only its toes rest on the ground.',
                    'All weight on the lead foot. Short swings.',
                    'Brush, then play balls, without putting the heel down.',
                ],
                ['sets' => 2, 'balls' => 10, 'minutes' => 8],
                ['kind' => Scoring::Count, 'need' => 7, 'of' => 10, 'text' => 'Clean strikes with the trail heel up.'],
                'Hold a chair or a stick with the trail hand.',
                'Trail foot off the ground for the brush alone.',
                'The lead leg carries everything.',
                trains: Skill::Weight,
                cautions: ['Balance, knees and hips: use a chair or leave it out; stop at pain.'],
                notWith: [
                    Limit::Knee->value => 'all weight on one leg; not with a knee to take care of',
                    Limit::Hip->value => 'all weight on one leg; not with a hip to take care of',
                    Limit::Balance->value => 'standing on one leg; not with a balance to take care of',
                ],
            ),
        ];
    }
}

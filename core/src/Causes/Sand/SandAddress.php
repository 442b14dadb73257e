<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Sand;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\FaceOffStance;
use LowPoint\Core\Causes\Clue\LeanKept;
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

/** Causes at address in the bunker. */
final class SandAddress
{
    private const SAND = [Shot::Bunker];

    private const SOFT = [Lie::SandSoft, Lie::SandMedium];

    private const HARD = [Lie::SandThin, Lie::SandFirm];

    /** @return list<Cause> */
    public static function causes(): array
    {
        return [
            new Cause(
                'sand_face_square',
                'Face too square for soft sand',
                self::SAND,
                true,
                [
                    new Ramp(Observable::FaceOpen, 12, 2, Strength::Strong),
                    new Seen(Observable::FaceBackswing, ['looks_down'], Strength::Weak, neutral: ['along_spine']),
                ],
                new Mechanism(depthMm: 0.4, touchSdMm: 18, faceDeg: 3),
                new Cure(
                    Effort::Setup,
                    [
                        Correction::more(Observable::FaceOpen),
                        Correction::more(Observable::StanceOpen),
                        Correction::more(Observable::LeadWeight),
                    ],
                    'The face looks at the sky all the way.',
                    [
                        'outside' => 'The face looks at the sky all the way.',
                        'inside' => 'Feel the trail palm under the club.',
                        'sound' => 'A dull thud, no scrape.',
                    ],
                    'Stop squaring the face to the flag.',
                    ['sole_thump', 'sand_over_shoulder', 'splash_line'],
                    'Thud in eight of ten, ball out in the first third of the sand',
                ),
                'If it were something else, an open face would still dig.',
                ['face square', 'digging'],
                self::SOFT,
            ),
            new Cause(
                'sand_face_open_on_thin',
                'Face open where the sand is thin',
                self::SAND,
                true,
                [new Ramp(Observable::FaceOpen, 3, 12, Strength::Strong)],
                new Mechanism(touchSdMm: 18, faceDeg: 14, traits: [BallTrait::Click->value => 0.5]),
                new Cure(
                    Effort::Setup,
                    [
                        Correction::less(Observable::FaceOpen),
                        Correction::less(Observable::StanceOpen),
                        Correction::less(Observable::BallPosition),
                    ],
                    'The leading edge goes in first; aim to allow for the face.',
                    [
                        'outside' => 'The leading edge slips under a coin.',
                        'inside' => 'Feel a chip, short and quiet.',
                        'sound' => 'A snip, not a clang.',
                    ],
                    'Stop opening the face on hard sand.',
                    ['thin_pop', 'still_head'],
                    'No skips, six of ten out and on',
                ),
                'If it were something else, a shut face would skip as well.',
                ['skull', 'blade'],
                self::HARD,
            ),
            new Cause(
                'sand_open_on_plugged',
                'Face open where the ball is buried',
                self::SAND,
                true,
                [new Ramp(Observable::FaceOpen, 0, 12, Strength::Strong), new Ramp(Observable::StanceOpen, 10, 25, Strength::Weak)],
                new Mechanism(touchSdMm: 18, faceDeg: 16),
                new Cure(
                    Effort::Setup,
                    [
                        Correction::less(Observable::FaceOpen),
                        Correction::less(Observable::StanceOpen),
                        Correction::more(Observable::LeadWeight),
                    ],
                    'The edge goes in steeply behind the ball; the sole stays out of it.',
                    [
                        'outside' => 'Split a log behind the ball.',
                        'inside' => 'Feel the weight on the lead leg all the way.',
                        'sound' => 'A deep thump, and quiet after it.',
                    ],
                    'Stop opening the face to a buried ball.',
                    ['edge_in', 'still_head'],
                    'Out and on in six of ten',
                ),
                'If it were something else, a shut face would leave the ball in as well.',
                ['buried', 'plugged'],
                [Lie::SandPlugged],
            ),
            new Cause(
                'sand_ball_back',
                'Ball too far back',
                self::SAND,
                false,
                [new Ramp(Observable::BallPosition, 75, 50, Strength::Strong)],
                new Mechanism(touchMm: 18, touchSdMm: 30, depthMm: 1.2),
                new Cure(
                    Effort::Setup,
                    [Correction::more(Observable::BallPosition)],
                    'The ball lies past the spot where the sand begins.',
                    [
                        'outside' => 'Draw a line from the ball to the lead heel.',
                        'inside' => 'Feel the ball ahead of the chest.',
                        'sound' => 'A dull thud.',
                    ],
                    'Stop playing it from the middle.',
                    ['splash_line', 'walk_round', 'edge_in'],
                    'Splash begins behind the ball and ends past it',
                ),
                'If it were something else, the sand would still be too much with the ball forward.',
                ['ball back'],
                [...self::SOFT, Lie::SandFirm],
            ),
            new Cause(
                'sand_ball_lost',
                'Ball wandered out of position while the stance was opened',
                self::SAND,
                false,
                [
                    new Ramp(Observable::BallPosition, 105, 125, Strength::Strong),
                    new Ramp(Observable::StanceOpen, 25, 40, Strength::Medium),
                ],
                new Mechanism(touchMm: -42, touchSdMm: 22),
                new Cure(
                    Effort::Setup,
                    [Correction::less(Observable::BallPosition)],
                    'Open the stance by walking the feet round the ball.',
                    [
                        'outside' => 'The ball stays on the drawn mark while the feet walk.',
                        'inside' => 'Feel the ball stay at the lead heel.',
                        'sound' => 'Thud at the same spot.',
                    ],
                    'Stop stepping away from the ball when you open up.',
                    ['walk_round', 'splash_line', 'thin_pop', 'edge_in'],
                    'Ball position within 5 % in five of five',
                ),
                'If it were something else, the entry would be behind with the ball at the lead heel.',
                ['too far behind'],
            ),
            new Cause(
                'sand_handle_forward',
                'Handle leaning forward in the sand',
                self::SAND,
                true,
                [
                    new Ramp(Observable::ShaftLean, 1, 7, Strength::Strong),
                    new LeanKept(1, 7, Strength::Strong),
                    new Seen(Observable::Release, ['held_off'], Strength::Strong, neutral: ['matched']),
                ],
                new Mechanism(touchMm: 3, touchSdMm: 22, depthMm: 0.6, addressLeanDeg: 7, traits: [BallTrait::Scrape->value => 0.5]),
                new Cure(
                    Effort::Setup,
                    [Correction::less(Observable::ShaftLean), Correction::more(Observable::BallPosition)],
                    'The clubhead passes the hands in the sand.',
                    [
                        'outside' => 'The grip end points at your middle.',
                        'inside' => 'Feel the clubhead pass the hands in the sand.',
                        'sound' => 'Thud, not scrape.',
                    ],
                    'Stop pushing the hands ahead.',
                    ['sole_thump', 'splash_line', 'thin_pop', 'edge_in'],
                    'Thud in eight of ten, marks shallower',
                ),
                'If it were something else, the sole would still dig with the hands level.',
                ['hands forward', 'dig'],
            ),
            new Cause(
                'sand_weight_trail',
                'Weight not on the lead foot',
                self::SAND,
                true,
                [new Ramp(Observable::LeadWeight, 55, 42, Strength::Strong), new Ramp(Observable::ImpactWeight, 55, 42, Strength::Strong)],
                new Mechanism(touchMm: -45, touchSdMm: 26, scatter: 1.1, noContact: 0.08),
                new Cure(
                    Effort::Setup,
                    [Correction::more(Observable::LeadWeight)],
                    'The weight stays on the lead foot.',
                    [
                        'outside' => 'The lead foot leaves the deeper print.',
                        'inside' => 'Feel the lead thigh work.',
                        'sound' => 'Thud just behind the ball.',
                    ],
                    'Stop leaning back to help it over the lip.',
                    ['splash_line', 'still_head', 'thin_pop', 'edge_in'],
                    'Entry within 3 to 6 cm behind the ball',
                ),
                'If it were something else, the entry would stay behind with the lead foot loaded.',
                ['weight back', 'leaning back'],
            ),
            new Cause(
                'sand_mismatch',
                'Face and stance do not match',
                self::SAND,
                false,
                [new FaceOffStance(10, 25, Strength::Strong)],
                new Mechanism(touchSdMm: 12, startDeg: 6),
                new Cure(
                    Effort::Setup,
                    [Correction::match(Observable::StanceOpen, Observable::FaceOpen)],
                    'Open the feet by walking them round the ball, face first.',
                    [
                        'outside' => 'Two lines in the sand: one for the feet, one for the face.',
                        'inside' => 'Feel the hips aim with the feet.',
                        'sound' => 'Thud on the line of the feet.',
                    ],
                    'Stop opening one without the other.',
                    ['walk_round', 'splash_line'],
                    'Start direction within 4° of the target',
                ),
                'If it were something else, balls would start on line.',
                ['aim'],
                unless: static fn(Task $task): bool => $task->lie === Lie::SandThin || $task->lie === Lie::SandPlugged,
                spoilsStrikes: false,
            ),
            new Cause(
                'sand_stands_far',
                'Too far from the ball, hands high',
                self::SAND,
                false,
                [
                    new Seen(Observable::BallDistance, ['far'], Strength::Strong),
                    new Seen(Observable::HandleHeight, ['high'], Strength::Medium, neutral: ['normal']),
                ],
                new Mechanism(
                    touchMm: -10,
                    touchSdMm: 24,
                    depthMm: -0.8,
                    noContact: 0.06,
                    traits: [BallTrait::SandToLeadSide->value => 0.2],
                ),
                new Cure(
                    Effort::Setup,
                    [],
                    'Half a step closer, hands lower.',
                    [
                        'outside' => 'The grip end sits a hand above the knee.',
                        'inside' => 'Feel the arms hang.',
                        'sound' => 'A fuller thud.',
                    ],
                    'Stop reaching for the ball.',
                    ['across_the_feet', 'splash_line', 'thin_pop', 'edge_in'],
                    'Marks deeper and shorter',
                ),
                'If it were something else, the marks would stay shallow from closer.',
                ['too far away', 'reaching'],
            ),
        ];
    }
}

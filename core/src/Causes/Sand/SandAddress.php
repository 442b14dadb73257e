<?php

declare(strict_types=1);

namespace LowPoint\Core\Causes\Sand;

use LowPoint\Core\Causes\Cause;
use LowPoint\Core\Causes\Clue\Balls;
use LowPoint\Core\Causes\Clue\FaceOffStance;
use LowPoint\Core\Causes\Clue\Figure;
use LowPoint\Core\Causes\Clue\OnlyAgainst;
use LowPoint\Core\Causes\Clue\OnlyFor;
use LowPoint\Core\Causes\Clue\Ramp;
use LowPoint\Core\Causes\Clue\Seen;
use LowPoint\Core\Causes\Clue\Together;
use LowPoint\Core\Causes\Cure;
use LowPoint\Core\Causes\CureContext;
use LowPoint\Core\Causes\Effort;
use LowPoint\Core\Causes\Strength;
use LowPoint\Core\Evidence\BallTrait;
use LowPoint\Core\Evidence\Observable;
use LowPoint\Core\Evidence\PatternFigure;
use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\Evidence\Task;
use LowPoint\Core\Strike\Lie;
use LowPoint\Core\Strike\Swing;

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
                    new OnlyAgainst(new Balls(BallTrait::SplashFarBehind, Strength::Medium)),
                    new Seen(Observable::FaceBackswing, ['looks_down', 'along_spine'], Strength::Weak),
                    new Balls(BallTrait::DeepMark, Strength::Medium),
                    new Balls(BallTrait::ShortOrLeftIn, Strength::Medium),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::FaceOpen,
                    'Open the face first, then take the grip.',
                    [
                        'outside' => 'The face looks at the sky all the way.',
                        'inside' => 'Feel the trail palm under the club.',
                        'sound' => 'A dull thud, no scrape.',
                    ],
                    'Stop squaring the face to the flag.',
                    ['sole_thump', 'sand_over_shoulder', 'splash_line'],
                    'Thud in eight of ten, ball out in the first third of the sand',
                    static fn(Swing $now, CureContext $with): Swing => $with->openToCard($now),
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
                [
                    new Ramp(Observable::FaceOpen, 3, 12, Strength::Strong),
                    new Balls(BallTrait::ThinOrSkip, Strength::Medium),
                    new Balls(BallTrait::Click, Strength::Weak),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::FaceOpen,
                    'Face a little shut, and aim to allow for it.',
                    [
                        'outside' => 'The leading edge slips under a coin.',
                        'inside' => 'Feel a chip, short and quiet.',
                        'sound' => 'A snip, not a clang.',
                    ],
                    'Stop opening the face on hard sand.',
                    ['thin_pop', 'splash_line'],
                    'No skips, six of ten out and on',
                    static fn(Swing $now, CureContext $with): Swing => $with->openToCard($now),
                ),
                'If it were something else, a shut face would skip as well.',
                ['skull', 'blade'],
                self::HARD,
            ),
            new Cause(
                'sand_ball_back',
                'Ball too far back',
                self::SAND,
                false,
                [
                    new Ramp(Observable::BallPosition, 75, 50, Strength::Strong),
                    new OnlyFor(new Figure(PatternFigure::MeanTouch, -30, 0, Strength::Medium)),
                    new Balls(BallTrait::ShortOrLeftIn, Strength::Medium),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::BallPosition,
                    'Ball opposite the lead heel.',
                    [
                        'outside' => 'Draw a line from the ball to the lead heel.',
                        'inside' => 'Feel the ball ahead of the chest.',
                        'sound' => 'A dull thud.',
                    ],
                    'Stop playing it from the middle.',
                    ['walk_round', 'splash_line'],
                    'Splash begins behind the ball and ends past it',
                    static fn(Swing $now, CureContext $with): Swing => $with->ballToCard($now),
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
                    new Together(Strength::Strong, new Ramp(Observable::BallPosition, 105, 125, Strength::Strong), new Ramp(Observable::StanceOpen, 10, 20, Strength::Strong)),
                    new OnlyFor(new Ramp(Observable::BallPosition, 105, 120, Strength::Medium)),
                    new Balls(BallTrait::SplashFarBehind, Strength::Medium),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::BallPosition,
                    'Open the stance by walking the feet round the ball.',
                    [
                        'outside' => 'The ball stays on the drawn mark while the feet walk.',
                        'inside' => 'Feel the ball stay at the lead heel.',
                        'sound' => 'Thud at the same spot.',
                    ],
                    'Stop stepping away from the ball when you open up.',
                    ['walk_round', 'splash_line'],
                    'Ball position within 5 % in five of five',
                    static fn(Swing $now, CureContext $with): Swing => $with->ballToCard($now),
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
                    new Seen(Observable::Release, ['held_off'], Strength::Strong, neutral: ['matched']),
                    new Balls(BallTrait::DeepMark, Strength::Medium),
                    new Balls(BallTrait::Scrape, Strength::Medium),
                    new Balls(BallTrait::ShortOrLeftIn, Strength::Medium),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::ShaftLean,
                    'Hands level with the ball or a touch behind.',
                    [
                        'outside' => 'The grip end points at your middle.',
                        'inside' => 'Feel the clubhead pass the hands in the sand.',
                        'sound' => 'Thud, not scrape.',
                    ],
                    'Stop pushing the hands ahead.',
                    ['sole_thump', 'splash_line'],
                    'Thud in eight of ten, marks shallower',
                    static fn(Swing $now, CureContext $with): Swing => $with->leanToCard($now),
                ),
                'If it were something else, the sole would still dig with the hands level.',
                ['hands forward', 'dig'],
            ),
            new Cause(
                'sand_weight_trail',
                'Weight not on the lead foot',
                self::SAND,
                true,
                [
                    new Ramp(Observable::LeadWeight, 55, 42, Strength::Strong),
                    new Ramp(Observable::ImpactWeight, 55, 42, Strength::Strong),
                    new OnlyFor(new Balls(BallTrait::SplashFarBehind, Strength::Medium)),
                    new OnlyFor(new Balls(BallTrait::ThinOrSkip, Strength::Medium)),
                    new OnlyAgainst(new Figure(PatternFigure::TouchScatter, 30, 45, Strength::Medium)),
                    new OnlyAgainst(new Balls(BallTrait::DeepMark, Strength::Medium)),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::LeadWeight,
                    'Weight on the lead foot, and it stays there.',
                    [
                        'outside' => 'The lead foot leaves the deeper print.',
                        'inside' => 'Feel the lead thigh work.',
                        'sound' => 'Thud just behind the ball.',
                    ],
                    'Stop leaning back to help it over the lip.',
                    ['splash_line', 'still_head'],
                    'Entry within 3 to 6 cm behind the ball',
                    static fn(Swing $now, CureContext $with): Swing => $with->weightToCard($now),
                ),
                'If it were something else, the entry would stay behind with the lead foot loaded.',
                ['weight back', 'leaning back'],
            ),
            new Cause(
                'sand_mismatch',
                'Face and stance do not match',
                self::SAND,
                false,
                [
                    new FaceOffStance(10, 25, Strength::Medium),
                    new Figure(PatternFigure::StartOffFaceAndStance, 4, 12, Strength::Medium),
                ],
                new Cure(
                    Effort::Setup,
                    Observable::StanceOpen,
                    'Open the stance as much as the face.',
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
                    new Balls(BallTrait::ShallowMark, Strength::Weak),
                ],
                new Cure(
                    Effort::Setup,
                    null,
                    'Half a step closer, hands lower.',
                    [
                        'outside' => 'The grip end sits a hand above the knee.',
                        'inside' => 'Feel the arms hang.',
                        'sound' => 'A fuller thud.',
                    ],
                    'Stop reaching for the ball.',
                    ['across_the_feet', 'splash_line'],
                    'Marks deeper and shorter',
                ),
                'If it were something else, the marks would stay shallow from closer.',
                ['too far away', 'reaching'],
            ),
        ];
    }
}

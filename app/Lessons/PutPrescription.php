<?php

declare(strict_types=1);

namespace App\Lessons;

use LowPoint\Core\InvalidInput;
use LowPoint\Core\Prescription\CoachsCard;
use LowPoint\Core\Prescription\Proposal;
use LowPoint\Core\Prescription\SetFigure;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Records\Within;

/** What a coach hands out. */
#[Schema('PutPrescription')]
final readonly class PutPrescription
{
    /** Characters of a feel or a sentence. */
    public const LONGEST_TEXT = 500;

    /**
     * @param  list<string>  $drills  those proposed, any other of the shot, or the coach's own
     * @param  list<SetFigure>|null  $figures
     * @param  array<string, array<array-key, mixed>>|null  $goals
     * @param  array<array-key, mixed>|null  $from
     *
     * @throws InvalidInput where a figure stands there twice
     */
    public function __construct(
        #[Id]
        public string $setId,
        #[Text('Cause', 60)]
        public string $cause,
        #[Text('Feel', self::LONGEST_TEXT, filled: true)]
        public string $feel,
        #[Items(new Text('Drill', 60), most: Proposal::MOST_DRILLS, distinct: true)]
        public array $drills,
        #[Items(SetFigure::class, most: CoachsCard::MOST_FIGURES), Key('Other figures than those proposed.')]
        public ?array $figures = null,
        #[Text('Sentence', self::LONGEST_TEXT), Key('Of the coach, for the student to read.')]
        public ?string $sentence = null,
        #[Within(new Open('GoalChoice'), most: Proposal::MOST_DRILLS), Key('Drill => what the coach made of dose and pass mark.')]
        public ?array $goals = null,
        #[Open('FromDevice'), Key(PutBall::FROM)]
        public ?array $from = null,
    ) {
        SetFigure::eachOnce($figures ?? []);
    }
}

<?php

declare(strict_types=1);

namespace LowPoint\Core\Prescription;

use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** What a coach hands out in his own way for one shot: any set-up figures, a feel, drills; kept to be offered again. */
#[Schema('PutOwnCard')]
final readonly class CoachsCard
{
    public const MOST_FIGURES = 6;

    /**
     * @param  list<SetFigure>  $figures  in the order in which they are taken
     * @param  list<string>  $drills  ids
     *
     * @throws InvalidInput where a figure stands there twice
     */
    public function __construct(
        #[Text('Name', 60, filled: true)]
        public string $name,
        public Shot $shot,
        #[Items(SetFigure::class, most: self::MOST_FIGURES)]
        public array $figures,
        #[Text('Feel', 500, filled: true)]
        public string $feel,
        #[Items(new Text('Drill', 60), most: Proposal::MOST_DRILLS, what: 'ids of drills')]
        public array $drills,
    ) {
        SetFigure::eachOnce($figures);
    }
}

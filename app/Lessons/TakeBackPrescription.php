<?php

declare(strict_types=1);

namespace App\Lessons;

use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** What was handed out by mistake: it is taken back only where it still stands, so that asking twice does no harm. */
#[Schema('TakeBackPrescription')]
final readonly class TakeBackPrescription
{
    /** Cards of earlier versions held more drills than are handed out now. */
    private const MOST_DRILLS = 9;

    /**
     * @param  list<string>  $drills
     * @param  array<array-key, mixed>|null  $from
     */
    public function __construct(
        #[Text('Cause', 60)]
        public string $cause,
        #[Text('Feel', PutPrescription::LONGEST_TEXT, filled: true)]
        public string $feel,
        #[Items(new Text('Drill', 60), most: self::MOST_DRILLS)]
        public array $drills,
        #[Open('FromDevice'), Key(PutBall::FROM)]
        public ?array $from = null,
    ) {}
}

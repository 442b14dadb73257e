<?php

declare(strict_types=1);

namespace App\Students;

use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Club\Handedness;
use LowPoint\Core\Evidence\Limit;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Named;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\ShotChoice\Ground;
use LowPoint\Core\Wording\Language;
use LowPoint\Core\Wording\Units;

/** A student as the coach enters him. */
#[Schema('PutStudent')]
final readonly class PutStudent
{
    /**
     * @param  list<Limit>  $limits  what the body asks to be minded
     * @param  list<Club>|null  $bag
     */
    public function __construct(
        #[Text('Name', 200, filled: true)]
        public string $name,
        public Handedness $handed,
        #[Items(new Named('Limit', Limit::class), most: 9, distinct: true)]
        public array $limits,
        #[Text('About', 500)]
        public ?string $about = null,
        public ?Units $units = null,
        #[Key('Of the student\'s page; null = as his device says.')]
        public ?Language $language = null,
        #[Number('A step', 'm', Ground::STEPS_M[0], Ground::STEPS_M[1]), Key('Length of his step, m; null = as anybody\'s.')]
        public ?float $stepM = null,
        #[Items(Club::class, most: Bag::MOST, least: 1), Key('His own clubs; null = the coach\'s; absent = as it is.')]
        public ?array $bag = null,
        #[Key('Not coming at present; left as it is where it is not said.')]
        public ?bool $inactive = null,
    ) {}
}

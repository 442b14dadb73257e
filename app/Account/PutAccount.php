<?php

declare(strict_types=1);

namespace App\Account;

use LowPoint\Core\Club\Bag;
use LowPoint\Core\Club\Club;
use LowPoint\Core\Drills\DrillLibrary;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Flag;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Wording\Units;

/** What a coach says of himself, and how he likes to begin. */
#[Schema('PutAccount')]
final readonly class PutAccount
{
    /**
     * @param  list<Club>|null  $bag
     * @param  array<array-key, mixed>|null  $usual
     * @param  list<string>|null  $equipment
     *
     * @throws InvalidInput for equipment that no drill knows, and a time zone that is none
     */
    public function __construct(
        #[Text('Name', 200, filled: true)]
        public string $name,
        public Units $units,
        #[Items(Club::class, most: Bag::MOST, least: 1), Key('Null = the usual clubs; absent = as it is.')]
        public ?array $bag = null,
        #[Open('Usual'), Key('How he begins with each shot.')]
        public ?array $usual = null,
        #[Items(new Text('Equipment', 100), most: 40, distinct: true), Key('At hand, in the words of the drills; null = all of it.')]
        public ?array $equipment = null,
        #[Text('Time zone', 60), Key('As "Europe/Berlin"; null = as his device.')]
        public ?string $timezone = null,
        #[Number('First day of the week', '', 1, 7, whole: true), Key('1 = Monday.')]
        public ?int $weekStarts = null,
        public ?bool $keepsStills = null,
        #[Flag, Key('He says what he thinks before a reading is shown.')]
        public ?bool $asksFirst = null,
    ) {
        foreach ($equipment ?? [] as $i => $one) {
            if (! \in_array($one, DrillLibrary::standard()->equipment(), true)) {
                throw InvalidInput::one("equipment[{$i}]", $one, implode(', ', DrillLibrary::standard()->equipment()));
            }
        }
        if ($timezone !== null && ! \in_array($timezone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)) {
            throw InvalidInput::one('timezone', $timezone, 'a time zone such as Europe/Berlin');
        }
    }
}

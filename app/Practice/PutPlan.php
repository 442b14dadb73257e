<?php

declare(strict_types=1);

namespace App\Practice;

use LowPoint\Core\Practice\WeeklyPlan;
use LowPoint\Core\Records\Flag;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;
use LowPoint\Core\Records\Within;

/** The days, the grounds and the equipment a student has; whether a plan comes out of it is said by the core. */
#[Schema('PutPlan')]
final readonly class PutPlan
{
    /**
     * @param  array<int, int>  $days
     * @param  list<string>  $grounds
     * @param  list<string>|null  $equipment
     */
    public function __construct(
        #[Within(new Number('', 'minutes', WeeklyPlan::MINUTES[0], WeeklyPlan::MINUTES[1], whole: true), most: 7)]
        #[Key('Weekday, 1 = Monday => minutes.')]
        public array $days,
        #[Items(new Text('Ground', 30), most: 4)]
        public array $grounds,
        #[Number('Weeks', 'weeks', 1, 8, whole: true)]
        public int $weeks,
        #[Moment(Moment::YEARS)]
        public \DateTimeImmutable $from,
        #[Items(new Text('Equipment', 100), most: 40), Key('Null: whatever a drill asks for.')]
        public ?array $equipment = null,
        #[Flag, Key('Each visit that is long enough ends on a game, so that it holds on the course.')]
        public bool $game = true,
    ) {}
}

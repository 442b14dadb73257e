<?php

declare(strict_types=1);

namespace LowPoint\Core\Drills;

use LowPoint\Core\Evidence\Shot;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Items;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/** A drill of a coach's own: text, dose, scoring, and a picture from a few parts. */
#[Schema('PutOwnDrill', nulls: false)]
final readonly class CoachsDrill
{
    public const MOST_PARTS = 6;

    public const MOST_STEPS = 8;

    /** Where a new drill starts. Origin: chosen by us, as most drills of the library are. */
    public const FIRST_GOAL = ['kind' => 'count', 'need' => 7, 'of' => 10, 'sets' => 2, 'balls' => 10, 'minutes' => 8];

    /**
     * @param  list<string>  $steps
     * @param  array<array-key, mixed>  $goal  as Goal reads it
     * @param  list<OwnPart>  $parts
     *
     * @throws InvalidInput for a goal that cannot be
     */
    public function __construct(
        #[Text('Name', 60, filled: true)]
        public string $name,
        #[Text('Purpose', 200, filled: true)]
        public string $purpose,
        #[Items(new Text('Step', 300, filled: true), most: self::MOST_STEPS, least: 1)]
        public array $steps,
        #[Open('GoalChoice')]
        public array $goal,
        #[Items(OwnPart::class, most: self::MOST_PARTS), Key(always: true)]
        public array $parts = [],
    ) {
        Goal::read($goal);
    }

    /** @param string $id in results and plans */
    public function drill(string $id): Drill
    {
        $of = Goal::read($this->goal);

        return new Drill(
            $id,
            $this->name,
            $this->purpose,
            Shot::cases(),
            [],
            ['grass', 'sand', 'mat', 'none'],
            $this->steps,
            ['sets' => $of->sets, 'balls' => $of->balls, 'minutes' => $of->minutes],
            ['kind' => $of->kind, 'need' => $of->need, 'of' => $of->of, 'text' => ''],
            'Fewer balls, half the speed.',
            'Another target each time.',
            '',
            Skill::Own,
            parts: array_map(static fn(OwnPart $part): array => $part->shape(), $this->parts),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\BallSet;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Records\Id;
use LowPoint\Core\Records\Key;
use LowPoint\Core\Records\Moment;
use LowPoint\Core\Records\Number;
use LowPoint\Core\Records\Open;
use LowPoint\Core\Records\Schema;
use LowPoint\Core\Records\Text;

/**
 * One run of a drill; what it came to is said by the core.
 *
 * @phpstan-type AttemptsShape list<bool|float|array{float, float}>
 */
#[Schema('PutResult')]
final readonly class PutResult
{
    private const MOST_ATTEMPTS = 200;

    /**
     * @param  array<array-key, mixed>  $goal
     * @param  array<array-key, mixed>  $attempts
     *
     * @throws InvalidInput where there are too many attempts
     */
    public function __construct(
        #[Text('Drill', 60)]
        public string $drill,
        #[Open('GoalChoice'), Key('As handed out.')]
        public array $goal,
        #[Open('Attempts'), Key('Hits and misses, [target, carry] pairs in m, or seconds.')]
        public array $attempts,
        #[Moment]
        public \DateTimeImmutable $doneAt,
        #[Id, Key('The visit of the plan it belongs to.')]
        public ?string $session = null,
        #[Number('Confidence', 'of 10', 1, BallSet::MOST_SURE, whole: true)]
        public ?int $confidence = null,
        #[Text('Note', 500)]
        public ?string $note = null,
    ) {
        if (! array_is_list($attempts) || \count($attempts) > self::MOST_ATTEMPTS) {
            throw InvalidInput::one('attempts', \count($attempts), 'a list of at most '.self::MOST_ATTEMPTS);
        }
    }
}
